package morphotera.browser;

import java.util.LinkedHashMap;
import java.util.Map;
import morphotera.ground.Tree;

/**
 * The grounds that were asked about last, read: with every key, and on every page of a visit, somebody asks about the same,
 * two of them side by side.
 */
final class LastGround {
    private static final int REMEMBERED = 2;

    private final Map<String, Bundle> read = new LinkedHashMap<>();

    /** @throws IllegalArgumentException where it is no JSON */
    Bundle of(String asked) {
        Bundle known = read.remove(asked);
        Bundle bundle = known == null ? new Bundle(Tree.of(JsonReader.read(asked))) : known;
        read.put(asked, bundle);
        if (read.size() > REMEMBERED) {
            read.remove(read.keySet().iterator().next());
        }
        return bundle;
    }
}
