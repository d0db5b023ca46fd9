package morphotera.app.scout;

import morphotera.app.people.Viewer;

/** The day's conditions were corrected: what rests on them is to be computed again, in the same transaction. */
public record ConditionsChanged(Viewer viewer, Visit visit) {}
