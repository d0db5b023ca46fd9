package morphotera.app.together;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** Who stands at which spot of a visit; it is true for two minutes and kept nowhere. */
@Component
class Presence {
    private static final Duration HOLDS = Duration.ofMinutes(2);

    record Stands(UUID personId, String name, UUID spotId, Instant since) {}

    private record Where(UUID visitId, UUID personId) {}

    private final Map<Where, Stands> stands = new ConcurrentHashMap<>();
    private final Clock clock;

    Presence(Clock clock) {
        this.clock = clock;
    }

    void at(UUID visitId, UUID personId, String name, UUID spotId) {
        stands.put(new Where(visitId, personId), new Stands(personId, name, spotId, clock.instant()));
    }

    List<Stands> of(UUID visitId) {
        Instant oldest = clock.instant().minus(HOLDS);
        stands.values().removeIf(one -> one.since().isBefore(oldest));
        return stands.entrySet().stream()
                .filter(entry -> entry.getKey().visitId().equals(visitId))
                .map(Map.Entry::getValue)
                .toList();
    }
}
