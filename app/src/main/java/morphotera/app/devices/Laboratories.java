package morphotera.app.devices;

import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The laboratory that this server reaches, where it reaches one; the stand-in that ships is on in the demo alone. */
@Component
public class Laboratories {
    private final Optional<Laboratory> connected;

    Laboratories(@Value("${morphotera.demo}") boolean demo) {
        this.connected = demo ? Optional.of(new SimulatedLaboratory()) : Optional.empty();
    }

    public Optional<Laboratory> connected() {
        return connected;
    }
}
