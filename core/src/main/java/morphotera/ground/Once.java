package morphotera.ground;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** Each thing once, where it was met first. The browser's streams let through twice what a flat map brings twice. */
public final class Once {
    private Once() {}

    /** Nothing may be among them. */
    public static <T> List<T> of(Stream<T> all) {
        Set<T> met = new LinkedHashSet<>();
        all.forEach(met::add);
        return Collections.unmodifiableList(new ArrayList<>(met));
    }
}
