package morphotera.ground;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** Sorts things into lists by what they have in common, in the order they come. */
public final class Sorted {
    private Sorted() {}

    public static <K, T> Map<K, List<T>> by(Function<T, K> key, Iterable<T> all) {
        Map<K, List<T>> sorted = new LinkedHashMap<>();
        for (T one : all) {
            sorted.computeIfAbsent(key.apply(one), any -> new ArrayList<>()).add(one);
        }
        return sorted;
    }
}
