package morphotera.read;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class FieldScoresTest {
    private static List<FieldScores.Scored> method(String method, Group group, Grade grade, double... scores) {
        List<FieldScores.Scored> readings = new ArrayList<>();
        for (int i = 0; i < scores.length; i++) {
            readings.add(new FieldScores.Scored("spot " + (i + 1), method, group, grade, scores[i]));
        }
        return readings;
    }

    private static FieldScores of(List<List<FieldScores.Scored>> methods) {
        return FieldScores.of(methods.stream().flatMap(List::stream).toList(), School.BALANCED);
    }

    private static MethodScore one(double... scores) {
        return of(List.of(method("slaking", Group.STRUCTURE, Grade.A, scores)))
                .methods()
                .get(0);
    }

    @Property(tries = 200)
    void a_mean_lies_between_its_spots(
            @ForAll @Size(min = 1, max = 12) List<@DoubleRange(min = 0, max = 100) Double> scores) {
        MethodScore got = one(scores.stream().mapToDouble(Double::doubleValue).toArray());
        assertThat(got.mean()).isBetween(got.lowest() - 1e-9, got.highest() + 1e-9);
        assertThat(got.n()).isEqualTo(scores.size());
    }

    @Test
    void one_spot_has_no_spread() {
        assertThat(one(50).sd()).isNull();
        assertThat(one(50, 50).sd()).isZero();
    }

    @Test
    void repeats_at_a_spot_are_averaged_before_the_spots_are() {
        List<FieldScores.Scored> readings = new ArrayList<>(method("slaking", Group.STRUCTURE, Grade.A, 40, 80));
        readings.add(new FieldScores.Scored("spot 1", "slaking", Group.STRUCTURE, Grade.A, 60));
        MethodScore got = of(List.of(readings)).methods().get(0);
        assertThat(got.n()).isEqualTo(2);
        assertThat(got.mean()).isEqualTo(65);
    }

    @Test
    void an_odd_spot_is_named_and_stays_in_the_mean() {
        MethodScore got = one(60, 62, 61, 63, 20);
        assertThat(got.odd()).containsExactly("spot 5");
        assertThat(got.uneven()).isTrue();
        assertThat(got.mean()).isCloseTo(53.2, within(1e-9));
    }

    @Test
    void three_spots_are_too_few_to_call_one_odd_and_equal_ones_count_a_deviation_of_one() {
        assertThat(one(60, 60, 0).odd()).isEmpty();
        assertThat(one(60, 60, 60, 39).odd()).containsExactly("spot 4");
        assertThat(one(60, 60, 60, 41).odd()).as("20 points or less").isEmpty();
    }

    @Test
    void one_strong_group_cannot_be_bought_with_many_tests() {
        FieldScores got = of(List.of(
                method("a", Group.STRUCTURE, Grade.A, 90, 90, 90),
                method("b", Group.STRUCTURE, Grade.A, 90, 90, 90),
                method("c", Group.WATER, Grade.A, 30, 30, 30)));
        assertThat(got.soil().balanced()).isEqualTo(60);
        assertThat(got.soil().weakest()).isEqualTo(30);
        assertThat(got.soil().tally()).isCloseTo(100.0 * 4 / 6, within(1e-9));
        assertThat(got.soil().coverage()).isCloseTo(1 / 3.0, within(1e-9));
        assertThat(got.soil().provisional()).as("a third of the groups").isTrue();
    }

    @Test
    void a_grade_that_is_disputed_is_shown_and_never_counted() {
        FieldScores got = of(List.of(
                method("a", Group.STRUCTURE, Grade.A, 40, 40, 40), method("c", Group.CARBON, Grade.C, 100, 100, 100)));
        assertThat(got.methods()).hasSize(2);
        assertThat(got.groups()).hasSize(1);
        assertThat(got.soil().balanced()).isEqualTo(40);
    }

    @Test
    void plants_stand_beside_the_soil_and_fifteen_points_ask_why() {
        assertThat(of(List.of(method("a", Group.WATER, Grade.A, 60), method("p", Group.PLANTS, Grade.A, 74.9)))
                        .balance())
                .isEqualTo(FieldScores.Balance.IN_STEP);
        assertThat(of(List.of(method("a", Group.WATER, Grade.A, 60), method("p", Group.PLANTS, Grade.A, 75)))
                        .balance())
                .isEqualTo(FieldScores.Balance.PLANTS_AHEAD);
        assertThat(of(List.of(method("a", Group.WATER, Grade.A, 60))).balance()).isNull();
    }

    @Test
    void nothing_measured_is_nothing_and_not_zero() {
        FieldScores got = of(List.of());
        assertThat(got.soil().balanced()).isNull();
        assertThat(got.soil().coverage()).isZero();
        assertThat(got.soil().provisional()).isTrue();
    }
}
