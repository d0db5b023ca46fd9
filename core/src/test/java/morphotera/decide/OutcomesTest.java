package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import morphotera.Tables;
import org.junit.jupiter.api.Test;

class OutcomesTest {
    private static Outcomes.Outcome pan(boolean present, Map<String, Boolean> findings) {
        return new Outcomes.Outcome("compacted-pan", present, findings);
    }

    private static Outcomes.Taught taught(Outcomes.Learned learned, String finding) {
        return learned.taught().stream()
                .filter(one -> one.finding().equals(finding))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_confirmed_cause_moves_t_as_if_twenty_cases_stood_before_it() {
        Outcomes.Learned learned = Outcomes.learn(
                Tables.CAUSES, List.of(pan(true, Map.of("pan-found", true)), pan(true, Map.of("pan-found", false))));
        Outcomes.Taught found = taught(learned, "pan-found");
        assertThat(found.tBefore()).isEqualTo(0.85);
        assertThat(found.tAfter()).isCloseTo((20 * 0.85 + 1) / 22, within(1e-12));
        assertThat(found.fAfter()).isEqualTo(found.fBefore()).isEqualTo(0.07);
        assertThat(found.casesWith()).isEqualTo(2);
        assertThat(found.casesWithout()).isZero();
        assertThat(learned.taught()).hasSize(1);
    }

    @Test
    void a_cause_ruled_out_moves_f() {
        Outcomes.Learned learned = Outcomes.learn(Tables.CAUSES, List.of(pan(false, Map.of("pan-found", true))));
        assertThat(taught(learned, "pan-found").fAfter()).isCloseTo((20 * 0.07 + 1) / 21, within(1e-12));
    }

    @Test
    void what_was_not_looked_at_teaches_nothing_and_other_causes_stay() {
        Outcomes.Learned learned = Outcomes.learn(Tables.CAUSES, List.of(pan(true, Map.of("salty", true))));
        assertThat(learned.taught()).isEmpty();
        assertThat(learned.table().causes()).isEqualTo(Tables.CAUSES.causes());
        assertThat(learned.table().version()).isEqualTo(Tables.CAUSES.version() + 1);
    }

    @Test
    void twenty_cases_weigh_as_much_as_the_first_judgement_and_never_reach_certainty() {
        List<Outcomes.Outcome> twenty = Collections.nCopies(20, pan(true, Map.of("pan-found", true)));
        assertThat(taught(Outcomes.learn(Tables.CAUSES, twenty), "pan-found").tAfter())
                .isCloseTo((0.85 + 1) / 2, within(1e-12));
        List<Outcomes.Outcome> many = Collections.nCopies(2000, pan(true, Map.of("pan-found", true)));
        assertThat(taught(Outcomes.learn(Tables.CAUSES, many), "pan-found").tAfter())
                .isLessThan(1);
    }

    @Test
    void a_finding_that_was_always_seen_with_the_cause_speaks_louder_afterwards() {
        CauseTable after = Outcomes.learn(Tables.CAUSES, Collections.nCopies(10, pan(true, Map.of("pan-found", true))))
                .table();
        Causes.Setting setting = new Causes.Setting("arable", "medium", null, null, false);
        assertThat(belief(after, setting)).isGreaterThan(belief(Tables.CAUSES, setting));
    }

    private static double belief(CauseTable table, Causes.Setting setting) {
        return Causes.judge(table, setting, Seen.plainly(Map.of("pan-found", true))).stream()
                .filter(judged -> judged.cause().id().equals("compacted-pan"))
                .findFirst()
                .orElseThrow()
                .belief();
    }
}
