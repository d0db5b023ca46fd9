package morphotera.app.follow;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Zone;
import morphotera.app.measure.Reading;
import morphotera.app.measure.Readings;
import morphotera.app.measure.TakenReadings;
import morphotera.app.people.Viewer;
import morphotera.app.read.Scores;
import morphotera.follow.ZoneTrend;
import morphotera.ground.Coded;
import morphotera.read.School;
import org.springframework.stereotype.Service;

/** Zones through their visits. Ten years of readings come to the same until something of their field is written: they are read once. */
@Service
class Trends {
    private static final double DAYS_IN_YEAR = 365.25;
    private static final int MOST_VISITS = 500;

    /** What a zone came to, and what was promised of it. */
    record Seen(ZoneTrend trend, List<Promises.Band> bands) {}

    private record As(UUID zone, long changes) {}

    private final Cache<As, Seen> seen = Caffeine.newBuilder()
            .maximumWeight(MOST_VISITS)
            .weigher((As as, Seen one) -> 1 + one.trend().visits().size())
            .build();

    private final Land land;
    private final Readings readings;
    private final Promises promises;

    Trends(Land land, Readings readings, Promises promises) {
        this.land = land;
        this.readings = readings;
        this.promises = promises;
    }

    /** Of a field as the viewer was shown it. */
    Seen of(Viewer viewer, Field field, Zone zone) {
        // Asked for first: what is written meanwhile is read under a number that nobody asks for again.
        As as = new As(zone.id(), land.changes(viewer, field.id()));
        return seen.get(as, any -> read(viewer, field, zone));
    }

    private Seen read(Viewer viewer, Field field, Zone zone) {
        List<Reading> standing = readings.standing(viewer, field.id());
        Map<UUID, List<Reading>> byVisit = standing.stream()
                .collect(Collectors.groupingBy(Reading::visitId, LinkedHashMap::new, Collectors.toList()));
        ZoneTrend trend = ZoneTrend.of(
                byVisit.entrySet().stream()
                        .map(entry -> new ZoneTrend.Made(
                                entry.getKey().toString(),
                                entry.getValue().get(0).visitDay().toEpochDay() / DAYS_IN_YEAR,
                                TakenReadings.of(Scores.standing(field, zone, entry.getValue()))))
                        .toList(),
                Coded.of(School.values(), field.school()),
                field.crop());
        return new Seen(trend, promises.bands(viewer, field, zone.id(), () -> standing));
    }
}
