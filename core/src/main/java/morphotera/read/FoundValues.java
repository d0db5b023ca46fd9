package morphotera.read;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;
import morphotera.measure.Evaluation;
import morphotera.measure.Group;
import morphotera.measure.Method;
import morphotera.measure.Result;
import morphotera.measure.Taken;
import morphotera.measure.methods.Methods;

/** What was found in a visit: a row for every quantity with its unit, by depth where it has one, context methods included. */
public final class FoundValues {
    private FoundValues() {}

    /**
     * One value at a spot: a number or words.
     *
     * @param plusMinus where the way it was read is coarse
     */
    public record Value(
            String spot,
            String reading,
            @Nullable Double number,
            @Nullable String words,
            @Nullable Double plusMinus,
            boolean hollow) {}

    /**
     * One quantity over the spots. Mean and spread are of the spots' clean numbers.
     *
     * @param part from 0, of a quantity that comes once for each pour, layer or point
     * @param how basis, ratio or instrument, where the method has one
     */
    public record Row(
            String method,
            String methodName,
            Group group,
            String key,
            String label,
            @Nullable String unit,
            @Nullable Double depthCm,
            @Nullable Integer part,
            @Nullable String how,
            List<Value> values,
            int n,
            @Nullable Double mean,
            @Nullable Double sd) {}

    /** Where a value stands among the rows of its key: how it was read, then downward, then part by part. */
    private record Place(String how, double depthCm, int part) implements Comparable<Place> {
        @Override
        public int compareTo(Place other) {
            int byHow = how.compareTo(other.how);
            int byDepth = Double.compare(depthCm, other.depthCm);
            return byHow != 0 ? byHow : byDepth != 0 ? byDepth : Integer.compare(part, other.part);
        }
    }

    private static final double NO_DEPTH = -1;

    public static List<Row> of(List<Taken> zone) {
        return of(zone, false);
    }

    /** Those alone that are drawn through the years. */
    public static List<Row> followed(List<Taken> zone) {
        return of(zone, true);
    }

    private static List<Row> of(List<Taken> zone, boolean followed) {
        List<Row> rows = new ArrayList<>();
        for (Method method : Methods.ALL) {
            List<Taken> taken = zone.stream()
                    .filter(one -> one.evaluation().method().equals(method.id()))
                    .toList();
            for (Result result :
                    taken.isEmpty() ? List.<Result>of() : method.description().results()) {
                if (result.followed() || !followed) {
                    byPlace(taken, result).forEach((place, values) -> rows.add(row(method, result, place, values)));
                }
            }
        }
        return List.copyOf(rows);
    }

    private static Map<Place, List<Value>> byPlace(List<Taken> taken, Result result) {
        Map<Place, List<Value>> byPlace = new TreeMap<>();
        for (Taken one : taken) {
            Evaluation done = one.evaluation();
            boolean hollow = !done.counts(result.key());
            double ofCell = one.cell().depthCm() == null ? NO_DEPTH : one.cell().depthCm();
            for (Evaluation.Measure measure : done.measures()) {
                if (measure.key().equals(result.key())) {
                    Place place = new Place(
                            how(one),
                            measure.depthCm() == null ? ofCell : measure.depthCm(),
                            measure.index() == null ? -1 : measure.index());
                    byPlace.computeIfAbsent(place, key -> new ArrayList<>())
                            .add(new Value(
                                    one.spot(),
                                    one.id(),
                                    measure.value(),
                                    measure.value() == null ? "none" : null,
                                    measure.plusMinus(),
                                    hollow));
                }
            }
            if (done.words().get(result.key()) != null) {
                byPlace.computeIfAbsent(new Place(how(one), ofCell, -1), key -> new ArrayList<>())
                        .add(new Value(
                                one.spot(), one.id(), null, words(done.words().get(result.key())), null, hollow));
            }
        }
        return byPlace;
    }

    private static String words(Object said) {
        if (said instanceof Boolean yes) {
            return yes ? "yes" : "no";
        } else if (said instanceof List<?> list) {
            List<String> words = new ArrayList<>();
            list.forEach(word -> words.add(plain(word)));
            return words.isEmpty() ? "none" : String.join(", ", words);
        } else if (said instanceof Map<?, ?> parts) {
            List<String> words = new ArrayList<>();
            parts.forEach((part, word) -> words.add(part + ": " + plain(word)));
            return String.join(", ", words);
        }
        return plain(said);
    }

    private static String plain(Object word) {
        return String.valueOf(word).replace('-', ' ');
    }

    /** Basis, mixture, tip or preparation, as it was entered. */
    private static String how(Taken taken) {
        List<String> how = new ArrayList<>();
        if (taken.mixed()) {
            how.add("mixed sample");
        }
        for (String key : List.of("ratio", "cone", "crumbState", "prep")) {
            if (taken.entered().get(key) instanceof String word) {
                how.add(word.replace('-', ' '));
            }
        }
        if (taken.entered().get("points") instanceof List<?> points) {
            for (Object point : points) {
                if (point instanceof Map<?, ?> map
                        && map.get("basis") instanceof String basis
                        && !how.contains(basis)) {
                    how.add(basis);
                }
            }
        }
        return String.join(", ", how);
    }

    /** The mean of each spot's clean numbers. */
    public static Map<String, Double> bySpot(List<Value> values) {
        Map<String, List<Double>> clean = new LinkedHashMap<>();
        for (Value value : values) {
            if (!value.hollow() && value.number() != null) {
                clean.computeIfAbsent(value.spot(), key -> new ArrayList<>()).add(value.number());
            }
        }
        Map<String, Double> means = new LinkedHashMap<>();
        clean.forEach((spot, numbers) -> means.put(spot, Numbers.mean(numbers)));
        return means;
    }

    private static Row row(Method method, Result result, Place place, List<Value> values) {
        List<Double> spots = List.copyOf(bySpot(values).values());
        return new Row(
                method.id(),
                method.description().name(),
                method.description().group(),
                result.key(),
                result.label(),
                result.unit(),
                place.depthCm() == NO_DEPTH ? null : Double.valueOf(place.depthCm()),
                place.part() < 0 ? null : Integer.valueOf(place.part()),
                place.how().isEmpty() ? null : place.how(),
                List.copyOf(values),
                spots.size(),
                spots.isEmpty() ? null : Double.valueOf(Numbers.mean(spots)),
                spots.isEmpty() ? null : Numbers.sd(spots));
    }
}
