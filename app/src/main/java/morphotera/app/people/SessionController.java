package morphotera.app.people;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.api.Wait;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.http.ResponseEntity;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, and who am I; the first owner of an empty product. */
@RestController
class SessionController {
    private final PeopleMapper people;
    private final PasswordEncoder passwords;
    private final PasswordGuard guard;
    private final SecurityContextRepository contexts;
    private final DemoLogins demo;
    private final Clock clock;
    /** Hashed against when the address is unknown, so that both answers cost the same. */
    private final String nobodysHash;

    SessionController(
            PeopleMapper people,
            PasswordEncoder passwords,
            PasswordGuard guard,
            SecurityContextRepository contexts,
            DemoLogins demo,
            Clock clock) {
        this.people = people;
        this.passwords = passwords;
        this.guard = guard;
        this.contexts = contexts;
        this.demo = demo;
        this.clock = clock;
        this.nobodysHash = passwords.encode("nobody");
    }

    record SignIn(String email, String password) implements Checked {
        @Override
        public void check(Findings findings) {
            findings.text("/email", email, "Your e-mail address", 200);
            findings.text("/password", password, "Your password", 200);
        }
    }

    record FirstOwner(UUID practiceId, UUID personId, String practice, String name, String email, String password)
            implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/practiceId", practiceId, "An id");
            findings.needed("/personId", personId, "An id");
            findings.text("/practice", practice, "The practice's name", 120);
            findings.text("/name", name, "Your name", 120);
            Passwords.check(findings, email, password);
        }
    }

    record Me(UUID id, String name, String email, Role role, UUID practiceId, String practice, boolean madeUp) {}

    /** What a caller may know before signing in. */
    record Welcome(
            Instant now,
            boolean signedIn,
            boolean empty,
            List<String> demoLogins,
            @Nullable String demoPassword) {}

    @GetMapping("/api/session")
    ResponseEntity<Me> me(
            @Parameter(hidden = true) CsrfToken token, @Parameter(hidden = true) Authentication signedIn) {
        token.getToken();
        return signedIn != null && signedIn.getPrincipal() instanceof Viewer viewer
                ? ResponseEntity.ok(me(people.byId(viewer.personId()).orElseThrow()))
                : ResponseEntity.status(401).build();
    }

    @GetMapping("/api/welcome")
    Welcome welcome(@Parameter(hidden = true) CsrfToken token, @Parameter(hidden = true) Authentication signedIn) {
        token.getToken();
        return new Welcome(
                clock.instant(),
                signedIn != null && signedIn.getPrincipal() instanceof Viewer,
                people.practices() == 0,
                demo.logins(),
                demo.password());
    }

    @PostMapping("/api/session")
    Me signIn(@RequestBody SignIn body, HttpServletRequest request, HttpServletResponse response) {
        String email = body.email().strip().toLowerCase(Locale.ROOT);
        Duration wait = guard.wait(email);
        if (!wait.isZero()) {
            throw new Wait(wait.toSeconds() + 1);
        }
        Optional<Person> person = people.byEmail(email);
        boolean right = passwords.matches(
                body.password(), person.map(Person::passwordHash).orElse(nobodysHash));
        if (person.isEmpty() || !right) {
            guard.wrong(email);
            throw new Refused(List.of(new Refusal(
                    "/password", "wrong-password", "This e-mail address and password do not belong together.")));
        }
        guard.right(email);
        begin(person.get(), request, response);
        return me(person.get());
    }

    @DeleteMapping("/api/session")
    ResponseEntity<Void> signOut(HttpServletRequest request) {
        if (request.getSession(false) != null) {
            request.getSession(false).invalidate();
        }
        SecurityContextHolder.clearContext();
        return ResponseEntity.noContent().build();
    }

    @PostMapping("/api/first-owner")
    @Transactional
    public Me firstOwner(@RequestBody FirstOwner body, HttpServletRequest request, HttpServletResponse response) {
        if (people.practices() > 0) {
            throw new Refused(List.of(
                    new Refusal("", "not-empty", "There is a practice here already. Ask its owner for a login.")));
        }
        people.addPractice(body.practiceId(), body.practice().strip(), false);
        Person owner = new Person(
                body.personId(),
                body.practiceId(),
                body.email().strip(),
                body.name().strip(),
                Role.OWNER.word(),
                passwords.encode(body.password()),
                1);
        people.add(owner);
        begin(owner, request, response);
        return me(owner);
    }

    private void begin(Person person, HttpServletRequest request, HttpServletResponse response) {
        Role role = Coded.of(Role.values(), person.role());
        Viewer viewer = new Viewer(
                person.id(),
                person.practiceId(),
                role,
                role == Role.READER ? List.copyOf(people.holdingsOf(person.id())) : null);
        // A new session id, so that one known before sign-in is worth nothing.
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(viewer, null, List.of()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }

    private Me me(Person person) {
        PeopleMapper.Practice practice = people.practice(person.practiceId());
        return new Me(
                person.id(),
                person.name(),
                person.email(),
                Coded.of(Role.values(), person.role()),
                practice.id(),
                practice.name(),
                practice.madeUp());
    }
}
