package morphotera.app.people;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import morphotera.app.api.Wait;
import org.springframework.stereotype.Component;

/**
 * Slows guessing: after five tries for an address from one origin the next must wait, twice as long each time, five minutes at
 * most. Counted before the hash is computed, and by both together, so that a stranger cannot hold out the right person
 * elsewhere. At most three hashes at once; the rest wait in a short line.
 */
@Component
class PasswordGuard {
    private static final int FREE = 5;
    private static final Duration LONGEST = Duration.ofMinutes(5);
    private static final Duration FORGOTTEN_AFTER = Duration.ofHours(1);
    private static final int MOST_KNOWN = 10_000;
    private static final int HASHES_AT_ONCE = 3;
    private static final int LONGEST_LINE = 30;
    private static final int LINE_SECONDS = 10;

    private record Tries(int count, Instant last) {}

    private record Who(String email, String origin) {}

    private final Clock clock;
    private final Semaphore hashes = new Semaphore(HASHES_AT_ONCE, true);
    private final Map<Who, Tries> tries = new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Who, Tries> eldest) {
            return size() > MOST_KNOWN;
        }
    };

    PasswordGuard(Clock clock) {
        this.clock = clock;
    }

    /**
     * Whether a password is right, counted as a try until it is.
     *
     * @throws Wait where too many were wrong, or too many others sign in
     */
    boolean isRight(String email, String origin, BooleanSupplier hash) {
        Who who = new Who(email, origin);
        count(who);
        boolean right = inLine(hash);
        if (right) {
            forget(who);
        }
        return right;
    }

    /** Computes a hash when it is its turn. */
    boolean inLine(BooleanSupplier hash) {
        if (hashes.getQueueLength() >= LONGEST_LINE) {
            throw new Wait(LINE_SECONDS);
        }
        try {
            if (!hashes.tryAcquire(LINE_SECONDS, TimeUnit.SECONDS)) {
                throw new Wait(LINE_SECONDS);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new Wait(LINE_SECONDS);
        }
        try {
            return hash.getAsBoolean();
        } finally {
            hashes.release();
        }
    }

    private synchronized void count(Who who) {
        Tries known = tries.get(who);
        boolean recent = known != null && known.last().plus(FORGOTTEN_AFTER).isAfter(clock.instant());
        int before = recent ? known.count() : 0;
        if (before >= FREE) {
            Duration pause = Duration.ofSeconds(1L << Math.min(before - FREE + 1, 20));
            pause = pause.compareTo(LONGEST) > 0 ? LONGEST : pause;
            Duration left = Duration.between(clock.instant(), known.last().plus(pause));
            if (!left.isNegative() && !left.isZero()) {
                throw new Wait(left.toSeconds() + 1);
            }
        }
        tries.put(who, new Tries(before + 1, clock.instant()));
    }

    private synchronized void forget(Who who) {
        tries.remove(who);
    }
}
