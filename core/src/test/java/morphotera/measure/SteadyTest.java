package morphotera.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import morphotera.Tables;
import morphotera.ground.Coded;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class SteadyTest {
    static Stream<JsonNode> worked() {
        return Tables.contracts("/api/devices/judge");
    }

    @ParameterizedTest
    @MethodSource("worked")
    void the_worked_streams_are_judged(JsonNode one) {
        List<Steady.At> stream = StreamSupport.stream(one.at("/body/stream").spliterator(), false)
                .map(at ->
                        new Steady.At(at.get("atS").asDouble(), at.get("value").asDouble()))
                .toList();
        Steady.Kind kind = Coded.of(Steady.Kind.values(), one.at("/body/kind").asString());
        Steady got = Steady.of(kind, stream);
        JsonNode want = one.get("expect");
        assertThat(got.stable()).isEqualTo(want.get("stable").asBoolean());
        assertThat(got.why() == null ? "null" : '"' + got.why().word() + '"')
                .isEqualTo(want.get("why").toString());
        assertThat(got.spread()).isCloseTo(want.get("spread").asDouble(), within(1e-9));
        assertThat(got.slopePerMin()).isCloseTo(want.get("slopePerMin").asDouble(), within(1e-6));
        if (got.stable()) {
            assertThat(got.value()).isCloseTo(want.get("value").asDouble(), within(1e-9));
        }
    }

    private static List<Steady.At> still(int values, double value) {
        List<Steady.At> stream = new ArrayList<>();
        for (int i = 0; i < values; i++) {
            stream.add(new Steady.At(i, value));
        }
        return stream;
    }

    @Test
    void what_stood_still_before_the_last_ten_seconds_does_not_help() {
        List<Steady.At> stream = still(30, 6.5);
        assertThat(Steady.of(Steady.Kind.PH, stream).value()).isEqualTo(6.5);
        stream.add(new Steady.At(30, 6.6));
        assertThat(Steady.of(Steady.Kind.PH, stream).why()).isEqualTo(Steady.Why.MOVING);
    }

    @Test
    void one_instant_is_too_short_and_has_no_slope() {
        Steady one = Steady.of(Steady.Kind.FORCE, still(1, 900));
        assertThat(one.why()).isEqualTo(Steady.Why.TOO_SHORT);
        assertThat(one.slopePerMin()).isNull();
    }
}
