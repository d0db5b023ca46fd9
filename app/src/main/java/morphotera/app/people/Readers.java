package morphotera.app.people;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** The growers of a holding: who reads it, and in which units. */
@Service
public class Readers {
    private final PeopleMapper people;

    Readers(PeopleMapper people) {
        this.people = people;
    }

    public record Reader(String name, Units units) {}

    public List<Reader> of(Viewer viewer, UUID holdingId) {
        return people.readersOf(holdingId, viewer.practiceId()).stream()
                .map(one -> new Reader(one.name(), Units.of(one.units())))
                .toList();
    }
}
