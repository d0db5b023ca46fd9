package morphotera.app.people;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Whoever asks without signing in, by a key of their own: what they may is looked up as for anybody else. */
@Component
public class Viewers {
    private final SignedIn signedIn;
    private final PeopleMapper people;

    Viewers(SignedIn signedIn, PeopleMapper people) {
        this.signedIn = signedIn;
        this.people = people;
    }

    /** None where the person was removed. */
    public Optional<Viewer> of(UUID person) {
        return signedIn.viewer(person);
    }

    /** Somebody of the owner's practice, who may have been removed since, as the adviser they were; none for anybody else. */
    public Optional<Viewer> onBehalfOf(UUID person, Viewer owner) {
        return owner.role() == Role.OWNER && people.wasInPractice(person, owner.practiceId()) > 0
                ? Optional.of(new Viewer(person, owner.practiceId(), Role.ADVISER, null))
                : Optional.empty();
    }
}
