package morphotera.app.exchange;

import java.security.SecureRandom;
import java.util.UUID;

/** Ids of what comes without one: version 7, when and then chance. */
final class NewId {
    private static final SecureRandom CHANCE = new SecureRandom();

    private NewId() {}

    static UUID now() {
        long high = (System.currentTimeMillis() << 16) | 0x7000 | CHANCE.nextInt(0x1000);
        return new UUID(high, (CHANCE.nextLong() & 0x3fffffffffffffffL) | 0x8000000000000000L);
    }
}
