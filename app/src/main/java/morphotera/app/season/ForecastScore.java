package morphotera.app.season;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import morphotera.app.decide.Rulings;
import morphotera.app.follow.Promises;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import org.springframework.stereotype.Service;

/**
 * Keeps score: the share of later readings inside the 90 % bands, and for causes that were confirmed or ruled out by more than
 * opinion the Brier score, the mean of (belief − outcome)².
 */
@Service
class ForecastScore {
    private final Promises promises;
    private final Rulings rulings;
    private final Land land;

    ForecastScore(Promises promises, Rulings rulings, Land land) {
        this.promises = promises;
        this.rulings = rulings;
        this.land = land;
    }

    record OfForecast(String forecast, double held, int of) {}

    record OfCause(String cause, int n, double score) {}

    record OfAdviser(String adviser, int n, double score) {}

    /** @param score null where nothing was settled yet */
    record Brier(int n, @Nullable Double score, List<OfCause> byCause, List<OfAdviser> byAdviser) {}

    /** @param held null where nothing was read yet after anything was done */
    record View(@Nullable Double held, int of, List<OfForecast> byForecast, Brier brier) {}

    View of(Viewer viewer) {
        Map<String, List<Boolean>> byForecast = new LinkedHashMap<>();
        for (Field field : land.fields(viewer, promises.fields(viewer))) {
            for (Promises.Band band : promises.bands(viewer, field, null)) {
                band.outcomes()
                        .forEach(one -> byForecast
                                .computeIfAbsent(band.forecast(), any -> new ArrayList<>())
                                .add(one.place().equals("inside")));
            }
        }
        List<Boolean> all = byForecast.values().stream().flatMap(List::stream).toList();
        return new View(
                all.isEmpty() ? null : Double.valueOf(share(all)),
                all.size(),
                byForecast.entrySet().stream()
                        .map(one -> new OfForecast(
                                one.getKey(),
                                share(one.getValue()),
                                one.getValue().size()))
                        .toList(),
                brier(rulings.settled(viewer)));
    }

    private static double share(List<Boolean> held) {
        return (double) held.stream().filter(one -> one).count() / held.size();
    }

    private static Brier brier(List<Rulings.Settled> settled) {
        return new Brier(
                settled.size(),
                settled.isEmpty() ? null : Double.valueOf(score(settled)),
                by(settled, Rulings.Settled::cause, OfCause::new),
                by(settled, Rulings.Settled::adviser, OfAdviser::new));
    }

    private interface Line<T> {
        T of(String what, int n, double score);
    }

    private static <T> List<T> by(List<Rulings.Settled> settled, Function<Rulings.Settled, String> what, Line<T> line) {
        Map<String, List<Rulings.Settled>> parts = new LinkedHashMap<>();
        settled.forEach(one ->
                parts.computeIfAbsent(what.apply(one), any -> new ArrayList<>()).add(one));
        return parts.entrySet().stream()
                .map(one -> line.of(one.getKey(), one.getValue().size(), score(one.getValue())))
                .toList();
    }

    private static double score(List<Rulings.Settled> settled) {
        return settled.stream()
                .mapToDouble(one -> {
                    double off = one.belief() - (one.present() ? 1 : 0);
                    return off * off;
                })
                .average()
                .orElseThrow();
    }
}
