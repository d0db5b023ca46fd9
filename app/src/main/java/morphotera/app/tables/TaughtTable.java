package morphotera.app.tables;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.decide.CauseTable;

/** The shipped tree of causes with other figures in it: the form in which a device takes it along. */
public final class TaughtTable {
    private TaughtTable() {}

    public static Map<String, Object> tree(Map<String, Object> shipped, CauseTable taught) {
        Map<String, Object> tree = new LinkedHashMap<>(shipped);
        tree.put("version", taught.version());
        List<?> causes = (List<?>) shipped.get("causes");
        tree.put(
                "causes",
                causes.stream()
                        .map(cause -> {
                            Map<String, Object> copy = copy(cause);
                            copy.put("evidence", evidence(taught, (String) copy.get("id")));
                            return copy;
                        })
                        .toList());
        return tree;
    }

    private static List<Map<String, Object>> evidence(CauseTable taught, String cause) {
        return taught.causes().stream()
                .filter(one -> one.id().equals(cause))
                .findFirst()
                .orElseThrow()
                .evidence()
                .stream()
                .map(one -> Map.<String, Object>of("finding", one.finding(), "t", one.t(), "f", one.f()))
                .toList();
    }

    private static Map<String, Object> copy(Object map) {
        Map<String, Object> copy = new LinkedHashMap<>();
        ((Map<?, ?>) map).forEach((key, value) -> copy.put((String) key, value));
        return copy;
    }
}
