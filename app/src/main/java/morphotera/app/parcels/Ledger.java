package morphotera.app.parcels;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.parcels.ParcelMapper.Kept;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Keeps each parcel's id with its answer, in the transaction of what it wrote, and says the answer again for ninety days. */
@Service
class Ledger {
    private static final Duration KEPT = Duration.ofDays(90);

    private final ParcelMapper parcels;
    private final TransactionTemplate transaction;
    private final Clock clock;

    Ledger(ParcelMapper parcels, PlatformTransactionManager transactions, Clock clock) {
        this.parcels = parcels;
        this.transaction = new TransactionTemplate(transactions);
        this.clock = clock;
    }

    /** Does what a parcel asks and says what came of it. */
    interface Write {
        Answer run() throws IOException;
    }

    record Answer(int status, String text) {
        boolean isGood() {
            return status >= 200 && status < 300;
        }
    }

    /** @param again whether this answer was given before */
    record Told(Answer answer, boolean again) {}

    /**
     * Writes a parcel once; only a good answer is kept, so that one that was refused can be mended and sent again.
     *
     * @return empty where its id belongs to another person or another address
     */
    Optional<Told> once(UUID person, UUID parcel, String address, Write write) {
        return transaction.execute(status -> {
            parcels.lockPerson(person);
            Optional<Kept> known = parcels.parcel(parcel);
            if (known.isPresent()) {
                Kept kept = known.get();
                boolean own = kept.personId().equals(person) && kept.address().equals(address);
                return own
                        ? Optional.of(new Told(new Answer(kept.status(), kept.answer()), true))
                        : Optional.<Told>empty();
            }
            Answer answer = run(write);
            if (answer.isGood()) {
                Instant now = clock.instant();
                parcels.forget(now.minus(KEPT));
                parcels.keep(parcel, new Kept(person, address, answer.status(), answer.text()), now);
            } else {
                status.setRollbackOnly();
            }
            return Optional.of(new Told(answer, false));
        });
    }

    private static Answer run(Write write) {
        try {
            return write.run();
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }
}
