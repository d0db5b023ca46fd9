package morphotera.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class PasswordGuardTest {
    private static final Instant NOON = Instant.parse("2031-05-14T12:00:00Z");
    private final Clock clock = mock(Clock.class);
    private final PasswordGuard guard = new PasswordGuard(clock);

    private void wrongTimes(int times) {
        for (int i = 0; i < times; i++) {
            guard.wrong("a@b.example");
        }
    }

    @Test
    void four_slips_cost_nothing() {
        when(clock.instant()).thenReturn(NOON);
        wrongTimes(4);
        assertThat(guard.wait("a@b.example")).isZero();
    }

    @Test
    void from_the_fifth_on_each_costs_twice_as_long_and_never_over_five_minutes() {
        when(clock.instant()).thenReturn(NOON);
        wrongTimes(5);
        assertThat(guard.wait("a@b.example")).isEqualTo(Duration.ofSeconds(2));
        wrongTimes(1);
        assertThat(guard.wait("a@b.example")).isEqualTo(Duration.ofSeconds(4));
        wrongTimes(60);
        assertThat(guard.wait("a@b.example")).isEqualTo(Duration.ofMinutes(5));
        assertThat(guard.wait("other@b.example")).isZero();
    }

    @Test
    void the_wait_runs_off_and_a_right_one_forgives_all() {
        when(clock.instant()).thenReturn(NOON);
        wrongTimes(6);
        when(clock.instant()).thenReturn(NOON.plusSeconds(3));
        assertThat(guard.wait("a@b.example")).isEqualTo(Duration.ofSeconds(1));
        guard.right("a@b.example");
        assertThat(guard.wait("a@b.example")).isZero();
    }

    @Test
    void slips_of_yesterday_are_forgotten() {
        when(clock.instant()).thenReturn(NOON);
        wrongTimes(4);
        when(clock.instant()).thenReturn(NOON.plus(Duration.ofDays(1)));
        wrongTimes(1);
        assertThat(guard.wait("a@b.example")).isZero();
    }
}
