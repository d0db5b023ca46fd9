package morphotera.follow;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** How well forecasts and cause calls did: by method or adviser, or whatever else they are kept by. */
public final class Tally {
    /** A forecast that was held against a later reading. */
    public record Held(String by, Forecast.Held held) {}

    /** A cause called with a belief, and whether it was there. */
    public record Called(String by, double belief, boolean present) {}

    /** Share of outcomes inside the 90 % bands, 0 to 1, of so many. */
    public record Coverage(double inside, int outcomes) {}

    /** Mean squared distance of belief from truth (Brier 1950): 0 is perfect, 0.25 is a coin, of so many. */
    public record Brier(double score, int calls) {}

    private Tally() {}

    public static Map<String, Coverage> coverage(List<Held> outcomes) {
        return each(
                outcomes,
                Held::by,
                all -> new Coverage(
                        all.stream()
                                        .filter(one -> one.held() == Forecast.Held.INSIDE)
                                        .count()
                                / (double) all.size(),
                        all.size()));
    }

    public static Map<String, Brier> brier(List<Called> calls) {
        return each(
                calls,
                Called::by,
                all -> new Brier(
                        all.stream()
                                .mapToDouble(one -> {
                                    double off = one.belief() - (one.present() ? 1 : 0);
                                    return off * off;
                                })
                                .average()
                                .orElseThrow(),
                        all.size()));
    }

    private static <T, R> Map<String, R> each(List<T> all, Function<T, String> by, Function<List<T>, R> score) {
        Map<String, R> scores = new LinkedHashMap<>();
        all.stream()
                .collect(Collectors.groupingBy(by, LinkedHashMap::new, Collectors.toList()))
                .forEach((key, group) -> scores.put(key, score.apply(group)));
        return scores;
    }
}
