package morphotera.app.exchange.tables;

import java.util.UUID;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;

/** What goes out: all of a practice, a holding, or a visit with its field. */
public record Scope(
        What what,
        UUID practiceId,
        @Nullable UUID holdingId,
        @Nullable UUID fieldId,
        @Nullable UUID visitId) {

    public enum What implements Coded {
        PRACTICE,
        HOLDING,
        VISIT
    }
}
