package morphotera.browser;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.Map;
import morphotera.decide.CauseTable;
import morphotera.read.School;
import morphotera.read.Yardstick;

/** The tables that ship with the core, read when they are first asked for. */
final class Shipped {
    private static final Map<School, Yardstick> YARDSTICKS = new EnumMap<>(School.class);
    private static CauseTable causes;

    private Shipped() {}

    static Yardstick yardstick(School school) {
        if (YARDSTICKS.isEmpty()) {
            Object table = read("morphotera/plain-yardstick.json");
            for (School one : School.values()) {
                YARDSTICKS.put(one, Yardstick.of(table, one));
            }
        }
        return YARDSTICKS.get(school);
    }

    static CauseTable causes() {
        if (causes == null) {
            causes = CauseTable.of(read("morphotera/plain-causes.json"));
        }
        return causes;
    }

    private static Object read(String resource) {
        try (InputStream in = Shipped.class.getClassLoader().getResourceAsStream(resource)) {
            return JsonReader.read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
    }
}
