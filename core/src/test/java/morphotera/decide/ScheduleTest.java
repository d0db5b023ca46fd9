package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.Draws;
import morphotera.decide.remedies.Remedies;
import org.junit.jupiter.api.Test;

/** Remedies in the calendar. */
class ScheduleTest {
    private static final int JUNE_2031 = 2031 * 12 + 5;
    private static final Map<String, List<Integer>> MONTHS = months();

    private static Map<String, List<Integer>> months() {
        Map<String, List<Integer>> months = new LinkedHashMap<>();
        Remedies.ALL.forEach(
                one -> months.put(one.description().id(), one.description().months()));
        return months;
    }

    private static Plan.Ground ground(Boolean outlet, Double esp) {
        return new Plan.Ground(outlet, 8.4, 2.0, esp, null, null, true);
    }

    private static Schedule of(List<String> remedies, Plan.Ground ground, Set<String> gates, boolean south, int years) {
        return Schedule.of(remedies, ground, gates, MONTHS, south, JUNE_2031, years);
    }

    private static List<String> struck(Schedule schedule) {
        return schedule.struckOut().stream()
                .map(one -> one.remedy() + " " + one.rule().word())
                .toList();
    }

    @Test
    void water_gets_out_before_calcium_goes_in_and_both_before_salt_is_washed() {
        Schedule schedule = of(List.of("leaching", "gypsum", "drains"), ground(false, 9.0), Set.of(), false, 5);
        assertThat(schedule.struckOut()).isEmpty();
        Map<String, Schedule.Step> at = new LinkedHashMap<>();
        schedule.steps().forEach(one -> at.put(one.remedy(), one));
        assertThat(at.get("drains").from()).isEqualTo(JUNE_2031);
        assertThat(at.get("drains").to()).isEqualTo(2031 * 12 + 8);
        assertThat(at.get("leaching").from())
                .isGreaterThanOrEqualTo(at.get("drains").to());
        assertThat(at.get("leaching").from())
                .isGreaterThanOrEqualTo(at.get("gypsum").to());
    }

    @Test
    void without_drains_there_is_no_leaching_whatever_struck_the_drains() {
        assertThat(struck(of(List.of("leaching", "drains"), ground(false, null), Set.of("acid-sulphate"), false, 5)))
                .containsExactlyInAnyOrder("drains gate-forbids", "leaching gate-forbids");
        // Drains have no months left in a plan of a winter: what rests on them falls with them.
        Schedule winter = Schedule.of(
                List.of("leaching", "drains"), ground(false, null), Set.of(), MONTHS, false, 2031 * 12 + 9, 0);
        assertThat(winter.steps()).isEmpty();
    }

    @Test
    void leaching_on_sodic_ground_falls_with_its_gypsum() {
        assertThat(struck(of(List.of("leaching"), ground(true, 9.0), Set.of(), false, 5)))
                .containsExactly("leaching calcium-with-water");
        assertThat(struck(of(List.of("leaching", "gypsum"), ground(true, 9.0), Set.of("contamination"), false, 5)))
                .containsExactlyInAnyOrder("gypsum gate-forbids", "leaching calcium-with-water");
    }

    @Test
    void months_lie_half_a_year_later_in_the_south() {
        Schedule north = of(List.of("compaction", "cover-crop"), ground(true, null), Set.of(), false, 3);
        Schedule south = of(List.of("compaction", "cover-crop"), ground(true, null), Set.of(), true, 3);
        assertThat(north.steps().get(0).from() % 12).isEqualTo(6);
        assertThat(south.steps().get(0).from() % 12).isZero();
    }

    @Test
    void every_remedy_is_in_one_of_the_two_lists_and_starts_after_what_it_waits_for() {
        List<String> all =
                Remedies.ALL.stream().map(one -> one.description().id()).toList();
        Draws.each(300, draw -> {
            List<String> asked = all.stream().filter(one -> draw.coin()).toList();
            Plan.Ground ground = new Plan.Ground(
                    draw.coin(),
                    draw.from(4, 9),
                    draw.from(0, 3),
                    draw.from(0, 12),
                    draw.from(20, 100),
                    draw.coin() ? "wet" : "moist",
                    draw.coin());
            Set<String> gates = draw.coin() ? Set.of("acid-sulphate") : Set.of();
            Schedule schedule = of(asked, ground, gates, draw.coin(), draw.whole(1, 6));
            List<String> placed =
                    schedule.steps().stream().map(Schedule.Step::remedy).toList();
            List<String> struck =
                    schedule.struckOut().stream().map(Schedule.Struck::remedy).toList();
            assertThat(java.util.Collections.disjoint(placed, struck)).isTrue();
            assertThat(placed.size() + struck.size()).isEqualTo(asked.size());
            Map<String, Schedule.Step> at = new LinkedHashMap<>();
            schedule.steps().forEach(one -> {
                one.after()
                        .forEach(
                                after -> assertThat(at.get(after.remedy()).to()).isLessThanOrEqualTo(one.from()));
                at.put(one.remedy(), one);
            });
        });
    }
}
