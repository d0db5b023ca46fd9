package morphotera.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Steps in order with hands-on seconds and waits, as they are planned with. Notation: D day before, L later, w watched. */
class StepsTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            percolation-hole | ruler | D dig-roughen 360, D presoak-fill 60 [14400-86400], refill-read-0 90 [1500-2100], read-30 20 [1500-2100], read-60 20 [1500-2100], read-90 20 [1500-2100], read-120-backfill 140
            slaking | dried-later | gather 60, L dry 0 [86400-604800], L lay 45 [60-62 w], L note-swirl-gently 15, L swirl-strongly 15, L press-stones-enter 60
            slaking | dry-in-hand | lay 45 [60-62 w], note-swirl-gently 15, swirl-strongly 15, press-stones-enter 60
            slaking | ten-minute | lay 45 [600-630 w], press-stones-enter 60
            penetration | cone | choose-cone-zero 30, push-read-ten 450, enter-wipe 75
            structure-spade | block | block 210 block, lay-open 150, judge-layers 180, photo 30, put-back 60 put-back
            root-depth | block | block 210 block, clean-face 60, rule-photo 30, tease-root80 90, judge-enter 45
            ph | card | auger 90 auger, mix-fill 80, indicator 30 [60-600], powder-read 60, rinse 30
            ph | meter | D calibrate 300, auger 90 auger, weigh-mix 90, shake 60 [900-3600], read 120, rinse 20
            """)
    void steps_and_waits_are_those_of_the_protocol(String method, String variant, String steps) {
        List<Step> got = Methods.find(method).orElseThrow().description().variants().stream()
                .filter(one -> one.id().equals(variant))
                .findFirst()
                .orElseThrow()
                .steps();
        assertThat(got.stream().map(StepsTest::spoken)).containsExactly(steps.split(", "));
    }

    private static String spoken(Step step) {
        StringBuilder text = new StringBuilder(
                step.when() == Step.When.DAY_BEFORE ? "D " : step.when() == Step.When.LATER ? "L " : "");
        text.append(step.id()).append(' ').append(step.handsOnS());
        if (step.pause() != null) {
            text.append(" [")
                    .append(step.pause().minS())
                    .append('-')
                    .append(step.pause().maxS());
            text.append(step.pause().watched() ? " w]" : "]");
        }
        return step.sharedAs() == null
                ? text.toString()
                : text.append(' ').append(step.sharedAs()).toString();
    }
}
