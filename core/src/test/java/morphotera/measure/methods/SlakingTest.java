package morphotera.measure.methods;

import static morphotera.Tables.evaluate;
import static morphotera.measure.methods.Results.flags;
import static morphotera.measure.methods.Results.refusals;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import morphotera.Draws;
import morphotera.measure.Evaluation;
import org.junit.jupiter.api.Test;

class SlakingTest {
    private static final Map<String, Object> NEVER = Reading.of("fellAt", "never");
    private static final Map<String, Object> GENTLE = Reading.of("fellAt", "gentle");

    private static Map<String, Object> still(double seconds, double share) {
        return Reading.of("fellAt", "still", "seconds", seconds, "share", share);
    }

    private static double score(Object... crumbs) {
        return evaluate("slaking", Map.of(), Reading.crumbs(crumbs)).score();
    }

    @Test
    void a_crumb_that_holds_longer_never_scores_lower() {
        Draws.each(300, draw -> {
            double a = draw.from(1, 600);
            double b = draw.from(1, 600);

            double sooner = Math.min(a, b);
            double later = Math.max(a, b);
            assertThat(score(still(later, 1), GENTLE, NEVER))
                    .isGreaterThanOrEqualTo(score(still(sooner, 1), GENTLE, NEVER));
        });
    }

    @Test
    void a_crumb_that_falls_less_never_scores_lower() {
        Draws.each(300, draw -> {
            double a = draw.from(0, 1);
            double b = draw.from(0, 1);

            assertThat(score(still(30, Math.min(a, b)), GENTLE, NEVER))
                    .isGreaterThanOrEqualTo(score(still(30, Math.max(a, b)), GENTLE, NEVER) - 1e-9);
        });
    }

    @Test
    void the_two_schools_meet_at_one_minute_and_end_at_ten() {
        assertThat(score(still(60, 1), still(60, 1), still(60, 1))).isCloseTo(20, within(1e-9));
        assertThat(score(still(600, 1), still(600, 1), still(600, 1))).isCloseTo(45, within(1e-9));
    }

    @Test
    void a_stone_is_struck_out_and_not_counted_as_a_stable_crumb() {
        Map<String, Object> stone = Reading.of("fellAt", "never", "stone", true);
        assertThat(score(GENTLE, GENTLE, GENTLE, stone)).isEqualTo(45);
        assertThat(refusals("slaking", Reading.crumbs(stone, stone))).containsExactly("/reading/crumbs only-stones");
    }

    @Test
    void two_crumbs_are_too_few_to_trust_and_moist_ones_are_no_evidence() {
        Map<String, Object> moist = Reading.crumbs(GENTLE, NEVER);
        moist.put("crumbState", "field-moist");
        Evaluation got = evaluate("slaking", Map.of(), moist);
        assertThat(flags(got)).containsExactlyInAnyOrder("few-crumbs", "moist-crumbs");
        assertThat(got.counts("score")).isFalse();
    }

    @Test
    void a_tie_of_verdicts_goes_to_the_worse() {
        assertThat(evaluate("slaking", Map.of(), Reading.crumbs(still(9, 1), NEVER))
                        .words()
                        .get("verdict"))
                .isEqualTo("poor");
        assertThat(evaluate("slaking", Map.of(), Reading.crumbs(GENTLE, NEVER, NEVER))
                        .words()
                        .get("verdict"))
                .isEqualTo("good");
    }

    @Test
    void seconds_belong_to_still_water_alone() {
        assertThat(refusals("slaking", Reading.crumbs(Reading.of("fellAt", "still"))))
                .containsExactly("/reading/crumbs/0/seconds missing");
        assertThat(refusals("slaking", Reading.crumbs(Reading.of("fellAt", "gentle", "seconds", 4))))
                .containsExactly("/reading/crumbs/0/seconds not-here");
        assertThat(refusals("slaking", Reading.crumbs())).containsExactly("/reading/crumbs empty-list");
    }
}
