package morphotera.measure.methods;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import morphotera.Tables;
import morphotera.ground.Refused;
import morphotera.measure.Evaluation;

/** Reads what came of a reading. */
final class Results {
    private Results() {}

    static Double value(Evaluation got, String key) {
        return values(got, key).get(0);
    }

    static List<Double> values(Evaluation got, String key) {
        return got.measures().stream()
                .filter(measure -> measure.key().equals(key))
                .map(Evaluation.Measure::value)
                .toList();
    }

    static Set<String> flags(Evaluation got) {
        return got.flags().stream().map(Evaluation.Flag::code).collect(Collectors.toSet());
    }

    /** What is refused, as {@code path code}; none where it is taken. */
    static List<String> refusals(String method, Map<String, ?> reading) {
        try {
            Tables.evaluate(method, Map.of(), reading);
            return List.of();
        } catch (Refused refused) {
            return refused.refusals().stream()
                    .map(one -> one.path() + " " + one.code())
                    .toList();
        }
    }
}
