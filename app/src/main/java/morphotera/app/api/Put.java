package morphotera.app.api;

import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DuplicateKeyException;

/**
 * Saving under an id the client made: version 0 is new; the same again is the same; a version that is not the one that
 * stands is stale; an id that belongs to somebody else is not found.
 */
public abstract class Put<T> {
    protected abstract Optional<T> find();

    protected abstract boolean same(T known);

    protected abstract void insert();

    /** Rows changed: one, or none where the version was stale. */
    protected abstract int update();

    public final T put(String what, UUID id, int version) {
        Optional<T> known = find();
        if (known.isEmpty()) {
            if (version != 0) {
                throw new NotFound(what, id);
            }
            try {
                insert();
                return find().orElseThrow(() -> new NotFound(what, id));
            } catch (DuplicateKeyException elsewhere) {
                known = find();
                if (known.isEmpty()) {
                    throw new NotFound(what, id);
                }
            }
        }
        if (same(known.get())) {
            return known.get();
        }
        if (update() != 1) {
            throw new Stale(
                    "Somebody changed this " + what + " meanwhile: yours is version " + version + ".", known.get());
        }
        return find().orElseThrow();
    }
}
