package morphotera.follow;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import morphotera.Draws;
import org.junit.jupiter.api.Test;

class RetestsTest {
    private static final LocalDate MAY = LocalDate.of(2028, 5, 14);

    private static List<Retests.Due> of(LocalDate last, String... done) {
        List<Retests.Act> log = java.util.Arrays.stream(done)
                .map(one -> new Retests.Act(LocalDate.parse(one.split(" ")[0]), one.split(" ")[1]))
                .toList();
        return Retests.of(
                List.of(
                        new Retests.Read(MAY, Set.of("ph", "slaking")),
                        new Retests.Read(last, Set.of("ph", "soil-colour"))),
                log,
                false);
    }

    @Test
    void ground_that_was_left_alone_is_looked_at_again_in_three_years_and_five_where_all_of_it_holds() {
        Retests.Due due = of(LocalDate.of(2031, 6, 2)).get(0);
        assertThat(due.why()).isEqualTo(Retests.Why.ROUTINE);
        assertThat(due.due()).isEqualTo("2034-05-02");
        assertThat(due.from()).isEqualTo("2034-04-14");
        assertThat(due.to()).isEqualTo("2034-06-14");
        assertThat(due.methods()).containsExactlyInAnyOrder("ph", "slaking", "soil-colour");
        List<Retests.Read> reads = List.of(new Retests.Read(MAY, Set.of("ph")));
        assertThat(Retests.of(reads, List.of(), true).get(0).due()).isEqualTo("2033-04-14");
    }

    @Test
    void what_was_done_is_given_its_time_to_show() {
        List<Retests.Due> due = of(LocalDate.of(2031, 5, 20), "2031-09-10 lime");
        assertThat(due).extracting(Retests.Due::why).containsOnly(Retests.Why.UNDER_TREATMENT);
        assertThat(due.get(0).methods()).containsExactly("ph");
        assertThat(due.get(0).due()).isEqualTo("2032-04-14");
        assertThat(due.get(1).methods()).containsExactly("slaking");
        assertThat(due.get(1).due()).isEqualTo("2034-04-14");
        assertThat(due.get(2).methods()).containsExactly("soil-colour");
        assertThat(due.get(2).due()).isEqualTo("2037-04-14");
    }

    @Test
    void a_sowing_and_what_was_done_before_the_last_visit_hold_nothing_back() {
        assertThat(of(LocalDate.of(2031, 5, 20), "2031-09-10 sowing", "2030-09-10 lime"))
                .extracting(Retests.Due::why)
                .containsExactly(Retests.Why.ROUTINE);
    }

    @Test
    void a_zone_that_was_never_read_is_not_due() {
        assertThat(Retests.of(List.of(), List.of(), false)).isEmpty();
    }

    @Test
    void every_due_day_lies_in_the_season_of_the_first_visit_and_not_before_its_time() {
        Draws.each(400, draw -> {
            LocalDate first = LocalDate.of(2020, 1, 1).plusDays(draw.whole(0, 1400));
            LocalDate done = first.plusDays(draw.whole(0, 900));
            List<Retests.Due> due = Retests.of(
                    List.of(new Retests.Read(first, Set.of("ph"))),
                    List.of(new Retests.Act(done, "lime")),
                    draw.coin());
            assertThat(due).hasSize(1);
            assertThat(due.get(0).due()).isBetween(due.get(0).from(), due.get(0).to());
            assertThat(due.get(0).due()).isAfterOrEqualTo(done.plusMonths(6)).isBefore(done.plusMonths(19));
        });
    }

    @Test
    void strips_of_a_trial_are_read_when_the_treatment_can_show_and_then_every_year() {
        List<Retests.Read> before = List.of(new Retests.Read(MAY, Set.of("ph")));
        Retests.Due due = Retests.ofTrial(before, LocalDate.of(2028, 9, 1)).get(0);
        assertThat(due.why()).isEqualTo(Retests.Why.TRIAL);
        assertThat(due.due()).isEqualTo("2029-04-14");
        List<Retests.Read> after = List.of(before.get(0), new Retests.Read(LocalDate.of(2029, 5, 20), Set.of("ph")));
        assertThat(Retests.ofTrial(after, LocalDate.of(2028, 9, 1)).get(0).due())
                .isEqualTo("2030-04-14");
    }
}
