package morphotera.measure.methods;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import morphotera.measure.Entry;
import morphotera.measure.Method;
import org.junit.jupiter.api.Test;

/**
 * What the descriptions ask the page to draw: every step of every method, and every step of what an eye judges. The page's
 * own tests hold its drawings against this list; {@code -Dguide.write=true} writes it anew.
 */
class DrawingsAskedTest {
    private static final Path ASKED = Path.of("../web/src/measure/drawings/asked.json");

    @Test
    void the_list_of_drawings_asked_for_is_the_one_the_descriptions_give() throws IOException {
        String asked = Methods.ALL.stream()
                .sorted(Comparator.comparing(Method::id))
                .map(DrawingsAskedTest::asked)
                .collect(Collectors.joining(",\n", "{\n", "\n}\n"));
        if (Boolean.getBoolean("guide.write")) {
            Files.writeString(ASKED, asked);
        }
        assertThat(Files.readString(ASKED)).isEqualTo(asked);
    }

    @Test
    void what_an_eye_judges_is_a_scale_with_a_sentence_for_each_step() {
        for (Method method : Methods.ALL) {
            Map<String, List<Entry.Option>> scales = new TreeMap<>();
            scales(method.description().fields(), scales);
            scales.forEach((key, options) -> assertThat(options)
                    .as("%s of %s", key, method.id())
                    .hasSizeGreaterThan(1)
                    .allSatisfy(option -> assertThat(option.sentence()).isNotBlank()));
        }
    }

    private static String asked(Method method) {
        TreeSet<String> steps = new TreeSet<>();
        method.description().variants().forEach(way -> way.steps().forEach(step -> steps.add(step.id())));
        Map<String, List<Entry.Option>> scales = new TreeMap<>();
        scales(method.description().fields(), scales);
        String drawn = scales.entrySet().stream()
                .map(scale -> "\"%s\": [%s]"
                        .formatted(
                                scale.getKey(),
                                words(scale.getValue().stream()
                                        .map(Entry.Option::word)
                                        .toList())))
                .collect(Collectors.joining(", "));
        return "  \"%s\": { \"steps\": [%s], \"scales\": { %s } }".formatted(method.id(), words(steps), drawn);
    }

    private static void scales(List<Entry> fields, Map<String, List<Entry.Option>> scales) {
        for (Entry field : fields) {
            if (field.part() == Entry.Part.DRAWN
                    || field.part() == Entry.Part.SHARES && !field.options().isEmpty()) {
                scales.put(field.key(), field.options());
            }
            scales(field.fields(), scales);
        }
    }

    private static String words(Iterable<String> words) {
        StringBuilder line = new StringBuilder();
        words.forEach(
                word -> line.append(line.isEmpty() ? "\"" : ", \"").append(word).append('"'));
        return line.toString();
    }
}
