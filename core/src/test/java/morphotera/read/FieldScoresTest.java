package morphotera.read;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import morphotera.Draws;
import morphotera.Tables;
import morphotera.ground.DepthClass;
import morphotera.measure.Cell;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.Taken;
import org.junit.jupiter.api.Test;

class FieldScoresTest {
    private static List<Taken> method(String method, Group group, Grade grade, double... scores) {
        List<Taken> readings = new ArrayList<>();
        for (int i = 0; i < scores.length; i++) {
            readings.add(Scored.at("spot " + (i + 1), method, group, grade, scores[i]));
        }
        return readings;
    }

    private static FieldScores of(List<List<Taken>> methods) {
        return FieldScores.of(methods.stream().flatMap(List::stream).toList(), School.BALANCED, null);
    }

    private static MethodScore one(double... scores) {
        return of(List.of(method("slaking", Group.STRUCTURE, Grade.A, scores)))
                .methods()
                .get(0);
    }

    @Test
    void a_mean_lies_between_its_spots() {
        Draws.each(200, draw -> {
            List<Double> scores = draw.list(1, 12, 0, 100);

            MethodScore got =
                    one(scores.stream().mapToDouble(Double::doubleValue).toArray());
            assertThat(got.mean()).isBetween(got.lowest() - 1e-9, got.highest() + 1e-9);
            assertThat(got.n()).isEqualTo(scores.size());
        });
    }

    @Test
    void one_spot_has_no_spread() {
        assertThat(one(50).sd()).isNull();
        assertThat(one(50, 50).sd()).isZero();
    }

    @Test
    void repeats_at_a_spot_are_averaged_before_the_spots_are() {
        List<Taken> readings = new ArrayList<>(method("slaking", Group.STRUCTURE, Grade.A, 40, 80));
        readings.add(Scored.at("spot 1", "slaking", Group.STRUCTURE, Grade.A, 60));
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

    private static List<List<Taken>> soilAndPlants(double plants, int spots) {
        double[] soil = new double[spots];
        double[] above = new double[spots];
        Arrays.fill(soil, 60);
        Arrays.fill(above, plants);
        return List.of(
                method("a", Group.WATER, Grade.A, soil),
                method("b", Group.LIFE, Grade.A, soil),
                method("c", Group.ROOTS, Grade.A, soil),
                method("p", Group.PLANTS, Grade.A, above));
    }

    @Test
    void plants_stand_beside_the_soil_and_fifteen_points_ask_why() {
        assertThat(of(soilAndPlants(74.9, 3)).balance()).isEqualTo(FieldScores.Balance.IN_STEP);
        assertThat(of(soilAndPlants(75, 3)).balance()).isEqualTo(FieldScores.Balance.PLANTS_AHEAD);
        assertThat(of(soilAndPlants(45, 3)).balance()).isEqualTo(FieldScores.Balance.SOIL_AHEAD);
    }

    @Test
    void with_two_spots_or_two_groups_too_little_is_known_to_say_which_is_ahead() {
        FieldScores twoSpots = of(soilAndPlants(90, 2));
        assertThat(twoSpots.balance()).isNull();
        assertThat(twoSpots.difference()).isEqualTo(-30);
        assertThat(of(soilAndPlants(90, 3).subList(1, 4)).balance()).isNull();
    }

    @Test
    void a_hollow_value_is_shown_and_stays_out_of_the_mean() {
        List<Taken> readings = new ArrayList<>(method("slaking", Group.STRUCTURE, Grade.A, 40, 60));
        readings.add(Scored.at("spot 3", null, "slaking", Group.STRUCTURE, Grade.A, 100, true));
        MethodScore got = of(List.of(readings)).methods().get(0);
        assertThat(got.n()).isEqualTo(2);
        assertThat(got.mean()).isEqualTo(50);
        assertThat(got.spots())
                .hasSize(3)
                .last()
                .satisfies(spot -> assertThat(spot.hollow()).isTrue());
    }

    @Test
    void where_all_is_hollow_the_mean_is_shown_hollow_and_enters_no_group() {
        FieldScores got = of(List.of(List.of(
                Scored.at("spot 1", null, "penetration", Group.STRUCTURE, Grade.A, 10, true),
                Scored.at("spot 2", null, "penetration", Group.STRUCTURE, Grade.A, 30, true))));
        assertThat(got.methods().get(0).hollow()).isTrue();
        assertThat(got.methods().get(0).n()).isZero();
        assertThat(got.methods().get(0).mean()).isEqualTo(20);
        assertThat(got.groups()).isEmpty();
        assertThat(got.soil().balanced()).isNull();
    }

    @Test
    void depths_are_not_mixed_and_the_deeper_has_a_row_of_its_own_outside_the_groups() {
        FieldScores got = of(List.of(List.of(
                Scored.at("spot 1", 45.0, "slaking", Group.STRUCTURE, Grade.A, 20, false),
                Scored.at("spot 1", 5.0, "slaking", Group.STRUCTURE, Grade.A, 80, false),
                Scored.at("spot 2", 5.0, "slaking", Group.STRUCTURE, Grade.A, 60, false))));
        assertThat(got.methods()).hasSize(2);
        MethodScore top =
                got.methods().stream().filter(MethodScore::inGroup).findFirst().orElseThrow();
        assertThat(top.depthClass()).isEqualTo(DepthClass.TO_10);
        assertThat(top.mean()).isEqualTo(70);
        assertThat(got.soil().balanced()).isEqualTo(70);
    }

    @Test
    void salt_is_scored_by_the_mean_of_the_root_zone() {
        Map<String, Object> loam = Map.of("texture", "loam");
        List<Taken> readings = List.of(salt(loam, 5, 2), salt(loam, 45, 8));
        FieldScores got = FieldScores.of(readings, School.BALANCED, null);
        MethodScore zone = got.methods().get(0);
        // To 10 cm and 30 to 60 cm count by their thickness: (10 × 2 + 30 × 8) ÷ 40 = 6.5 dS/m.
        assertThat(zone.inGroup()).isTrue();
        assertThat(zone.mean()).isCloseTo(60 + (25 - 60) * (6.5 - 4) / 4, within(1e-9));
        assertThat(got.methods()).hasSize(2);
        assertThat(got.methods().get(1).depthClass()).isEqualTo(DepthClass.TO_60);
        assertThat(got.methods().get(1).inGroup()).isFalse();
    }

    private static Taken salt(Map<String, Object> context, double depthCm, double paste) {
        Map<String, Object> entered = Map.of("ec", paste, "compensated", true, "ratio", "paste", "depthCm", depthCm);
        return Taken.at("spot", new Cell(null, depthCm, null, null, 1), Tables.evaluate("salinity", context, entered));
    }

    @Test
    void at_a_spot_a_meter_speaks_before_a_card_and_a_laboratory_before_both() {
        Taken card = ph("card", 4.6);
        Taken meter = ph("water", 6.2);
        FieldScores two = FieldScores.of(List.of(card, meter), School.BALANCED, null);
        assertThat(two.methods()).hasSize(1);
        assertThat(two.methods().get(0).mean()).isEqualTo(meter.evaluation().score());
        Taken laboratory = Taken.at(
                "spot",
                Cell.PLAIN,
                Tables.evaluate("laboratory", Map.of(), Map.of("ph", Map.of("value", 6.6, "basis", "water"))));
        FieldScores three = FieldScores.of(List.of(card, laboratory), School.BALANCED, null);
        assertThat(three.methods().get(0).inGroup())
                .as("the card stands beside")
                .isFalse();
        assertThat(three.groups().get(0).score())
                .isEqualTo(laboratory.evaluation().score());
    }

    private static Taken ph(String basis, double value) {
        Map<String, Object> entered = Map.of("points", List.of(Map.of("depthCm", 5, "value", value, "basis", basis)));
        return Taken.at("spot", Cell.PLAIN, Tables.evaluate("ph", Map.of(), entered));
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
        List<List<Taken>> three = List.of(
                method("a", Group.WATER, Grade.A, 60, 60, 60),
                method("b", Group.STRUCTURE, Grade.A, 60, 60, 60),
                method("c", Group.LIFE, Grade.A, 60, 60, 60));
        FieldScores got = of(three);
        assertThat(got.soil().coverage()).isEqualTo(0.5);
        assertThat(got.soil().spotsPerMethod()).isEqualTo(3);
        assertThat(got.soil().provisional()).isFalse();
        assertThat(of(three.subList(0, 2)).soil().provisional()).isTrue();
        List<List<Taken>> fewer = new ArrayList<>(three);
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
        List<Taken> readings = new ArrayList<>();
        readings.addAll(method("a", Group.WATER, Grade.A, 80));
        readings.addAll(method("b", Group.LIFE, Grade.A, 20));
        readings.addAll(method("p", Group.PLANTS, Grade.A, 50));
        assertThat(FieldScores.of(readings, School.BALANCED, null).difference()).isZero();
        assertThat(FieldScores.of(readings, School.WEAKEST, null).difference()).isEqualTo(-30);
        assertThat(FieldScores.of(readings, School.TALLY, null).difference()).isZero();
    }
}
