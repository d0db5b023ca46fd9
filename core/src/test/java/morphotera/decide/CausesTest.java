package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import morphotera.Tables;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class CausesTest {
    private static final Causes.Setting ARABLE = new Causes.Setting("arable", "coarse", null, null);

    private static Causes.Judged judge(String cause, Map<String, Boolean> findings) {
        return Causes.judge(Tables.CAUSES, ARABLE, findings).stream()
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
    void one_sign_of_sulphide_raises_the_gate_above_everything() {
        List<Causes.Judged> all =
                Causes.judge(Tables.CAUSES, ARABLE, Map.of("rotten-egg", true, "acid-top", true, "pan-found", true));
        assertThat(all.get(0).cause().id()).isEqualTo("acid-sulphate");
        assertThat(all.get(0).gate()).contains("No draining");
        assertThat(all.get(0).belief()).isGreaterThanOrEqualTo(0.5);
        assertThat(judge("contamination", Map.of("old-works", false)).gate()).isNull();
    }

    @Test
    void a_prior_is_narrowed_by_the_first_that_fits() {
        Causes.Setting pasture = new Causes.Setting("pasture", null, null, null);
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

    @Property(tries = 60)
    void a_finding_likelier_with_the_cause_never_lowers_its_belief_when_seen(@ForAll boolean tracks) {
        Map<String, Boolean> before = new HashMap<>(Map.of("tracks", tracks));
        for (CauseTable.Cause cause : Tables.CAUSES.causes()) {
            for (CauseTable.Evidence evidence : cause.evidence()) {
                Map<String, Boolean> after = new HashMap<>(before);
                after.put(evidence.finding(), true);
                before.remove(evidence.finding());
                assertThat(judge(cause.id(), after).belief())
                        .as("%s seen for %s", evidence.finding(), cause.id())
                        .isGreaterThanOrEqualTo(judge(cause.id(), before).belief() - 1e-12);
            }
        }
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
