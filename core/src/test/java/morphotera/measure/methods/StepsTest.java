package morphotera.measure.methods;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import morphotera.measure.Step;
import org.junit.jupiter.api.Test;
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
            infiltration-ring | pours | place-ring 150, pour-1 20 [60-3600 w 300/600/1500], pour-2 20 [120-3600 w 600/1800/3600], lift-rinse 45
            infiltration-ring | levels | place-ring 150, fill 30 [120-600], read-1 15 [120-600], read-2 15 [120-600], read-3 15 [120-600], read-4 15 [120-600], read-5 15 [120-600], read-6 15 [120-600], lift-rinse 45
            drain-down | quarter-hour | dig-wet 240 [900-86400], fill-start 45 [840-960], read-15-cover 45, L empty-hour 60
            ground-cover | line | lay-line 40, fifty-points 150, enter 10
            ground-cover | photograph | photo 30, L count 60
            drop-shatter | cube | cut-cube 120, drop 90, part-sort 240, photo-enter 45
            dispersion | half-hour | lay-own-dish 45 [555-645], look-10 15 [1140-1260], look-30 15
            dispersion | two-hours | lay-own-dish 45 [555-645], look-10 15 [1140-1260], look-30 15 [5100-5700], look-2h 15
            slump | clod | gather 60, L dry 0 [86400-604800], L soak 30 [300-600], L lift-drain 20 [30-60 w], L turn-out-judge 50, L rinse 30
            squeeze | hand | squeeze-touch 30
            texture-feel | ribbon | gather-pick 45, wet-knead 120, ribbon-three-times 60, judge-enter 30
            texture-jar | clock | gather-label 60, L crush-sieve 300, L soak 60 [43200-86400], L shake 300, L set-level 10 [58-62 w], L mark-sand 10 [7000-7400], L mark-silt 15 [158000-252000], L mark-clay-read 60
            texture-jar | settling | gather-label 60, L crush-sieve 300, L soak 60 [43200-86400], L shake 300, L set-level 10 [42-46 w], L mark-sand 10 [26425-29206], L mark-silt 15 [158000-252000], L mark-clay-read 60
            carbonate-fizz | acid | goggles-gloves 60, drop 15 [30-45 w], judge 30, rinse-cap 30
            salinity | mixed | D check-standard 120, auger 90 auger, mix 90, shake 60 [600-1800], read 80, rinse-enter 30
            salinity | in-place | wet 30 [300-600], insert-read 80, wipe 20
            nutrient-kit | kit | gather 45, sieve-dose 90, shake 60 [300-900], reagents 120 [600-660], read 60, collect-waste 30
            laboratory | composite | label 30, cores 300, mix-bag 90, photo-cool 30, L hand-over 300
            earthworms | five-minutes | block 210 block, sort 300, count-kinds 60, return-enter 30
            earthworms | ten-minutes | block 210 block, sort 600, count-kinds 60, return-enter 30
            surface-life | quadrat | approach-lay 20 [60-120 w], count-edge-in 180, lift-litter 120, enter 45
            smell | block | block 210 block, take-wet-smell 35
            respiration | field-moist | gather-cool 75, L sieve-weigh 240, L seal 60 [64800-97200], L read 60, L vent 20
            respiration | rewetted | gather 75, L dry-sieve-weigh 360 [86400-259200], L wet-seal 90 [64800-97200], L read 60, L vent 20
            microbial-mass | card | gather-measure 85, stir 30 [300-330], tap 10 [900-960], three-drops 60 [0-120 w], read 20
            soil-temperature | two-covers | insert 15 [60-180], read 20
            root-pit | spade | D dig-safe-booking 600, check-fence 120 by 2, dig 1500 by 2, clean 300 by 2, photo-tape 60 by 2, describe-layers 600 by 2, water-read 15 by 2, backfill 900 by 2
            root-pit | machine | D dig-safe-booking 600, check-fence 120 by 2, dig 2700 by 2, clean 300 by 2, photo-tape 60 by 2, describe-layers 600 by 2, water-read 15 by 2, backfill 900 by 2
            soil-colour | chart | gather 40, wet 20 [30-60 w], compare-in-shade 60, enter 15
            finger-stain | finger | wet-rub-judge 30
            plant-look | walk | walk-look 90, quadrat 120, photo-enter 60
            sap | press | zero 30, pick 90, press 120, read 30, rinse 30
            yield | record | L enter 60
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
            text.append(step.pause().watched() ? " w" : "");
            Step.Expect expect = step.pause().expect();
            text.append(
                    expect == null
                            ? "]"
                            : " " + expect.coarseS() + "/" + expect.mediumS() + "/" + expect.fineS() + "]");
        }
        if (step.minPeople() > 1) {
            text.append(" by ").append(step.minPeople());
        }
        return step.sharedAs() == null
                ? text.toString()
                : text.append(' ').append(step.sharedAs()).toString();
    }

    @Test
    void every_way_of_every_method_is_held_against_the_protocol() {
        int ways = Methods.ALL.stream()
                .mapToInt(method -> method.description().variants().size())
                .sum();
        assertThat(ways).isEqualTo(42);
    }
}
