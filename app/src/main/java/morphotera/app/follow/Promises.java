package morphotera.app.follow;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import morphotera.app.api.Json;
import morphotera.app.land.Field;
import morphotera.app.land.Zone;
import morphotera.app.measure.Reading;
import morphotera.app.measure.Readings;
import morphotera.app.people.Viewer;
import morphotera.app.tables.PracticeSheets;
import morphotera.decide.remedies.LimedRise;
import morphotera.decide.sheets.Sheets;
import morphotera.follow.Forecast;
import morphotera.follow.promises.Promise;
import morphotera.ground.Nullable;
import morphotera.ground.TextureGroup;
import morphotera.measure.Site;
import org.springframework.stereotype.Service;
import tools.jackson.core.type.TypeReference;

/** What was done promised something: fixed with what was known that day, and held against what was read since. */
@Service
public class Promises {
    private static final double DAYS_IN_YEAR = 365.25;
    /** Years after it was done at which a band is drawn. */
    private static final double[] YEARS = {0, 0.5, 1, 1.5, 2, 3, 4, 5};

    private static final TypeReference<Map<String, Object>> INPUT = new TypeReference<>() {};

    private static final int MOST_REMEMBERED = 2000;

    /** What a band is drawn from, whole: the same always draws the same, so that it is drawn once. */
    private record Drawn(String forecast, String measure, String inputJson, List<Promise.Observed> observed) {}

    private final Cache<Drawn, Forecast.Result> drawn =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    private final PromiseMapper promises;
    private final Readings readings;
    private final PracticeSheets sheets;
    private final Json json;

    Promises(PromiseMapper promises, Readings readings, PracticeSheets sheets, Json json) {
        this.promises = promises;
        this.readings = readings;
        this.sheets = sheets;
        this.json = json;
    }

    public record Point(LocalDate day, double low, double middle, double high) {}

    /** @param place inside, above or below the band; {@code ask} says what to ask then */
    public record Outcome(UUID visit, LocalDate day, double value, Forecast.Held place, String ask) {}

    /** A band over time in a measure of a zone; {@code adviser}: who promised it, null where that was not kept. */
    public record Band(
            UUID intervention,
            UUID zone,
            String forecast,
            String measure,
            String unit,
            @Nullable String adviser,
            List<Point> points,
            List<Outcome> outcomes) {}

    /** Fixes what an entry of the log promises for each zone it touches; what it promised before is forgotten. */
    void fix(Viewer viewer, Field field, Intervention done, Map<String, Object> inputs) {
        promises.forget(done.id());
        Map<UUID, List<Reading>> byVisit = readings.standing(viewer, field.id()).stream()
                .filter(one -> !one.visitDay().isAfter(done.doneOn()))
                .collect(Collectors.groupingBy(Reading::visitId, LinkedHashMap::new, Collectors.toList()));
        for (Zone zone : field.zones()) {
            if (!done.touches(zone.id())) {
                continue;
            }
            Map<String, Promise.Read> known = new HashMap<>();
            // Oldest first: what was read later stands in the place of what was read before.
            byVisit.values().forEach(ofVisit -> known.putAll(Measured.of(field, zone, ofVisit)));
            Map<String, Object> all = new HashMap<>(inputs);
            limed(field, zone, done, known, sheets.of(viewer)).ifPresent(target -> all.putIfAbsent("phTarget", target));
            Promise.of(done.kind(), all, known::get)
                    .ifPresent(promise -> promises.add(new PromiseMapper.Row(
                            done.id(),
                            zone.id(),
                            promise.forecast(),
                            promise.measure(),
                            json.write(promise.input()),
                            viewer.personId())));
        }
    }

    /** The pH that so much lime is reckoned to come to; empty where carbon, clay or the amount is not known. */
    private static Optional<Double> limed(
            Field field, Zone zone, Intervention done, Map<String, Promise.Read> known, Sheets sheets) {
        Site site = field.site();
        Site.Zone where = site.zone(zone.id().toString()).orElseThrow();
        Double clay = site.clayOf(where);
        TextureGroup texture = site.textureGroupOf(where);
        Promise.Read carbon = known.get(Measured.CARBON);
        Promise.Read ph = known.get(Promise.TOPSOIL_PH);
        boolean said = done.kind().equals("lime") && done.amount() != null && "t/ha".equals(done.unit());
        if (!said || clay == null || texture == null || carbon == null || ph == null) {
            return Optional.empty();
        }
        double rise =
                LimedRise.of(done.amount(), carbon.value(), clay, texture.densityGPerCm3(), done.depthCm(), sheets);
        return Optional.of(ph.value() + rise);
    }

    /** The bands of a zone, each with what was read after it was done. */
    public List<Band> bands(Viewer viewer, Field field, @Nullable UUID zone) {
        return bands(viewer, field, zone, () -> readings.standing(viewer, field.id()));
    }

    /** The same for who has read the field's readings already; asked for only where something was promised. */
    List<Band> bands(Viewer viewer, Field field, @Nullable UUID zone, Supplier<List<Reading>> standing) {
        List<PromiseMapper.OfField> rows = promises.ofField(viewer, field.id());
        if (rows.isEmpty()) {
            return List.of();
        }
        Map<UUID, List<Reading>> byVisit = standing.get().stream()
                .collect(Collectors.groupingBy(Reading::visitId, LinkedHashMap::new, Collectors.toList()));
        List<Band> bands = new ArrayList<>();
        for (PromiseMapper.OfField row : rows) {
            if (zone == null || zone.equals(row.zoneId())) {
                bands.add(band(field, row, byVisit));
            }
        }
        return bands;
    }

    private Band band(Field field, PromiseMapper.OfField row, Map<UUID, List<Reading>> byVisit) {
        Zone zone = field.zone(row.zoneId().toString());
        record Seen(UUID visit, LocalDate day, double value) {}
        List<Seen> seen = new ArrayList<>();
        byVisit.forEach((visit, all) -> {
            LocalDate day = all.get(0).visitDay();
            Promise.Read read =
                    day.isAfter(row.doneOn()) ? Measured.of(field, zone, all).get(row.measure()) : null;
            if (read != null) {
                seen.add(new Seen(visit, day, read.value()));
            }
        });
        seen.sort(Comparator.comparing(Seen::day));
        List<Promise.Observed> observed = seen.stream()
                .map(one -> new Promise.Observed(years(row.doneOn(), one.day()), one.value()))
                .toList();
        Forecast.Result result = drawn(new Drawn(row.forecast(), row.measure(), row.inputJson(), observed));
        List<Outcome> outcomes = new ArrayList<>();
        for (int i = 0; i < seen.size(); i++) {
            Forecast.Outcome held = result.outcomes().get(i);
            outcomes.add(new Outcome(seen.get(i).visit(), seen.get(i).day(), held.value(), held.held(), held.ask()));
        }
        return new Band(
                row.interventionId(),
                row.zoneId(),
                row.forecast(),
                row.measure(),
                result.unit(),
                row.adviser(),
                points(row.doneOn(), result),
                outcomes);
    }

    private Forecast.Result drawn(Drawn as) {
        return drawn.get(as, any -> {
            Promise promise = new Promise(as.forecast(), as.measure(), "score", json.read(as.inputJson(), INPUT));
            return promise.band(DoubleStream.of(YEARS).boxed().toList(), as.observed());
        });
    }

    /** A band that runs along years, from the day on which it begins. */
    public static List<Point> points(LocalDate from, Forecast.Result band) {
        return band.band().stream()
                .map(one -> new Point(
                        from.plusDays(Math.round(one.at() * DAYS_IN_YEAR)), one.low(), one.middle(), one.high()))
                .toList();
    }

    private static double years(LocalDate from, LocalDate to) {
        return (to.toEpochDay() - from.toEpochDay()) / DAYS_IN_YEAR;
    }

    /** The fields in which something promised anything. */
    public List<UUID> fields(Viewer viewer) {
        return promises.fields(viewer);
    }
}
