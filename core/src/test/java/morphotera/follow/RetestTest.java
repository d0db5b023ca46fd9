package morphotera.follow;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class RetestTest {
    private static final LocalDate MAY = LocalDate.of(2031, 5, 14);

    @Test
    void a_routine_check_comes_again_in_three_to_five_years_in_the_same_month() {
        Retest got = Retest.after(MAY, false, false);
        assertThat(got.from()).isEqualTo("2034-05-14");
        assertThat(got.to()).isEqualTo("2036-05-14");
    }

    @Test
    void a_poor_patch_and_a_treated_field_are_seen_within_the_year() {
        assertThat(Retest.after(MAY, true, false).to()).isEqualTo("2032-05-14");
        assertThat(Retest.after(MAY, false, true).from()).isEqualTo("2031-11-14");
    }
}
