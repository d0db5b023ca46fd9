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

    @Test
    void three_groups_at_three_spots_stand_and_less_is_provisional() {
        List<List<FieldScores.Scored>> three = List.of(
                method("a", Group.WATER, Grade.A, 60, 60, 60),
                method("b", Group.STRUCTURE, Grade.A, 60, 60, 60),
                method("c", Group.LIFE, Grade.A, 60, 60, 60));
        FieldScores got = of(three);
        assertThat(got.soil().coverage()).isEqualTo(0.5);
        assertThat(got.soil().spotsPerMethod()).isEqualTo(3);
        assertThat(got.soil().provisional()).isFalse();
        assertThat(of(three.subList(0, 2)).soil().provisional()).isTrue();
        List<List<FieldScores.Scored>> fewer = new ArrayList<>(three);
        fewer.set(2, method("c", Group.LIFE, Grade.A, 60, 60));
        assertThat(of(fewer).soil().spotsPerMethod()).isCloseTo(8 / 3.0, within(1e-9));
        assertThat(of(fewer).soil().provisional()).isTrue();
    }

    @Test
    void a_tally_gives_two_from_75_and_one_from_40() {
        assertThat(tally(75)).isEqualTo(100);
        assertThat(tally(74.9)).isEqualTo(50);
        assertThat(tally(40)).isEqualTo(50);
        assertThat(tally(39.9)).isZero();
    }

    private static double tally(double score) {
        return of(List.of(method("a", Group.WATER, Grade.A, score))).soil().tally();
    }

    @Test
    void plants_and_context_are_no_part_of_the_soil() {
        FieldScores got = of(List.of(
                method("a", Group.WATER, Grade.A, 60, 60),
                method("p", Group.PLANTS, Grade.A, 10, 10, 10, 10),
                method("x", Group.CONTEXT, Grade.A, 10)));
        assertThat(got.soil().balanced()).isEqualTo(60);
        assertThat(got.soil().tally()).isEqualTo(50);
        assertThat(got.soil().spotsPerMethod()).isEqualTo(2);
        assertThat(got.plants()).isEqualTo(10);
        assertThat(got.difference()).isEqualTo(50);
        assertThat(got.balance()).isEqualTo(FieldScores.Balance.SOIL_AHEAD);
        assertThat(of(List.of(method("p", Group.PLANTS, Grade.A, 10))).balance())
                .isNull();
    }

    @Test
    void forty_points_between_spots_are_uneven() {
        assertThat(one(20, 60).uneven()).isTrue();
        assertThat(one(20, 59.9).uneven()).isFalse();
    }

    @Test
    void a_spot_is_odd_by_the_spread_of_the_others_and_by_twenty_points() {
        assertThat(one(50, 54, 58, 62, 90).odd()).containsExactly("spot 5");
        assertThat(one(30, 45, 55, 65, 85).odd()).as("wide spread").isEmpty();
        assertThat(one(50, 54, 58, 62, 26).odd()).containsExactly("spot 5");
        assertThat(one(60, 60, 60, 40).odd()).as("exactly twenty").isEmpty();
    }

    @Test
    void the_school_decides_which_number_is_held_against_the_plants() {
        List<FieldScores.Scored> readings = new ArrayList<>();
        readings.addAll(method("a", Group.WATER, Grade.A, 80));
        readings.addAll(method("b", Group.LIFE, Grade.A, 20));
        readings.addAll(method("p", Group.PLANTS, Grade.A, 50));
        assertThat(FieldScores.of(readings, School.BALANCED).difference()).isZero();
        assertThat(FieldScores.of(readings, School.WEAKEST).difference()).isEqualTo(-30);
        assertThat(FieldScores.of(readings, School.TALLY).difference()).isZero();
    }
}
