package morphotera.app.decide;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import morphotera.app.follow.Measured;
import morphotera.app.follow.Promises;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Zone;
import morphotera.app.measure.Reading;
import morphotera.app.measure.Readings;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.decide.Called;
import morphotera.decide.CauseTable;
import morphotera.decide.Judgement;
import morphotera.decide.Plan;
import morphotera.follow.Forecast;
import morphotera.follow.promises.Promise;
import org.springframework.stereotype.Service;

/** What is known of the zones of a field when it was read last, for the rules and the forecasts of a plan. */
@Service
public class Grounds {
    /** Years after a step at which its band is drawn. */
    private static final List<Double> YEARS = List.of(0.0, 0.5, 1.0, 2.0, 3.0, 5.0);

    private static final Plan.Ground UNKNOWN = new Plan.Ground(null, null, null, null, null, null, false);

    private final Land land;
    private final Visits visits;
    private final Readings readings;
    private final Judgements judgements;
    private final Rulings rulings;

    Grounds(Land land, Visits visits, Readings readings, Judgements judgements, Rulings rulings) {
        this.land = land;
        this.visits = visits;
        this.readings = readings;
        this.judgements = judgements;
        this.rulings = rulings;
    }

    /** The band of a step's measure, and that of the same measure if nothing is done. */
    public record StepForecast(
            UUID step,
            String forecast,
            String measure,
            String unit,
            List<Promises.Point> points,
            List<Promises.Point> nothing) {}

    /** @param known by measure what was read last */
    record ZoneGround(UUID zone, Plan.Ground ground, Set<String> gates, Map<String, Promise.Read> known) {
        Optional<StepForecast> forecast(Plans.Step step) {
            return Promise.of(step.remedy(), step.inputs(), known::get).map(promise -> {
                LocalDate from = LocalDate.parse(step.from() + "-01");
                Forecast.Result band = promise.band(YEARS, List.of());
                return new StepForecast(
                        step.id(),
                        promise.forecast(),
                        promise.measure(),
                        band.unit(),
                        Promises.points(from, band),
                        Promises.points(from, promise.nothing(YEARS)));
            });
        }
    }

    Field field(Viewer viewer, UUID id) {
        return land.field(viewer, id);
    }

    List<ZoneGround> of(Viewer viewer, Field field, Collection<UUID> zones) {
        Optional<UUID> newest = readings.newestRead(viewer, field.id());
        if (newest.isEmpty()) {
            return zones.stream()
                    .map(zone -> new ZoneGround(zone, UNKNOWN, Set.of(), Map.of()))
                    .toList();
        }
        Visit visit = visits.visit(viewer, newest.get());
        CauseTable table = rulings.table(viewer);
        List<Reading> read = readings.ofVisit(viewer, visit.id());
        List<ZoneGround> all = new ArrayList<>();
        for (UUID id : zones) {
            Zone zone = field.zone(id.toString());
            Judgement judgement = judgements.judge(viewer, table, visit, field, zone);
            Called called = Called.of(judgement, rulings.of(viewer, visit.id(), id));
            all.add(new ZoneGround(id, called.ground(), called.gates(), Measured.of(field, zone, read)));
        }
        return all;
    }
}
