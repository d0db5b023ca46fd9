package morphotera.measure.methods;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.stream.Collectors;
import morphotera.ground.Band;
import morphotera.measure.Bench;
import org.junit.jupiter.api.Test;

/** Limits that the page draws lines at, and whose rules it goes by: they stand here once, and the page reads what {@code -Dguide.write=true} writes. */
class LimitsDrawnTest {
    private static final Path DRAWN = Path.of("../web/src/api/limits.json");

    @Test
    void the_page_draws_its_lines_where_the_rules_have_their_limits() throws IOException {
        String bands = Arrays.stream(Band.values())
                .map(band -> "    { \"band\": \"%s\", \"from\": %s }".formatted(band.word(), (int) band.from()))
                .collect(Collectors.joining(",\n"));
        String limits = "{\n  \"rules\": \"%s\",\n  \"rootLimitKPa\": %s,\n  \"bands\": [\n%s\n  ]\n}\n"
                .formatted(Bench.RULES, Penetration.LIMIT_KPA, bands);
        if (Boolean.getBoolean("guide.write")) {
            Files.writeString(DRAWN, limits);
        }
        assertThat(Files.readString(DRAWN)).isEqualTo(limits);
    }
}
