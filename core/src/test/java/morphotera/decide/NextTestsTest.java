package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.Tables;
import org.junit.jupiter.api.Test;

class NextTestsTest {
    private static final Causes.Setting ARABLE = new Causes.Setting("arable", "coarse", null, null, false);

    @Test
    void entropy_is_one_bit_at_evens_and_none_when_sure() {
        assertThat(NextTests.entropy(0.5)).isCloseTo(1, within(1e-12));
        assertThat(NextTests.entropy(0)).isZero();
        assertThat(NextTests.entropy(1)).isZero();
    }

    @Test
    void tests_are_listed_by_bits_for_each_minute() {
        List<NextTests.Offer> offers = NextTests.best(
                Tables.CAUSES, ARABLE, Map.of(), Map.of("penetration", 9.0, "ph", 5.0, "root-depth", 7.0));
        assertThat(offers).isNotEmpty();
        for (int i = 1; i < offers.size(); i++) {
            assertThat(offers.get(i - 1).bits() / offers.get(i - 1).minutes())
                    .isGreaterThanOrEqualTo(offers.get(i).bits() / offers.get(i).minutes());
        }
        assertThat(offers).allSatisfy(offer -> assertThat(offer.bits()).isPositive());
    }

    @Test
    void a_test_whose_findings_are_all_settled_is_not_offered() {
        Map<String, Seen> looked = new HashMap<>();
        Tables.CAUSES.findings().stream()
                .filter(finding -> finding.methods().contains("penetration"))
                .forEach(finding -> looked.put(finding.id(), Seen.plainly(true)));
        assertThat(NextTests.best(Tables.CAUSES, ARABLE, looked, Map.of("penetration", 9.0)))
                .isEmpty();
    }

    @Test
    void half_the_minutes_doubles_a_tests_rank_and_leaves_its_bits() {
        NextTests.Offer slow = NextTests.best(Tables.CAUSES, ARABLE, Map.of(), Map.of("ph", 10.0))
                .get(0);
        NextTests.Offer fast = NextTests.best(Tables.CAUSES, ARABLE, Map.of(), Map.of("ph", 5.0))
                .get(0);
        assertThat(fast.bits()).isEqualTo(slow.bits());
    }

    @Test
    void a_methods_bits_are_the_sum_over_causes_of_its_best_finding() {
        CauseTable.Cause pan = Tables.CAUSES.causes().stream()
                .filter(cause -> cause.id().equals("compacted-pan"))
                .findFirst()
                .orElseThrow();
        CauseTable only =
                new CauseTable("one", 1, "", Tables.CAUSES.clusters(), Tables.CAUSES.findings(), List.of(pan));
        NextTests.Offer offer = NextTests.best(only, ARABLE, Map.of(), Map.of("penetration", 9.25))
                .get(0);
        // Prior 0.2; pan-found t 0.85, f 0.07: P(true) 0.226, p given true 0.7522, given false 0.0388.
        double seen = 0.2 * 0.85 + 0.8 * 0.07;
        double expected = NextTests.entropy(0.2)
                - seen * NextTests.entropy(0.17 / seen)
                - (1 - seen) * NextTests.entropy(0.03 / (1 - seen));
        assertThat(offer.finding()).isEqualTo("pan-found");
        assertThat(offer.bits()).isCloseTo(expected, within(1e-9));
        CauseTable twice =
                new CauseTable("two", 1, "", Tables.CAUSES.clusters(), Tables.CAUSES.findings(), List.of(pan, pan));
        assertThat(NextTests.best(twice, ARABLE, Map.of(), Map.of("penetration", 9.25))
                        .get(0)
                        .bits())
                .isCloseTo(2 * expected, within(1e-9));
    }

    @Test
    void a_test_that_can_move_no_word_is_not_offered() {
        CauseTable.Cause rare = new CauseTable.Cause(
                "rare",
                "Rare",
                0.001,
                List.of(),
                null,
                true,
                null,
                List.of(new CauseTable.Evidence("pan-found", 0.6, 0.5)),
                List.of());
        CauseTable table = new CauseTable("one", 1, "", List.of(), Tables.CAUSES.findings(), List.of(rare));
        assertThat(NextTests.best(table, ARABLE, Map.of(), Map.of("penetration", 9.0)))
                .isEmpty();
    }

    @Test
    void a_cause_names_the_one_finding_that_would_turn_its_word_round() {
        Map<String, Seen> found = Seen.plainly(Map.of("pan-found", true, "plates-or-massive", true));
        NextTests.Turn turn = NextTests.turn(Tables.CAUSES, judged("compacted-pan", found), ARABLE, found, Set.of());
        assertThat(found).doesNotContainKey(turn.finding());
        assertThat(turn.inDoubt()).isFalse();
        Map<String, Seen> answered = new HashMap<>(found);
        answered.put(turn.finding(), Seen.plainly(turn.ifSeen()));
        assertThat(judged("compacted-pan", answered).word()).isEqualTo(turn.word());
        assertThat(turn.word()).isNotEqualTo(judged("compacted-pan", found).word());
    }

    @Test
    void a_card_whose_error_reaches_the_limit_is_what_would_turn_an_acid_topsoil_round() {
        Map<String, Seen> found = Map.of("acid-top", Seen.plainly(true).halved());
        NextTests.Turn turn =
                NextTests.turn(Tables.CAUSES, judged("acid-topsoil", found), ARABLE, found, Set.of("acid-top"));
        assertThat(turn.finding()).isEqualTo("acid-top");
        assertThat(turn.inDoubt()).isTrue();
    }

    private static Causes.Judged judged(String cause, Map<String, Seen> findings) {
        return Causes.judge(Tables.CAUSES, ARABLE, findings).stream()
                .filter(one -> one.cause().id().equals(cause))
                .findFirst()
                .orElseThrow();
    }
}
