package morphotera.app.season;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import morphotera.app.decide.Rulings;
import morphotera.app.follow.Promises;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.follow.Tally;
import morphotera.ground.Nullable;
import org.springframework.stereotype.Service;

/**
 * Keeps score: the share of later readings inside the 90 % bands, and for causes that were confirmed or ruled out by more than
 * opinion the Brier score; each by what it was, by adviser and by the table that was gone by.
 */
@Service
class ForecastScore {
    private static final String ALL = "all";
    private static final String OWN_TABLE = "practice";
    private static final String SHIPPED_TABLE = "shipped";

    private final Promises promises;
    private final Rulings rulings;
    private final Land land;

    ForecastScore(Promises promises, Rulings rulings, Land land) {
        this.promises = promises;
        this.rulings = rulings;
        this.land = land;
    }

    record OfForecast(String forecast, double held, int of) {}

    record OfMeasure(String measure, double held, int of) {}

    record HeldBy(String adviser, double held, int of) {}

    record OfCause(String cause, int n, double score) {}

    record OfAdviser(String adviser, int n, double score) {}

    /** @param table {@code practice}, as it was taught until then, or {@code shipped} */
    record OfTable(String table, int n, double score) {}

    /** @param score null where nothing was settled yet */
    record Brier(
            int n, @Nullable Double score, List<OfCause> byCause, List<OfAdviser> byAdviser, List<OfTable> byTable) {}

    /**
     * @param held null where nothing was read yet after anything was done
     * @param learned what the settled causes changed in the table that ships
     */
    record View(
            @Nullable Double held,
            int of,
            List<OfForecast> byForecast,
            List<OfMeasure> byMeasure,
            List<HeldBy> byAdviser,
            Brier brier,
            List<Rulings.Learned> learned) {}

    private record Came(Promises.Band band, Promises.Outcome outcome) {}

    View of(Viewer viewer) {
        List<Came> came = new ArrayList<>();
        for (Field field : land.fields(viewer, promises.fields(viewer))) {
            for (Promises.Band band : promises.bands(viewer, field, null)) {
                band.outcomes().forEach(one -> came.add(new Came(band, one)));
            }
        }
        Tally.Coverage all = coverage(came, one -> ALL).get(ALL);
        return new View(
                all == null ? null : Double.valueOf(all.inside()),
                came.size(),
                lines(
                        coverage(came, one -> one.band().forecast()),
                        (by, it) -> new OfForecast(by, it.inside(), it.outcomes())),
                lines(
                        coverage(came, one -> one.band().measure()),
                        (by, it) -> new OfMeasure(by, it.inside(), it.outcomes())),
                lines(
                        coverage(came, one -> one.band().adviser()),
                        (by, it) -> new HeldBy(by, it.inside(), it.outcomes())),
                brier(rulings.settled(viewer)),
                rulings.learned(viewer));
    }

    /** Those that can be kept by this; who promised something is not known of what was written long ago. */
    private static Map<String, Tally.Coverage> coverage(List<Came> came, Function<Came, String> by) {
        return Tally.coverage(came.stream()
                .filter(one -> by.apply(one) != null)
                .map(one -> new Tally.Held(by.apply(one), one.outcome().place()))
                .toList());
    }

    private static Brier brier(List<Rulings.Settled> settled) {
        Tally.Brier all = Tally.brier(called(settled, one -> ALL)).get(ALL);
        List<Tally.Called> byTable = new ArrayList<>();
        settled.forEach(one -> {
            if (one.beliefShipped() != null) {
                byTable.add(new Tally.Called(OWN_TABLE, one.belief(), one.present()));
                byTable.add(new Tally.Called(SHIPPED_TABLE, one.beliefShipped(), one.present()));
            }
        });
        return new Brier(
                settled.size(),
                all == null ? null : Double.valueOf(all.score()),
                lines(
                        Tally.brier(called(settled, Rulings.Settled::cause)),
                        (by, it) -> new OfCause(by, it.calls(), it.score())),
                lines(
                        Tally.brier(called(settled, Rulings.Settled::adviser)),
                        (by, it) -> new OfAdviser(by, it.calls(), it.score())),
                lines(Tally.brier(byTable), (by, it) -> new OfTable(by, it.calls(), it.score())));
    }

    private static List<Tally.Called> called(List<Rulings.Settled> settled, Function<Rulings.Settled, String> by) {
        return settled.stream()
                .map(one -> new Tally.Called(by.apply(one), one.belief(), one.present()))
                .toList();
    }

    private interface Line<S, T> {
        T of(String by, S score);
    }

    private static <S, T> List<T> lines(Map<String, S> scores, Line<S, T> line) {
        return scores.entrySet().stream()
                .map(one -> line.of(one.getKey(), one.getValue()))
                .toList();
    }
}
