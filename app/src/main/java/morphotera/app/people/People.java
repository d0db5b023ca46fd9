package morphotera.app.people;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.api.NotFound;
import morphotera.app.api.Stale;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of a practice: a changed role, a removed person, a new password act at once. */
@Service
class People {
    private static final String OWNER = Role.OWNER.word();

    private final PeopleMapper people;
    private final PasswordEncoder passwords;
    private final Sessions sessions;

    People(PeopleMapper people, PasswordEncoder passwords, Sessions sessions) {
        this.people = people;
        this.passwords = passwords;
        this.sessions = sessions;
    }

    List<PeopleController.PersonView> all(Viewer owner) {
        Map<UUID, List<UUID>> holdings = people.holdingsOfPractice(owner.practiceId()).stream()
                .collect(Collectors.groupingBy(
                        PeopleMapper.PersonHolding::personId,
                        Collectors.mapping(PeopleMapper.PersonHolding::holdingId, Collectors.toList())));
        return people.ofPractice(owner.practiceId()).stream()
                .map(person -> view(person, holdings.getOrDefault(person.id(), List.of())))
                .toList();
    }

    Optional<Person> byEmail(String email) {
        return people.byEmail(email);
    }

    Person person(UUID id) {
        return people.byId(id).orElseThrow();
    }

    Units units(UUID id) {
        return Units.of(people.units(id));
    }

    @Transactional
    public void setUnits(UUID id, Units units) {
        people.setUnits(id, units.kept());
    }

    PeopleMapper.Practice practice(UUID id) {
        return people.practice(id);
    }

    /** Whether nobody has begun a practice yet. */
    boolean isEmpty() {
        return people.practices() == 0;
    }

    /** The practice and the owner it begins with; two at one moment come one after the other. */
    @Transactional
    public Person firstOwner(SessionController.FirstOwner body) {
        people.lockInstallation();
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
                OWNER,
                passwords.encode(body.password()),
                1);
        people.add(owner);
        return owner;
    }

    /** Ends the person's other sessions with it. */
    @Transactional
    public void setPassword(UUID id, String password, HttpServletRequest here) {
        people.setPassword(id, passwords.encode(password));
        sessions.endOthers(id, here);
    }

    @Transactional
    public PeopleController.PersonView put(Viewer owner, UUID id, PeopleController.PersonBody body) {
        // One change of a practice's people after the other: the last owner stays one.
        people.lockPractice(owner.practiceId());
        Optional<Person> known = people.byId(id);
        if (known.isPresent() && !known.get().practiceId().equals(owner.practiceId())) {
            throw new NotFound("person", id);
        }
        List<UUID> holdings = "reader".equals(body.role())
                ? body.holdingIds().stream().distinct().toList()
                : List.of();
        checkHoldings(owner, holdings);
        checkAddress(id, body.email());
        if (known.isPresent() && known.get().role().equals(OWNER) && !OWNER.equals(body.role())) {
            checkNotLast(owner, "/role");
        }
        String hash = body.password() != null
                ? passwords.encode(body.password())
                : known.map(Person::passwordHash).orElseThrow(() -> new NotFound("person", id));
        Person person = new Person(
                id, owner.practiceId(), body.email().strip(), body.name().strip(), body.role(), hash, body.version());
        if (known.isEmpty()) {
            people.add(new Person(id, owner.practiceId(), person.email(), person.name(), person.role(), hash, 1));
        } else if (people.update(person) != 1) {
            throw new Stale("Somebody changed this person meanwhile.", view(known.get(), people.holdingsOf(id)));
        }
        people.clearHoldings(id);
        holdings.forEach(holding -> people.addHolding(id, holding));
        if (known.isPresent() && (body.password() != null || !known.get().role().equals(body.role()))) {
            sessions.endOthers(id, null);
        }
        return view(people.byId(id).orElseThrow(), holdings);
    }

    /** Gone from the practice, and by name in what they did. */
    @Transactional
    public void remove(Viewer owner, UUID id, int version) {
        people.lockPractice(owner.practiceId());
        Person known = people.byId(id)
                .filter(person -> person.practiceId().equals(owner.practiceId()))
                .orElseThrow(() -> new NotFound("person", id));
        if (known.role().equals(OWNER)) {
            checkNotLast(owner, "");
        }
        if (people.remove(id, owner.practiceId(), version) != 1) {
            throw new Stale("Somebody changed this person meanwhile.", view(known, people.holdingsOf(id)));
        }
        people.clearHoldings(id);
        sessions.endOthers(id, null);
    }

    private void checkHoldings(Viewer owner, List<UUID> holdings) {
        if (!holdings.isEmpty() && people.holdingsInPractice(owner.practiceId(), holdings) != holdings.size()) {
            throw refused("/holdingIds", "unknown-id", "One of these holdings is not here.");
        }
    }

    private void checkAddress(UUID id, String email) {
        Optional<Person> same = people.byEmail(email.strip());
        if (same.isPresent() && !same.get().id().equals(id)) {
            throw refused("/email", "taken", "This address has a login already.");
        }
    }

    private void checkNotLast(Viewer owner, String path) {
        if (people.owners(owner.practiceId()) < 2) {
            throw refused(path, "last-owner", "A practice keeps one owner at least: make another one first.");
        }
    }

    private static Refused refused(String path, String code, String text) {
        return new Refused(List.of(new Refusal(path, code, text)));
    }

    private static PeopleController.PersonView view(Person person, List<UUID> holdings) {
        return new PeopleController.PersonView(
                person.id(), person.name(), person.email(), person.role(), holdings, person.version());
    }
}
