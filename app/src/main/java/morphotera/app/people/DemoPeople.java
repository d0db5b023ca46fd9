package morphotera.app.people;

import java.util.List;
import java.util.UUID;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** Adds the made-up people of the demo, all with the demo's password. */
@Component
public class DemoPeople {
    private final PeopleMapper people;
    private final PasswordEncoder passwords;
    private final DemoLogins demo;
    /** Costly by intent, and the same for all of them. */
    private String hash;

    DemoPeople(PeopleMapper people, PasswordEncoder passwords, DemoLogins demo) {
        this.people = people;
        this.passwords = passwords;
        this.demo = demo;
    }

    public void add(UUID id, UUID practiceId, String email, String name, Role role, List<UUID> holdings) {
        if (hash == null) {
            hash = passwords.encode(demo.password());
        }
        people.add(new Person(id, practiceId, email, name, role.word(), hash, 1));
        holdings.forEach(holding -> people.addHolding(id, holding));
    }
}
