package morphotera.measure.methods;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import morphotera.Tables;
import morphotera.measure.Curves;
import morphotera.measure.Evaluation;
import morphotera.measure.Method;
import morphotera.measure.Result;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What comes of a reading is declared in its method's description: key, kind, unit, words, once or for each part. */
class DeclaredResultsTest {
    static Stream<Method> methods() {
        return Methods.ALL.stream();
    }

    @ParameterizedTest
    @MethodSource("methods")
    void every_measure_and_word_of_a_reading_is_declared_as_it_comes(Method method) {
        List<Evaluation> all = new ArrayList<>();
        for (Map<String, Object> known : CONTEXTS) {
            all.add(Tables.evaluate(method.id(), known, GoodReadings.of(method.id())));
        }
        Tables.workedReadings(method.id()).forEach(all::add);
        for (Evaluation got : all) {
            for (Evaluation.Measure measure : got.measures()) {
                Result declared = declared(method, measure.key());
                assertThat(declared.kind()).as(declared.key()).isEqualTo(Result.Kind.NUMBER);
                assertThat(measure.unit()).as(declared.key()).isEqualTo(declared.unit());
                assertThat(times(measure)).as(declared.key()).isEqualTo(declared.times());
            }
            got.words().forEach((key, value) -> isDeclared(declared(method, key), value));
        }
    }

    @ParameterizedTest
    @MethodSource("methods")
    void a_score_read_from_a_curve_is_read_from_one_that_the_method_names(Method method) {
        List<String> named = method.description().curves();
        assertThat(Tables.YARDSTICK.curves().keySet().stream().map(DeclaredResultsTest::plain))
                .containsAll(named);
        for (Map<String, Object> known : CONTEXTS) {
            Curves.Placed placed = Tables.evaluate(method.id(), known, GoodReadings.of(method.id()))
                    .placed();
            if (placed != null) {
                assertThat(named).contains(plain(placed.curve()));
            }
        }
    }

    /** Without what it is narrowed to. */
    private static String plain(String curve) {
        return curve.replaceAll("@.*", "");
    }

    private static final List<Map<String, Object>> CONTEXTS = List.of(
            Map.of("use", "pasture", "texture", "loam", "crop", "lucerne"),
            Map.of("moisture", "dry", "purpose", "rain-garden"));

    private static Result declared(Method method, String key) {
        return method.description().results().stream()
                .filter(result -> result.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new AssertionError(method.id() + " does not declare '" + key + "'"));
    }

    private static Result.Times times(Evaluation.Measure measure) {
        return measure.depthCm() != null
                ? Result.Times.BY_DEPTH
                : measure.index() != null ? Result.Times.EACH : Result.Times.ONCE;
    }

    private static void isDeclared(Result declared, Object value) {
        switch (declared.kind()) {
            case YES_NO ->
                assertThat(value == null || value instanceof Boolean)
                        .as(declared.key())
                        .isTrue();
            case WORD -> {
                if (value instanceof Map<?, ?> parts) {
                    assertThat(declared.times()).isEqualTo(Result.Times.EACH);
                    assertThat(declared.words())
                            .containsAll(
                                    parts.values().stream().map(String::valueOf).toList());
                } else if (value != null) {
                    assertThat(declared.words()).as(declared.key()).contains((String) value);
                }
            }
            case WORDS ->
                assertThat(declared.words())
                        .as(declared.key())
                        .containsAll(
                                ((List<?>) value).stream().map(String::valueOf).toList());
            case NUMBER -> throw new AssertionError(declared.key() + " is a number, not a word");
        }
    }
}
