package morphotera.app.people;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.api.NotFound;
import morphotera.app.api.Stale;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** An owner keeps the people of the practice. */
@RestController
class PeopleController {
    private final PeopleMapper people;
    private final PasswordEncoder passwords;

    PeopleController(PeopleMapper people, PasswordEncoder passwords) {
        this.people = people;
        this.passwords = passwords;
    }

    /** {@code password} null keeps the one there is; a reader names holdings. */
    record PersonBody(
            String name,
            String email,
            String role,
            @Nullable String password,
            @Nullable List<UUID> holdingIds,
            int version)
            implements Checked {
        @Override
        public void check(Findings findings) {
            findings.text("/name", name, "A name", 120);
            findings.needed("/role", role, "A role");
            findings.word("/role", role, "role", List.of("owner", "adviser", "reader"));
            Passwords.check(findings, email, password == null ? "kept-as-it-is" : password);
            if (version == 0) {
                Passwords.checkNew(findings, password);
            }
            if ("reader".equals(role) && (holdingIds == null || holdingIds.isEmpty())) {
                findings.refuse("/holdingIds", "missing", "Name the holdings this reader may see.");
            }
        }
    }

    record PersonView(UUID id, String name, String email, String role, List<UUID> holdingIds, int version) {}

    @GetMapping("/api/people")
    List<PersonView> people() {
        Viewer viewer = Viewer.owner();
        Map<UUID, List<UUID>> holdings = people.holdingsOfPractice(viewer.practiceId()).stream()
                .collect(Collectors.groupingBy(
                        PeopleMapper.PersonHolding::personId,
                        Collectors.mapping(PeopleMapper.PersonHolding::holdingId, Collectors.toList())));
        return people.ofPractice(viewer.practiceId()).stream()
                .map(person -> view(person, holdings.getOrDefault(person.id(), List.of())))
                .toList();
    }

    @PutMapping("/api/people/{id}")
    @Transactional
    public PersonView put(@PathVariable UUID id, @RequestBody PersonBody body) {
        Viewer viewer = Viewer.owner();
        Optional<Person> known = people.byId(id);
        if (known.isPresent() && !known.get().practiceId().equals(viewer.practiceId())) {
            throw new NotFound("person", id);
        }
        List<UUID> holdings = "reader".equals(body.role()) ? body.holdingIds() : List.of();
        if (!holdings.isEmpty()
                && people.holdingsInPractice(viewer.practiceId(), holdings)
                        != holdings.stream().distinct().count()) {
            throw new Refused(List.of(new Refusal("/holdingIds", "unknown-id", "One of these holdings is not here.")));
        }
        Optional<Person> same = people.byEmail(body.email().strip());
        if (same.isPresent() && !same.get().id().equals(id)) {
            throw new Refused(List.of(new Refusal("/email", "taken", "This address has a login already.")));
        }
        if (id.equals(viewer.personId()) && !"owner".equals(body.role())) {
            throw new Refused(List.of(new Refusal("/role", "last-owner", "You cannot take the keys from yourself.")));
        }
        String hash = body.password() != null
                ? passwords.encode(body.password())
                : known.map(Person::passwordHash).orElseThrow(() -> new NotFound("person", id));
        Person person = new Person(
                id, viewer.practiceId(), body.email().strip(), body.name().strip(), body.role(), hash, body.version());
        if (known.isEmpty()) {
            people.add(new Person(id, viewer.practiceId(), person.email(), person.name(), person.role(), hash, 1));
        } else if (people.update(person) != 1) {
            throw new Stale("Somebody changed this person meanwhile.", view(known.get(), people.holdingsOf(id)));
        }
        people.clearHoldings(id);
        holdings.stream().distinct().forEach(holding -> people.addHolding(id, holding));
        return view(people.byId(id).orElseThrow(), holdings);
    }

    private static PersonView view(Person person, List<UUID> holdings) {
        return new PersonView(
                person.id(),
                person.name(),
                person.email(),
                Coded.of(Role.values(), person.role()).word(),
                holdings,
                person.version());
    }
}
