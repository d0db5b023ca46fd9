package morphotera.read;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Two zones of one visit side by side, such as poor and good patch, or field and reference: per method both means and their
 * difference, the largest first. The first three say where to look.
 */
public final class Contrast {
    private static final int WHERE_TO_LOOK = 3;

    /** One method in both zones; {@code difference} is this zone less the one beside it, points. */
    public record Row(String method, double here, double beside, double difference) {}

    private Contrast() {}

    /** Methods measured in both at one class of depth, by the size of the difference; hollow means are no part of it. */
    public static List<Row> of(FieldScores here, FieldScores beside) {
        List<Row> rows = new ArrayList<>();
        for (MethodScore one : here.methods()) {
            if (one.hollow()) {
                continue;
            }
            beside.methods().stream()
                    .filter(other -> other.method().equals(one.method())
                            && !other.hollow()
                            && other.depthClass() == one.depthClass())
                    .findFirst()
                    .ifPresent(other ->
                            rows.add(new Row(one.method(), one.mean(), other.mean(), one.mean() - other.mean())));
        }
        rows.sort(Comparator.comparingDouble((Row row) -> -Math.abs(row.difference()))
                .thenComparing(Row::method));
        return List.copyOf(rows);
    }

    /** The methods that say where to look: those of the largest differences, three at most. */
    public static List<String> whereToLook(List<Row> rows) {
        return rows.stream().limit(WHERE_TO_LOOK).map(Row::method).toList();
    }
}
