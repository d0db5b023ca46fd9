package morphotera.app.devices;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** A laboratory: what it can be asked for, and its sheet of a bag once it has one. */
public interface Laboratory {
    /** @param cost of one sample, in the practice's currency */
    record Test(String id, String name, double cost) {}

    /**
     * A bag with the note that goes along.
     *
     * @param asked ids of tests
     * @param readInField what the sender read of the same soil, by quantity: {@code ph}, {@code ece}, {@code clayPercent}
     */
    record Bag(
            UUID id,
            double lat,
            double lon,
            double topCm,
            double bottomCm,
            List<String> asked,
            Map<String, Double> readInField,
            Instant sentAt) {}

    /** @param figures as a reading of the method {@code laboratory} holds them */
    record Sheet(Instant at, Map<String, Object> figures) {}

    /** Whose figures these are, in a few words. */
    String name();

    boolean isStandIn();

    List<Test> tests();

    /** When its sheet of this bag is likely to be there. */
    Instant likely(Bag bag);

    /** Empty while it works on it. */
    Optional<Sheet> sheet(Bag bag, Instant now);
}
