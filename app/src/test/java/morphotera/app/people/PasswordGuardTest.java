package morphotera.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import morphotera.app.api.Wait;
import org.junit.jupiter.api.Test;

class PasswordGuardTest {
    private static final Instant NOON = Instant.parse("2031-05-14T12:00:00Z");
    private static final String HERE = "192.0.2.1";
    private final Clock clock = mock(Clock.class);
    private final PasswordGuard guard = new PasswordGuard(clock);

    private boolean tryAt(Instant now, String email, String origin, boolean right) {
        when(clock.instant()).thenReturn(now);
        return guard.isRight(email, origin, () -> right);
    }

    private void wrongTimes(int times) {
        for (int i = 0; i < times; i++) {
            tryAt(NOON, "a@b.example", HERE, false);
        }
    }

    private void mustWait(Instant now, String email, String origin, long seconds) {
        assertThatThrownBy(() -> tryAt(now, email, origin, true))
                .isInstanceOfSatisfying(
                        Wait.class, wait -> assertThat(wait.seconds()).isEqualTo(seconds + 1));
    }

    @Test
    void five_slips_cost_nothing_and_the_sixth_try_waits() {
        wrongTimes(5);
        mustWait(NOON, "a@b.example", HERE, 2);
        assertThat(tryAt(NOON.plusSeconds(2), "a@b.example", HERE, true)).isTrue();
    }

    @Test
    void each_wrong_one_after_that_costs_twice_as_long_and_never_over_five_minutes() {
        wrongTimes(5);
        Instant now = NOON;
        for (long wait = 2; wait <= 256; wait *= 2) {
            mustWait(now, "a@b.example", HERE, wait);
            now = now.plusSeconds(wait);
            tryAt(now, "a@b.example", HERE, false);
        }
        mustWait(now, "a@b.example", HERE, Duration.ofMinutes(5).toSeconds());
    }

    @Test
    void a_stranger_elsewhere_does_not_hold_out_the_right_person() {
        wrongTimes(5);
        mustWait(NOON, "a@b.example", HERE, 2);
        assertThat(tryAt(NOON, "a@b.example", "192.0.2.2", true)).isTrue();
        assertThat(tryAt(NOON, "other@b.example", HERE, true)).isTrue();
    }

    @Test
    void a_right_one_forgives_all_and_slips_of_yesterday_are_forgotten() {
        wrongTimes(4);
        assertThat(tryAt(NOON, "a@b.example", HERE, true)).isTrue();
        wrongTimes(5);
        assertThat(tryAt(NOON.plus(Duration.ofDays(1)), "a@b.example", HERE, false))
                .isFalse();
        assertThat(tryAt(NOON.plus(Duration.ofDays(1)), "a@b.example", HERE, true))
                .isTrue();
    }

    @Test
    void a_try_is_counted_before_its_hash_is_computed() {
        when(clock.instant()).thenReturn(NOON);
        AtomicInteger hashes = new AtomicInteger();
        for (int i = 0; i < 20; i++) {
            try {
                guard.isRight("a@b.example", HERE, () -> {
                    hashes.incrementAndGet();
                    return false;
                });
            } catch (Wait wait) {
                assertThat(wait.seconds()).isPositive();
            }
        }
        assertThat(hashes).hasValue(5);
    }

    @Test
    void three_hashes_are_computed_at_once_and_the_rest_wait_their_turn() throws Exception {
        when(clock.instant()).thenReturn(NOON);
        AtomicInteger running = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        CountDownLatch three = new CountDownLatch(3);
        List<Thread> people = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            String email = i + "@b.example";
            Thread person = new Thread(() -> guard.isRight(email, HERE, () -> {
                most.accumulateAndGet(running.incrementAndGet(), Math::max);
                three.countDown();
                try {
                    three.await();
                } catch (InterruptedException stopped) {
                    Thread.currentThread().interrupt();
                }
                running.decrementAndGet();
                return true;
            }));
            people.add(person);
            person.start();
        }
        for (Thread person : people) {
            person.join();
        }
        assertThat(most).hasValue(3);
    }
}
