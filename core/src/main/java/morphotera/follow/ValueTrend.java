package morphotera.follow;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.ground.Nullable;
import morphotera.measure.methods.Methods;
import morphotera.read.FoundValues;

/**
 * A quantity through the visits of a zone, like with like: of one method, at one depth, read in one way. Clean numbers alone.
 *
 * @param how basis, ratio or instrument, where the method has one
 * @param trend null under three visits
 */
public record ValueTrend(
        String method,
        String methodName,
        String key,
        String label,
        @Nullable String unit,
        @Nullable Double depthCm,
        @Nullable String how,
        List<At> visits,
        @Nullable Trend trend) {

    /** @param mean of the spots */
    public record At(String visit, double mean, List<Spot> spots) {}

    public record Spot(String spot, double number) {}

    private record Alike(
            String method,
            String key,
            @Nullable Double depthCm,
            @Nullable String how) {}

    /** In the order in which a visit goes through the methods, then downward. */
    public static List<ValueTrend> of(List<ZoneTrend.Made> visits) {
        Map<Alike, FoundValues.Row> named = new LinkedHashMap<>();
        Map<Alike, List<At>> through = new LinkedHashMap<>();
        Map<Alike, List<Trend.At>> times = new LinkedHashMap<>();
        for (ZoneTrend.Made visit : visits) {
            for (FoundValues.Row row : FoundValues.followed(visit.readings())) {
                if (row.mean() != null) {
                    Alike alike = new Alike(row.method(), row.key(), row.depthCm(), row.how());
                    named.putIfAbsent(alike, row);
                    through.computeIfAbsent(alike, key -> new ArrayList<>())
                            .add(new At(visit.id(), row.mean(), spots(row)));
                    times.computeIfAbsent(alike, key -> new ArrayList<>()).add(new Trend.At(visit.years(), row.mean()));
                }
            }
        }
        List<String> order = Methods.ALL.stream().map(method -> method.id()).toList();
        return named.entrySet().stream()
                .map(entry -> of(entry.getValue(), through.get(entry.getKey()), Trend.of(times.get(entry.getKey()))))
                .sorted(Comparator.comparingInt((ValueTrend one) -> order.indexOf(one.method()))
                        .thenComparing(one -> one.depthCm() == null ? 0 : one.depthCm()))
                .toList();
    }

    private static ValueTrend of(FoundValues.Row row, List<At> visits, @Nullable Trend trend) {
        return new ValueTrend(
                row.method(),
                row.methodName(),
                row.key(),
                row.label(),
                row.unit(),
                row.depthCm(),
                row.how(),
                List.copyOf(visits),
                trend);
    }

    private static List<Spot> spots(FoundValues.Row row) {
        return FoundValues.bySpot(row.values()).entrySet().stream()
                .map(spot -> new Spot(spot.getKey(), spot.getValue()))
                .toList();
    }
}
