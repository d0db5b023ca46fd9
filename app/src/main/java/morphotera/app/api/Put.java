package morphotera.app.api;

import java.util.Optional;
import java.util.UUID;

/**
 * Saving under an id the client made: version 0 is new; the same again is the same; a version that is not the one that
 * stands is stale; an id that belongs to somebody else is not found.
 */
public abstract class Put<T> {
    protected abstract Optional<T> find();

    protected abstract boolean same(T known);

    /** Takes the row above, so that of two that insert the same the second finds the first. */
    protected abstract void lock();

    /** 1, or 0 where something stands under this id already: settled in the statement, not by an exception. */
    protected abstract int insert();

    /** Rows changed: one, or none where the version was stale. */
    protected abstract int update();

    public final T put(String what, UUID id, int version) {
        Optional<T> known = find();
        if (known.isEmpty()) {
            if (version != 0) {
                throw new NotFound(what, id);
            }
            lock();
            int added = insert();
            known = find();
            // An id that belongs to somebody else is not found.
            T stands = known.orElseThrow(() -> new NotFound(what, id));
            if (added == 1) {
                return stands;
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
