package morphotera.app.people;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Whoever asks without signing in, by a key of their own: what they may is looked up as for anybody else. */
@Component
public class Viewers {
    private final SignedIn signedIn;

    Viewers(SignedIn signedIn) {
        this.signedIn = signedIn;
    }

    /** None where the person was removed. */
    public Optional<Viewer> of(UUID person) {
        return signedIn.viewer(person);
    }
}
