package morphotera.scout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import morphotera.Tables;
import morphotera.ground.Coded;
import morphotera.ground.TextureGroup;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;
import morphotera.scout.WeatherGate.Judged;
import morphotera.scout.WeatherGate.Recorded;
import morphotera.scout.WeatherGate.Verdict;
import morphotera.scout.WeatherGate.Why;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class WeatherGateTest {
    private static final Method CONE = Methods.find("penetration").orElseThrow();
    private static final Method LOOK = Methods.find("plant-look").orElseThrow();

    static Stream<JsonNode> worked() {
        return Tables.contracts("/api/weather-gates/judge");
    }

    private static long day(JsonNode at) {
        return LocalDate.parse(at.asString()).toEpochDay();
    }

    @ParameterizedTest
    @MethodSource("worked")
    void the_worked_seasons_are_judged_day_by_day(JsonNode one) {
        JsonNode body = one.get("body");
        List<Recorded> record = StreamSupport.stream(body.get("days").spliterator(), false)
                .map(day -> new Recorded(
                        day(day.get("day")),
                        day.get("rainMm").asDouble() + day.path("irrigationMm").asDouble(0),
                        day.get("airMeanC").isNull()
                                ? null
                                : day.get("airMeanC").asDouble(),
                        day.get("forecast").asBoolean()))
                .toList();
        TextureGroup texture = body.get("textureGroup").isNull()
                ? null
                : Coded.of(TextureGroup.values(), body.get("textureGroup").asString());
        List<Method> methods = StreamSupport.stream(body.get("methods").spliterator(), false)
                .map(id -> Methods.find(id.asString()).orElseThrow())
                .toList();
        List<Judged> judged =
                new WeatherGate(record, texture).judge(day(body.get("from")), day(body.get("to")), methods);
        JsonNode expected = one.at("/expect/days");
        assertThat(judged).hasSize(expected.size());
        for (int i = 0; i < judged.size(); i++) {
            Judged got = judged.get(i);
            JsonNode want = expected.get(i);
            String at = want.get("day").asString();
            assertThat(got.day()).isEqualTo(day(want.get("day")));
            if (want.has("daysSinceRain")) {
                assertThat(
                                got.daysSinceRain() == null
                                        ? "null"
                                        : got.daysSinceRain().toString())
                        .as(at)
                        .isEqualTo(want.get("daysSinceRain").toString());
            }
            if (want.has("soilC") && !want.get("soilC").isNull()) {
                assertThat(got.soilC()).as(at).isCloseTo(want.get("soilC").asDouble(), within(1e-9));
                assertThat(got.rain10dMm())
                        .as(at)
                        .isCloseTo(want.get("rain10dMm").asDouble(), within(1e-9));
            }
            WeatherGate.OfMethod method = got.methods().get(0);
            assertThat(method.verdict().word())
                    .as(at)
                    .isEqualTo(want.get(method.method()).asString());
            List<String> why = new ArrayList<>();
            want.get("why").forEach(word -> why.add(word.asString()));
            assertThat(method.why().stream().map(Why::word)).as(at).containsExactlyElementsOf(why);
        }
    }

    /** So many days of this water and warmth, from day 1000 on. */
    private static List<Recorded> days(double warmth, double... waterMm) {
        List<Recorded> days = new ArrayList<>();
        for (int i = 0; i < waterMm.length; i++) {
            days.add(new Recorded(1000 + i, waterMm[i], warmth, false));
        }
        return days;
    }

    private static WeatherGate.OfMethod at(List<Recorded> days, TextureGroup texture, long day, Method method) {
        return new WeatherGate(days, texture)
                .judge(day, day, List.of(method))
                .get(0)
                .methods()
                .get(0);
    }

    @Test
    void a_loam_is_too_wet_on_the_day_of_rain_wet_on_the_next_and_good_on_the_second() {
        List<Recorded> days = days(9, 12, 0, 0, 0, 0, 0, 0);
        assertThat(at(days, TextureGroup.MEDIUM, 1000, CONE).why()).containsExactly(Why.TOO_WET);
        assertThat(at(days, TextureGroup.MEDIUM, 1001, CONE).why()).containsExactly(Why.WET_SIDE);
        assertThat(at(days, TextureGroup.MEDIUM, 1002, CONE).verdict()).isEqualTo(Verdict.GOOD);
        assertThat(at(days, TextureGroup.MEDIUM, 1006, CONE).why()).containsExactly(Why.TOO_DRY);
    }

    @Test
    void a_soaked_clay_waits_longer_and_longer_still_in_the_cool() {
        assertThat(at(days(12, 40, 0, 0, 0, 0, 0, 0), TextureGroup.FINE, 1003, CONE)
                        .why())
                .containsExactly(Why.TOO_WET);
        assertThat(at(days(12, 40, 0, 0, 0, 0, 0, 0), TextureGroup.FINE, 1005, CONE)
                        .verdict())
                .isEqualTo(Verdict.GOOD);
        assertThat(at(days(4, 40, 0, 0, 0, 0, 0, 0), TextureGroup.FINE, 1005, CONE)
                        .why())
                .containsExactly(Why.WET_SIDE);
    }

    @Test
    void frozen_ground_keeps_everything_in_and_a_look_at_plants_asks_no_more() {
        assertThat(at(days(-2, 12, 0, 0), TextureGroup.COARSE, 1002, CONE).why())
                .containsExactly(Why.FROZEN);
        assertThat(at(days(-2, 12, 0, 0), TextureGroup.COARSE, 1002, LOOK).verdict())
                .isEqualTo(Verdict.BAD);
        assertThat(at(days(9, 12, 0, 0), TextureGroup.COARSE, 1000, LOOK).verdict())
                .isEqualTo(Verdict.GOOD);
    }

    @Test
    void a_day_that_is_not_in_the_record_is_said_to_be_missing() {
        assertThat(new WeatherGate(days(9, 12), TextureGroup.MEDIUM)
                        .judge(1000, 1002, List.of(CONE)).stream().map(Judged::why))
                .containsExactly(List.of(), List.of(Why.GAP), List.of(Why.GAP));
        assertThat(at(days(9, 12), TextureGroup.MEDIUM, 1002, CONE).verdict()).isEqualTo(Verdict.GOOD);
    }
}
