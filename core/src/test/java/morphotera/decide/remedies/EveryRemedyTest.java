package morphotera.decide.remedies;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import morphotera.BadInput;
import morphotera.Tables;
import morphotera.decide.Remedy;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import morphotera.measure.Entry;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for any remedy, from its description alone: a new one is covered the day it is written. */
class EveryRemedyTest {
    static Stream<Remedy> remedies() {
        return Remedies.ALL.stream();
    }

    static Stream<Remedy> sums() {
        return remedies().filter(remedy -> !remedy.description().fields().isEmpty());
    }

    @Test
    void every_remedy_a_cause_names_is_there_and_every_remedy_there_is_serves_a_cause() {
        List<String> named = Tables.CAUSES.causes().stream()
                .flatMap(cause -> cause.remedies().stream())
                .distinct()
                .toList();
        assertThat(remedies().map(remedy -> remedy.description().id())).containsExactlyInAnyOrderElementsOf(named);
        assertThat(Tables.CAUSES.servedBy("gypsum")).containsExactly("sodicity");
    }

    @ParameterizedTest
    @MethodSource("remedies")
    void a_remedy_says_when_what_it_costs_how_long_it_takes_and_what_to_mind(Remedy remedy) {
        Remedy.Description description = remedy.description();
        assertThat(description.purpose()).isNotBlank();
        assertThat(description.months()).isNotEmpty().allMatch(month -> month >= 1 && month <= 12);
        assertThat(description.months()).doesNotHaveDuplicates();
        assertThat(description.cost().per()).isNotBlank();
        assertThat(description.effect()).isNotBlank();
        assertThat(description.cautions()).isNotEmpty();
        assertThat(description.watch()).isNotEmpty();
    }

    @ParameterizedTest
    @MethodSource("sums")
    void a_sum_says_where_it_holds_and_where_it_is_from(Remedy remedy) {
        assertThat(remedy.description().range()).isNotBlank();
        assertThat(remedy.description().source()).isNotBlank();
        assertThat(remedy.description().from().keySet())
                .isSubsetOf(
                        remedy.description().fields().stream().map(Entry::key).toList());
    }

    @ParameterizedTest
    @MethodSource("remedies")
    void the_example_calculates_and_every_line_has_its_numbers_filled_in(Remedy remedy) {
        Remedy.Answer got = Remedy.calculate(remedy, remedy.description().example());
        assertThat(got.remedy()).isEqualTo(remedy.description().id());
        assertThat(got.grade()).isEqualTo(remedy.description().grade());
        assertThat(got.answer()).isNotNull();
        assertThat(got.ranges()).isEmpty();
        assertThat(got.cautions()).containsAll(remedy.description().cautions());
        assertThat(got.lines()).allSatisfy(line -> {
            assertThat(line.value()).isFinite();
            assertThat(line.filled()).containsPattern("[0-9]");
            assertThat(line.formula()).isNotBlank();
            assertThat(line.unit()).isNotBlank();
            assertThat(got.answer()).containsEntry(line.key(), line.value());
        });
        assertThat(got.because()).allSatisfy(said -> {
            assertThat(said.code()).isNotBlank();
            assertThat(said.text()).endsWith(".");
        });
    }

    @ParameterizedTest
    @MethodSource("remedies")
    void everything_wrong_with_an_input_is_refused_at_its_own_place(Remedy remedy) {
        new BadInput(Remedy.fields(remedy.description()), "", input -> refused(remedy, input)).isRefused();
    }

    @ParameterizedTest
    @MethodSource("sums")
    void an_input_with_a_spread_has_an_answer_with_ranges_the_same_each_time(Remedy remedy) {
        List<Entry> numbers = remedy.description().fields().stream()
                .filter(field -> field.kind() == Entry.Kind.NUMBER && !field.whole())
                .filter(field -> remedy.description().example().containsKey(field.key()))
                .toList();
        if (numbers.isEmpty()) {
            return;
        }
        Map<String, Object> input = new LinkedHashMap<>(remedy.description().example());
        Map<String, Object> spread = new LinkedHashMap<>();
        for (Entry number : numbers) {
            spread.put(number.key(), 0.02 * ((Number) input.get(number.key())).doubleValue());
        }
        input.put("spread", spread);
        Remedy.Answer got = Remedy.calculate(remedy, input);
        assertThat(Remedy.calculate(remedy, input).ranges()).isEqualTo(got.ranges());
        got.ranges().forEach((key, range) -> {
            assertThat(range.low()).as(key).isLessThan(range.high());
            assertThat((Double) got.answer().get(key)).as(key).isBetween(range.low(), range.high());
        });
        if (!got.lines().isEmpty()
                && !List.of("cost").contains(got.lines().get(0).key())) {
            assertThat(got.ranges()).isNotEmpty();
        }
    }

    private static List<Refusal> refused(Remedy remedy, Map<String, ?> input) {
        try {
            Remedy.calculate(remedy, input);
        } catch (Refused refused) {
            return new ArrayList<>(refused.refusals());
        }
        return List.of();
    }
}
