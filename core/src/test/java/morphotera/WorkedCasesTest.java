package morphotera;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import morphotera.decide.Remedy;
import morphotera.decide.remedies.Remedies;
import morphotera.measure.Evaluation;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Every worked case there is, of methods and of remedies. */
class WorkedCasesTest {
    private static final double RELATIVE = 1e-4;

    record Case(String id, JsonNode json) {
        @Override
        public String toString() {
            return id;
        }
    }

    static Stream<Case> methods() {
        return cases("methods", "method");
    }

    static Stream<Case> remedies() {
        return cases("remedies", "remedy");
    }

    private static Stream<Case> cases(String list, String key) {
        return StreamSupport.stream(Tables.WORKED_CASES.get(list).spliterator(), false)
                .map(json -> new Case(json.get(key).asString(), json));
    }

    @ParameterizedTest
    @MethodSource("methods")
    void a_reading_gives_the_measures_words_flags_and_score_worked_by_hand(Case one) {
        JsonNode expect = one.json().get("expect");
        Evaluation got = Tables.evaluate(
                one.id(),
                Tables.map(one.json().get("context")),
                Tables.map(one.json().get("reading")));

        for (Map.Entry<String, JsonNode> measure : expect.get("measures").properties()) {
            List<Double> values = got.measures().stream()
                    .filter(m -> m.key().equals(measure.getKey()))
                    .map(Evaluation.Measure::value)
                    .toList();
            assertClose(measure.getKey(), values, measure.getValue());
        }
        if (expect.get("score").isNull()) {
            assertThat(got.score()).isNull();
        } else {
            double score = expect.get("score").asDouble();
            assertThat(got.score()).isCloseTo(score, within(Math.max(1, score) * RELATIVE));
            assertThat(got.band().word()).isEqualTo(expect.get("band").asString());
        }
        if (expect.has("words")) {
            assertThat(got.words()).containsAllEntriesOf(Tables.map(expect.get("words")));
        }
        if (expect.has("flags")) {
            List<String> flags = new ArrayList<>();
            expect.get("flags").forEach(flag -> flags.add(flag.asString()));
            assertThat(got.flags().stream().map(Evaluation.Flag::code)).containsExactlyInAnyOrderElementsOf(flags);
        }
    }

    @ParameterizedTest
    @MethodSource("remedies")
    void a_remedy_gives_the_rates_worked_by_hand(Case one) {
        Map<String, Object> answer = Remedy.calculate(
                        Remedies.find(one.id()).orElseThrow(),
                        Tables.map(one.json().get("input")))
                .answer();
        one.json().get("expect").properties().forEach(want -> {
            Object got = answer.get(want.getKey());
            JsonNode wanted = want.getValue();
            if (wanted.isNumber()) {
                assertThat((Double) got)
                        .as(want.getKey())
                        .isCloseTo(wanted.asDouble(), within(Math.max(1e-6, Math.abs(wanted.asDouble()) * RELATIVE)));
            } else {
                assertThat(got)
                        .as(want.getKey())
                        .isEqualTo(wanted.isBoolean() ? (Object) wanted.asBoolean() : wanted.asString());
            }
        });
    }

    private static void assertClose(String key, List<Double> got, JsonNode want) {
        List<JsonNode> wanted = new ArrayList<>();
        if (want.isArray()) {
            want.forEach(wanted::add);
        } else {
            wanted.add(want);
        }
        assertThat(got).as(key).hasSameSizeAs(wanted);
        for (int i = 0; i < wanted.size(); i++) {
            if (wanted.get(i).isNull()) {
                assertThat(got.get(i)).as(key).isNull();
            } else {
                double value = wanted.get(i).asDouble();
                assertThat(got.get(i)).as(key).isCloseTo(value, within(Math.max(1e-6, Math.abs(value) * RELATIVE)));
            }
        }
    }
}
