package morphotera.app.scout;

import java.util.Collection;
import java.util.UUID;
import morphotera.app.people.Viewer;

/**
 * The day's conditions were corrected: what rests on them is to be computed again, in the same transaction.
 *
 * @param computedAgain takes the readings that came out of it
 */
public record ConditionsChanged(Viewer viewer, Visit visit, Collection<UUID> computedAgain) {}
