package morphotera.app.people;

import java.util.UUID;
import org.springframework.stereotype.Component;

/** What people are called. */
@Component
public class Names {
    private final PeopleMapper people;

    Names(PeopleMapper people) {
        this.people = people;
    }

    public String of(UUID person) {
        return people.byId(person).map(Person::name).orElse("");
    }
}
