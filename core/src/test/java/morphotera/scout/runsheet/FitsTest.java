package morphotera.scout.runsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import morphotera.measure.methods.Methods;
import org.junit.jupiter.api.Test;

class FitsTest {
    private final Outing routine = Outings.row(
            1, 4, "structure-spade", "earthworms", "slaking", "dispersion", "penetration", "ph", "root-depth");

    @Test
    void what_is_proposed_is_done_in_the_minutes_there_are_by_the_planners_own_sheet() {
        for (Fits.Proposal proposal : Fits.of(routine, 90, Map.of())) {
            List<Outing.Test> tests = proposal.tests().stream()
                    .map(one -> Outing.Test.of(
                            one.spot(), Methods.find(one.method()).orElseThrow().description()))
                    .toList();
            assertThat(tests).as(proposal.name()).isNotEmpty();
            assertThat(RunSheet.plan(routine.of(tests)).totalS())
                    .as(proposal.name())
                    .isEqualTo(proposal.totalS())
                    .isLessThanOrEqualTo(5400);
            assertThat(proposal.tests().size() + proposal.leftOut().size()).isEqualTo(28);
        }
    }

    @Test
    void the_best_for_the_time_settles_at_least_as_much_as_the_others() {
        List<Fits.Proposal> all = Fits.of(routine, 100, Map.of("ph", 0.9, "slaking", 0.1, "penetration", 0.5));
        assertThat(all.get(2).worth()).isGreaterThanOrEqualTo(all.get(0).worth());
        assertThat(all.get(2).worth()).isGreaterThanOrEqualTo(all.get(1).worth());
    }

    @Test
    void a_full_set_at_few_spots_and_the_quick_ones_everywhere_are_two_ways_of_leaving_out() {
        List<Fits.Proposal> all = Fits.of(routine, 90, Map.of());
        assertThat(all)
                .extracting(Fits.Proposal::name)
                .containsExactly("all-at-few", "quick-everywhere", "best-for-the-time");
        assertThat(all.get(0).tests().stream().map(Fits.Chosen::spot).distinct().count())
                .isLessThan(4);
        assertThat(all.get(1).tests().stream().map(Fits.Chosen::spot).distinct().count())
                .isEqualTo(4);
    }

    @Test
    void five_minutes_are_enough_for_nothing_that_takes_longer() {
        assertThat(Fits.of(Outings.row(1, 1, "penetration"), 5, Map.of()))
                .allSatisfy(proposal -> assertThat(proposal.tests()).isEmpty());
    }
}
