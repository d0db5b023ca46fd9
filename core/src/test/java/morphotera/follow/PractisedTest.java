package morphotera.follow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Who judged, and how well they were seen to judge, decides how large a change must be to be one. */
class PractisedTest {
    private static final List<Double> KIND = List.of(4.0, 6.0, 5.0, 7.0, 3.0);

    @Test
    void five_specimens_tell_a_spread_and_a_lean_four_tell_nothing() {
        Practised.Skill skill = Practised.Skill.of(KIND);
        assertThat(skill.lean()).isEqualTo(5);
        assertThat(skill.spread()).isCloseTo(Math.sqrt(2.5), within(1e-9));
        assertThat(skill.bias()).as("the lean, and what five can tell of it").isCloseTo(Math.sqrt(25.5), within(1e-9));
        assertThat(Practised.Skill.of(KIND.subList(0, 4))).isNull();
    }

    @Test
    void without_practice_the_usual_holds() {
        assertThat(Practised.nobody(false).observers("slaking", true)).isEqualTo(Change.Observers.usual(true, false));
        assertThat(Practised.nobody(true).observers("ph", false)).isEqualTo(Change.Observers.usual(false, true));
    }

    @Test
    void a_steady_hand_at_both_visits_shows_a_smaller_change() {
        Map<String, Practised.Skill> steady = Map.of("slaking", new Practised.Skill(12, 0, 3, 1));
        Change.Observers seen = new Practised(false, steady, steady).observers("slaking", true);
        assertThat(seen.spread()).isCloseTo(3, within(1e-9));
        assertThat(seen.biasBefore()).isEqualTo(1);
        List<Change.Pair> pairs = List.of(
                new Change.Pair(40, 48), new Change.Pair(52, 61), new Change.Pair(45, 53), new Change.Pair(38, 45));
        assertThat(Change.judge(pairs, seen).verdict()).isEqualTo(Change.Verdict.BETTER);
        assertThat(Change.judge(pairs, Change.Observers.usual(true, false)).verdict())
                .isEqualTo(Change.Verdict.NO_CLEAR_CHANGE);
    }

    @Test
    void what_is_known_of_one_observer_counts_beside_the_usual_of_the_other() {
        Map<String, Practised.Skill> steady = Map.of("slaking", new Practised.Skill(12, 0, 0, 0));
        Change.Observers seen = new Practised(false, Map.of(), steady).observers("slaking", true);
        assertThat(seen.spread()).isCloseTo(Math.sqrt(32), within(1e-9));
        assertThat(seen.biasBefore()).isEqualTo(4);
        assertThat(seen.biasAfter()).isZero();
    }

    @Test
    void one_observer_leans_the_same_way_at_both_visits() {
        Map<String, Practised.Skill> kind = Map.of("slaking", Practised.Skill.of(KIND));
        Change.Observers seen = new Practised(true, kind, kind).observers("slaking", true);
        assertThat(seen.biasBefore()).isZero();
        assertThat(seen.biasAfter()).isZero();
    }
}
