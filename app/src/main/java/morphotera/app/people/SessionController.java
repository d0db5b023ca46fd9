package morphotera.app.people;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.util.function.SingletonSupplier;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, and who am I; the first owner of an empty product. */
@RestController
class SessionController {
    private final People people;
    private final PasswordEncoder passwords;
    private final PasswordGuard guard;
    private final Sessions sessions;
    private final CsrfTokenRepository tokens;
    private final DemoLogins demo;
    private final Clock clock;
    /** Hashed against when the address is unknown, so that both answers cost the same; made at the first sign-in. */
    private final Supplier<String> nobodysHash;

    SessionController(
            People people,
            PasswordEncoder passwords,
            PasswordGuard guard,
            Sessions sessions,
            CsrfTokenRepository tokens,
            DemoLogins demo,
            Clock clock) {
        this.people = people;
        this.passwords = passwords;
        this.guard = guard;
        this.sessions = sessions;
        this.tokens = tokens;
        this.demo = demo;
        this.clock = clock;
        this.nobodysHash = SingletonSupplier.of(() -> passwords.encode("nobody"));
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
            Passwords.checkAddress(findings, email);
            Passwords.check(findings, "/password", email, password);
        }
    }

    record Me(
            UUID id,
            String name,
            String email,
            Role role,
            UUID practiceId,
            String practice,
            boolean madeUp,
            Units units) {}

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
                ? ResponseEntity.ok(me(people.person(viewer.personId())))
                : ResponseEntity.status(401).build();
    }

    @GetMapping("/api/welcome")
    Welcome welcome(@Parameter(hidden = true) CsrfToken token, @Parameter(hidden = true) Authentication signedIn) {
        token.getToken();
        return new Welcome(
                clock.instant(),
                signedIn != null && signedIn.getPrincipal() instanceof Viewer,
                people.isEmpty(),
                demo.logins(),
                demo.password());
    }

    @PostMapping("/api/session")
    Me signIn(@RequestBody SignIn body, HttpServletRequest request, HttpServletResponse response) {
        String email = body.email().strip().toLowerCase(Locale.ROOT);
        Optional<Person> person = people.byEmail(email);
        String hash = person.map(Person::passwordHash).orElseGet(nobodysHash);
        boolean right = guard.isRight(
                email, request.getRemoteAddr(), () -> passwords.matches(body.password(), hash) && person.isPresent());
        if (!right) {
            throw new Refused(List.of(new Refusal(
                    "/password", "wrong-password", "This e-mail address and password do not belong together.")));
        }
        begin(person.get(), request, response);
        return me(person.get());
    }

    record NewPassword(String old, String password) implements Checked {
        @Override
        public void check(Findings findings) {
            findings.text("/old", old, "The password you have now", 200);
            Passwords.check(findings, "/password", null, password);
        }
    }

    /** One's own; ends one's other sessions. */
    @PutMapping("/api/session/password")
    ResponseEntity<Void> password(@RequestBody NewPassword body, HttpServletRequest request) {
        Viewer viewer = Viewer.current();
        Person person = people.person(viewer.personId());
        boolean right = guard.isRight(
                person.email(), request.getRemoteAddr(), () -> passwords.matches(body.old(), person.passwordHash()));
        if (!right) {
            throw new Refused(List.of(new Refusal("/old", "wrong-password", "This is not the password you have now.")));
        }
        Findings findings = new Findings();
        Passwords.check(findings, "/password", person.email(), body.password());
        findings.throwIfAny();
        people.setPassword(person.id(), body.password(), request);
        return ResponseEntity.noContent().build();
    }

    /** One's own, on every device. */
    @PutMapping("/api/session/units")
    Units units(@RequestBody Units body) {
        people.setUnits(Viewer.current().personId(), body);
        return people.units(Viewer.current().personId());
    }

    @GetMapping("/api/sessions")
    List<Sessions.Place> sessions(HttpServletRequest request) {
        return sessions.of(Viewer.current().personId(), request);
    }

    @DeleteMapping("/api/sessions/{id}")
    ResponseEntity<Void> end(@PathVariable String id) {
        sessions.end(Viewer.current().personId(), id);
        return ResponseEntity.noContent().build();
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
    Me firstOwner(@RequestBody FirstOwner body, HttpServletRequest request, HttpServletResponse response) {
        Person owner = people.firstOwner(body);
        begin(owner, request, response);
        return me(owner);
    }

    /** A new session and a new token: ones that were known before sign-in are worth nothing. */
    private void begin(Person person, HttpServletRequest request, HttpServletResponse response) {
        sessions.begin(person.id(), request);
        tokens.saveToken(tokens.generateToken(request), request, response);
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
                practice.madeUp(),
                people.units(person.id()));
    }
}
