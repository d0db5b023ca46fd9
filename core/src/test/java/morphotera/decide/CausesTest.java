package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import morphotera.Draws;
import morphotera.Tables;
import org.junit.jupiter.api.Test;

class CausesTest {
    private static final Causes.Setting ARABLE = new Causes.Setting("arable", "coarse", null, null, false);

    private static final Causes.Setting COASTAL = new Causes.Setting("arable", null, null, true, false);

    private static Causes.Judged judge(String cause, Map<String, Boolean> findings) {
        return judge(cause, ARABLE, Seen.plainly(findings));
    }

    private static Causes.Judged judge(String cause, Causes.Setting setting, Map<String, Seen> findings) {
        return Causes.judge(Tables.CAUSES, setting, findings).stream()
                .filter(judged -> judged.cause().id().equals(cause))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void nothing_looked_at_leaves_the_prior() {
        assertThat(judge("compacted-pan", Map.of()).belief()).isCloseTo(0.2, within(1e-12));
        assertThat(judge("compacted-pan", Map.of()).word()).isEqualTo(Causes.Word.OPEN);
    }

    @Test
    void findings_of_one_story_count_whole_then_half_then_a_quarter() {
        Causes.Judged got =
                judge("compacted-pan", Map.of("pan-found", true, "plates-or-massive", true, "limit-shallow", true));
        assertThat(got.evidence().stream().map(Causes.Weighed::finding))
                .containsExactly("pan-found", "plates-or-massive", "limit-shallow");
        assertThat(got.evidence().get(0).weight()).isCloseTo(Math.log(0.85 / 0.07), within(1e-12));
        assertThat(got.evidence().get(1).weight()).isCloseTo(Math.log(0.75 / 0.15) / 2, within(1e-12));
        assertThat(got.evidence().get(2).weight()).isCloseTo(Math.log(0.45 / 0.25) / 4, within(1e-12));
        double logit =
                Math.log(0.2 / 0.8) + Math.log(0.85 / 0.07) + Math.log(0.75 / 0.15) / 2 + Math.log(0.45 / 0.25) / 4;
        assertThat(got.belief()).isCloseTo(1 / (1 + Math.exp(-logit)), within(1e-12));
    }

    @Test
    void for_and_against_are_two_stories() {
        Causes.Judged got = judge("compacted-pan", Map.of("pan-found", true, "plates-or-massive", false));
        assertThat(got.evidence().get(1).weight()).isCloseTo(Math.log(0.25 / 0.85), within(1e-12));
    }

    @Test
    void a_decisive_finding_lifts_to_likely_or_holds_down() {
        assertThat(judge("acid-topsoil", Map.of("acid-top", true)).belief()).isGreaterThanOrEqualTo(0.8);
        Causes.Judged down =
                judge("nutrient-shortage", Map.of("nutrient-low", false, "leaf-old-pale", true, "leaf-scorch", true));
        assertThat(down.belief()).isLessThanOrEqualTo(0.45);
        assertThat(down.word()).isEqualTo(Causes.Word.OPEN);
    }

    @Test
    void two_signs_of_sulphide_raise_the_gate_above_everything_and_one_does_on_low_ground() {
        Map<String, Seen> two =
                Seen.plainly(Map.of("rotten-egg", true, "very-acid", true, "acid-top", true, "pan-found", true));
        List<Causes.Judged> all = Causes.judge(Tables.CAUSES, ARABLE, two);
        assertThat(all.get(0).cause().id()).isEqualTo("acid-sulphate");
        assertThat(all.get(0).gate()).contains("No draining");
        assertThat(all.get(0).belief()).isGreaterThanOrEqualTo(0.5);
        Map<String, Seen> one = Seen.plainly(Map.of("rotten-egg", true));
        assertThat(judge("acid-sulphate", ARABLE, one).gate()).isNull();
        assertThat(judge("acid-sulphate", COASTAL, one).gate()).isNotNull();
        assertThat(judge("acid-sulphate", COASTAL, one).belief()).isGreaterThanOrEqualTo(0.5);
        assertThat(judge("contamination", Map.of("old-works", false)).gate()).isNull();
        assertThat(judge("contamination", Map.of("old-works", true)).gate()).isNotNull();
    }

    @Test
    void on_low_ground_looking_and_seeing_nothing_never_lifts_the_gate_and_a_clear_laboratory_test_does() {
        Map<String, Seen> nothing =
                Seen.plainly(Map.of("rotten-egg", false, "very-acid", false, "yellow-mottles", false));
        Causes.Judged looked = judge("acid-sulphate", COASTAL, nothing);
        assertThat(looked.gate()).isNotNull();
        assertThat(looked.belief()).isLessThan(0.2);
        Causes.Setting clear = new Causes.Setting("arable", null, null, true, true);
        assertThat(judge("acid-sulphate", clear, nothing).gate()).isNull();
    }

    @Test
    void sodium_over_fifteen_decides_and_under_it_decides_nothing() {
        assertThat(judge("sodicity", Map.of("sodium-very-high", true)).belief()).isGreaterThanOrEqualTo(0.8);
        assertThat(judge("sodicity", Map.of("sodium-very-high", false, "sodium-high", true, "crumbs-disperse", true))
                        .belief())
                .isGreaterThan(0.45);
    }

    @Test
    void what_counts_half_weighs_half_and_decides_nothing() {
        Causes.Judged whole = judge("acid-topsoil", Map.of("acid-top", true));
        Causes.Judged half = judge(
                "acid-topsoil", ARABLE, Map.of("acid-top", Seen.plainly(true).halved()));
        assertThat(half.evidence().get(0).weight())
                .isCloseTo(whole.evidence().get(0).weight() / 2, within(1e-12));
        assertThat(half.belief()).isLessThan(0.8);
    }

    @Test
    void a_finding_that_spots_do_not_agree_on_weighs_and_does_not_decide() {
        Causes.Judged three =
                judge("nutrient-shortage", ARABLE, Map.of("nutrient-low", new Seen(false, false, false, false)));
        assertThat(three.evidence()).hasSize(1);
        Causes.Judged patchy =
                judge("nutrient-shortage", ARABLE, Map.of("nutrient-low", new Seen(null, false, false, false)));
        assertThat(patchy.evidence()).isEmpty();
        assertThat(patchy.belief()).isCloseTo(0.25, within(1e-12));
    }

    @Test
    void a_prior_is_narrowed_by_the_first_that_fits() {
        Causes.Setting pasture = new Causes.Setting("pasture", null, null, null, false);
        assertThat(Causes.judge(Tables.CAUSES, pasture, Map.of()).stream()
                        .filter(one -> one.cause().id().equals("compacted-surface"))
                        .findFirst()
                        .orElseThrow()
                        .belief())
                .isCloseTo(0.35, within(1e-12));
    }

    @Test
    void words_begin_at_their_limits_whatever_a_last_digit_does() {
        assertThat(Causes.Word.of(0.8 - 1e-12)).isEqualTo(Causes.Word.LIKELY);
        assertThat(Causes.Word.of(0.5)).isEqualTo(Causes.Word.POSSIBLE);
        assertThat(Causes.Word.of(0.2)).isEqualTo(Causes.Word.OPEN);
        assertThat(Causes.Word.of(0.1999)).isEqualTo(Causes.Word.UNLIKELY);
    }

    @Test
    void a_finding_likelier_with_the_cause_never_lowers_its_belief_when_seen_nor_an_unlikelier_one_raises_it() {
        Draws.each(60, draw -> {
            boolean tracks = draw.coin();

            Map<String, Boolean> before = new HashMap<>(Map.of("tracks", tracks));
            for (CauseTable.Cause cause : Tables.CAUSES.causes()) {
                for (CauseTable.Evidence evidence : cause.evidence()) {
                    Map<String, Boolean> after = new HashMap<>(before);
                    after.put(evidence.finding(), true);
                    before.remove(evidence.finding());
                    double rise = judge(cause.id(), after).belief()
                            - judge(cause.id(), before).belief();
                    assertThat(rise * Math.signum(evidence.t() - evidence.f()))
                            .as("%s seen for %s", evidence.finding(), cause.id())
                            .isGreaterThanOrEqualTo(-1e-12);
                }
            }
        });
    }

    @Test
    void every_finding_a_cause_names_is_in_the_table() {
        for (CauseTable.Cause cause : Tables.CAUSES.causes()) {
            for (CauseTable.Evidence evidence : cause.evidence()) {
                assertThat(Tables.CAUSES.finding(evidence.finding()))
                        .as(evidence.finding())
                        .isPresent();
            }
        }
    }
}
