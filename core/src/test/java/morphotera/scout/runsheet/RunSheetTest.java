package morphotera.scout.runsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import morphotera.ground.Numbers;
import morphotera.ground.TextureGroup;
import morphotera.measure.methods.Methods;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@Execution(ExecutionMode.CONCURRENT)
class RunSheetTest {
    private static Outing.Test test(String spot, String method) {
        return Outing.Test.of(spot, Methods.find(method).orElseThrow().description());
    }

    private static int start(RunSheet sheet, String spot, String step) {
        return sheet.steps().stream()
                .filter(one -> one.spot().equals(spot) && one.step().equals(step))
                .findFirst()
                .orElseThrow()
                .startS();
    }

    /** A thousand in all, in parts that are made side by side. */
    @ParameterizedTest
    @ValueSource(longs = {1000, 1250, 1500, 1750})
    void any_visit_gets_a_sheet_that_keeps_every_window(long from) {
        for (long seed = from; seed < from + 250; seed++) {
            Outing outing = Outings.drawn(seed);
            RunSheet sheet = RunSheet.plan(outing, 0.002);
            assertThat(Inspector.faults(outing, sheet)).as("visit %s", seed).isEmpty();
            assertThat(sheet.totalS()).as("visit %s", seed).isGreaterThanOrEqualTo(sheet.lowerBoundS());
        }
    }

    @Test
    void a_sheet_is_close_to_the_shortest_there_can_be() {
        List<Double> over = new ArrayList<>();
        for (long seed = 0; seed < 20; seed++) {
            RunSheet sheet = RunSheet.plan(Outings.drawn(seed), 0.3);
            over.add((double) sheet.totalS() / sheet.lowerBoundS());
        }
        assertThat(Numbers.median(over)).isLessThan(1.08);
    }

    @Test
    void the_same_visit_gets_the_same_sheet() {
        assertThat(RunSheet.plan(Outings.drawn(7), 0.1)).isEqualTo(RunSheet.plan(Outings.drawn(7), 0.1));
    }

    @Test
    void a_visit_that_one_can_do_without_standing_about_takes_its_work_and_its_walk() {
        RunSheet sheet = RunSheet.plan(Outings.row(1, 2, "squeeze", "smell"));
        // Two blocks, two hands, two noses; 82 and 80 m, two set-downs.
        int work = 2 * (30 + 210 + 35);
        assertThat(sheet.handsOnS()).isEqualTo(work);
        assertThat(sheet.totalS()).isBetween(work + 90 + 135, work + 90 + 138);
        assertThat(sheet.oneAfterAnotherS()).isEqualTo(sheet.totalS());
    }

    @Test
    void the_block_is_cut_once_for_all_who_want_it_and_goes_back_last() {
        Outing outing = Outings.row(1, 1, "structure-spade", "earthworms", "smell", "root-depth");
        RunSheet sheet = RunSheet.plan(outing);
        List<RunSheet.Timed> blocks =
                sheet.steps().stream().filter(one -> one.step().equals("block")).toList();
        assertThat(blocks).hasSize(1);
        assertThat(blocks.get(0).methods())
                .containsExactlyInAnyOrder("structure-spade", "earthworms", "smell", "root-depth");
        assertThat(sheet.steps().get(sheet.steps().size() - 1).step()).isEqualTo("put-back");
    }

    @Test
    void where_nothing_else_decides_the_surface_comes_first_and_the_block_after_the_cone() {
        RunSheet sheet = RunSheet.plan(Outings.row(1, 1, "smell", "penetration", "ground-cover", "plant-look"), 0.2);
        assertThat(sheet.steps().stream().map(one -> one.methods().get(0)).distinct())
                .containsExactly("ground-cover", "plant-look", "penetration", "smell");
    }

    @Test
    void other_tests_are_done_while_a_hole_drains() {
        Outing outing = Outings.row(
                1, 1, "percolation-hole", "penetration", "structure-spade", "ph", "slaking", "ground-cover");
        RunSheet sheet = RunSheet.plan(outing);
        int hole = start(sheet, "s1", "read-120-backfill") + 140 - start(sheet, "s1", "refill-read-0");
        assertThat(sheet.totalS()).isLessThan(hole + 600);
        assertThat(sheet.oneAfterAnotherS()).isGreaterThan(hole + 1800);
    }

    @Test
    void two_people_are_sooner_done_than_one_and_walk_no_faster() {
        RunSheet one = RunSheet.plan(Outings.row(1, 4, "penetration", "structure-spade", "ph"), 0.3);
        RunSheet two = RunSheet.plan(Outings.row(2, 4, "penetration", "structure-spade", "ph"), 0.3);
        assertThat(two.totalS()).isLessThan((int) (0.62 * one.totalS()));
        assertThat(two.handsOnS()).isEqualTo(one.handsOnS());
    }

    @Test
    void a_pit_has_two_people_at_every_step_of_it() {
        Outing outing = Outings.row(3, 2, "root-pit", "ph");
        RunSheet sheet = RunSheet.plan(outing, 0.2);
        assertThat(Inspector.faults(outing, sheet)).isEmpty();
        assertThat(sheet.steps().stream().filter(one -> one.step().equals("dig")))
                .hasSize(4);
    }

    @Test
    void what_is_done_the_day_before_or_at_home_takes_no_time_in_the_field() {
        RunSheet sheet = RunSheet.plan(Outings.row(1, 1, "percolation-hole", "texture-jar"));
        assertThat(sheet.dayBefore()).extracting(RunSheet.Apart::step).containsExactly("dig-roughen", "presoak-fill");
        assertThat(sheet.later()).extracting(RunSheet.Apart::step).contains("shake", "mark-clay-read");
        assertThat(sheet.steps()).extracting(RunSheet.Timed::step).doesNotContain("shake", "dig-roughen");
    }

    @Test
    void slow_ground_is_planned_with_longer_waits() {
        List<Outing.Spot> spots = List.of(new Outing.Spot("s", Outings.place(50, 50)));
        List<Outing.Test> tests = List.of(test("s", "infiltration-ring"));
        int sand = RunSheet.plan(Outings.outing(1, TextureGroup.COARSE, spots, tests))
                .totalS();
        int clay = RunSheet.plan(Outings.outing(1, TextureGroup.FINE, spots, tests))
                .totalS();
        assertThat(clay - sand).isEqualTo(1500 - 300 + 3600 - 600);
    }

    private static Outing at(Outing outing, Outing.Now now) {
        return new Outing(
                outing.people(), outing.texture(), outing.gate(), outing.spots(), outing.tests(), 1.2, 45, now);
    }

    @Test
    void from_now_on_what_is_done_stays_and_windows_count_from_its_true_end() {
        Outing plan = Outings.row(1, 2, "ph", "penetration");
        Outing.Now now = new Outing.Now(
                900,
                List.of(new Outing.Standing(0, "s1")),
                List.of(
                        new Outing.Done("s1", "ph", "auger", 300),
                        new Outing.Done("s1", "ph", "mix-fill", 400),
                        new Outing.Done("s1", "ph", "indicator", 700)),
                List.of());
        Outing outing = at(plan, now);
        RunSheet sheet = RunSheet.plan(outing, 0.2);
        assertThat(Inspector.faults(outing, sheet)).isEmpty();
        assertThat(sheet.missed()).isEmpty();
        assertThat(start(sheet, "s1", "powder-read")).isBetween(900, 1300);
    }

    @Test
    void a_window_that_nobody_can_reach_is_named_and_the_rest_planned_all_the_same() {
        Outing plan = Outings.row(1, 2, "dispersion", "penetration");
        Outing.Now now = new Outing.Now(
                2000, List.of(), List.of(new Outing.Done("s1", "dispersion", "lay-own-dish", 200)), List.of());
        Outing outing = at(plan, now);
        RunSheet sheet = RunSheet.plan(outing, 0.2);
        assertThat(sheet.missed()).containsExactly(new RunSheet.Missed("s1", "dispersion", "look-10", 845));
        assertThat(Inspector.faults(outing, sheet)).isEmpty();
    }

    @Test
    void a_step_in_hand_is_finished_by_who_is_at_it() {
        Outing plan = Outings.row(2, 2, "penetration", "squeeze");
        Outing.Now now = new Outing.Now(
                700,
                List.of(new Outing.Standing(0, "s1"), new Outing.Standing(1, "s2")),
                List.of(new Outing.Done("s2", "penetration", "choose-cone-zero", 300)),
                List.of(new Outing.Running(1, "s2", "penetration", "push-read-ten", 310)));
        Outing outing = at(plan, now);
        RunSheet sheet = RunSheet.plan(outing, 0.2);
        assertThat(Inspector.faults(outing, sheet)).isEmpty();
        assertThat(sheet.steps())
                .contains(new RunSheet.Timed(1, "s2", List.of("penetration"), "push-read-ten", 310, 760));
    }

    @Test
    void any_visit_can_be_planned_again_from_the_middle_of_itself() {
        for (long seed = 0; seed < 60; seed++) {
            Outing outing = Outings.drawn(seed);
            RunSheet first = RunSheet.plan(outing, 0.01);
            int atS = first.totalS() / 3;
            List<Outing.Done> done = new ArrayList<>();
            List<Outing.Running> running = new ArrayList<>();
            List<Outing.Standing> standing = new ArrayList<>();
            for (RunSheet.Timed one : first.steps()) {
                String method = one.methods().get(0);
                if (one.endS() <= atS) {
                    done.add(new Outing.Done(one.spot(), method, one.step(), one.endS()));
                    standing.removeIf(who -> who.person() == one.person());
                    standing.add(new Outing.Standing(one.person(), one.spot()));
                } else if (one.startS() <= atS) {
                    running.add(new Outing.Running(one.person(), one.spot(), method, one.step(), one.startS()));
                }
            }
            Outing later = at(outing, new Outing.Now(atS, standing, done, running));
            RunSheet sheet = RunSheet.plan(later, 0.01);
            assertThat(Inspector.faults(later, sheet)).as("visit %s", seed).isEmpty();
        }
    }
}
