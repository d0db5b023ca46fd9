package morphotera.app.people;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Slows guessing: after five wrong passwords for an address the next must wait, twice as long each time, five minutes at most. */
@Component
class PasswordGuard {
    private static final int FREE = 5;
    private static final Duration LONGEST = Duration.ofMinutes(5);
    private static final Duration FORGOTTEN_AFTER = Duration.ofHours(1);
    private static final int MOST_ADDRESSES = 10_000;

    private record Wrong(int count, Instant last) {}

    private final Clock clock;
    private final Map<String, Wrong> wrong = new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Wrong> eldest) {
            return size() > MOST_ADDRESSES;
        }
    };

    PasswordGuard(Clock clock) {
        this.clock = clock;
    }

    /** How long this address must still wait; zero where it may try. */
    synchronized Duration wait(String email) {
        Wrong known = wrong.get(email);
        if (known == null || known.count() < FREE) {
            return Duration.ZERO;
        }
        Duration pause = Duration.ofSeconds(1L << Math.min(known.count() - FREE + 1, 20));
        pause = pause.compareTo(LONGEST) > 0 ? LONGEST : pause;
        Duration left = Duration.between(clock.instant(), known.last().plus(pause));
        return left.isNegative() ? Duration.ZERO : left;
    }

    synchronized void wrong(String email) {
        Wrong known = wrong.get(email);
        boolean recent = known != null && known.last().plus(FORGOTTEN_AFTER).isAfter(clock.instant());
        wrong.put(email, new Wrong(recent ? known.count() + 1 : 1, clock.instant()));
    }

    synchronized void right(String email) {
        wrong.remove(email);
    }
}
