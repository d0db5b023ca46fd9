package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.ground.Months;
import org.junit.jupiter.api.Test;

/** A plan as somebody set it: what it breaks is named. */
class PlanCheckTest {
    private static final Plan.Ground GROUND = new Plan.Ground(null, null, null, null, null, null, false);
    private static final Map<String, List<Integer>> MONTHS =
            Map.of("lime", List.of(9, 10), "drains", List.of(8, 9, 10));

    private static PlanCheck.Placed step(String id, String remedy, String from, String to) {
        return new PlanCheck.Placed(id, remedy, Months.of(from), Months.of(to));
    }

    private static List<String> broken(
            Plan.Ground ground, Set<String> gates, boolean south, PlanCheck.Placed... steps) {
        return PlanCheck.of(List.of(steps), ground, gates, MONTHS, south).stream()
                .map(one -> one.step() + " " + one.rule().word() + (one.other() == null ? "" : " " + one.other()))
                .toList();
    }

    @Test
    void an_order_that_holds_breaks_nothing() {
        assertThat(broken(
                        GROUND,
                        Set.of(),
                        false,
                        step("d", "drains", "2031-08", "2031-10"),
                        step("l", "leaching", "2031-10", "2032-02")))
                .isEmpty();
    }

    @Test
    void salt_washed_before_the_water_can_leave_names_the_drains() {
        assertThat(broken(
                        GROUND,
                        Set.of(),
                        false,
                        step("l", "leaching", "2031-09", "2032-02"),
                        step("d", "drains", "2031-08", "2031-10")))
                .containsExactly("l water-before-salt d");
    }

    @Test
    void of_two_dressings_the_first_is_what_the_seed_waits_for() {
        PlanCheck.Placed seed = step("s", "legume", "2032-04", "2032-05");
        assertThat(broken(
                        GROUND,
                        Set.of(),
                        false,
                        step("a", "lime", "2031-09", "2031-10"),
                        step("b", "lime", "2032-09", "2032-10"),
                        seed))
                .isEmpty();
    }

    @Test
    void a_gate_and_a_number_of_the_ground_strike_out() {
        assertThat(broken(GROUND, Set.of("acid-sulphate"), false, step("d", "drains", "2031-08", "2031-10")))
                .containsExactly("d gate-forbids");
        Plan.Ground limed = new Plan.Ground(null, 7.1, null, null, null, null, false);
        assertThat(broken(limed, Set.of(), false, step("l", "lime", "2031-09", "2031-10")))
                .containsExactly("l lime-to-6-8");
    }

    @Test
    void months_are_half_a_year_later_in_the_south() {
        PlanCheck.Placed spring = step("l", "lime", "2031-03", "2031-04");
        assertThat(broken(GROUND, Set.of(), false, spring)).containsExactly("l out-of-months");
        assertThat(broken(GROUND, Set.of(), true, spring)).isEmpty();
    }
}
