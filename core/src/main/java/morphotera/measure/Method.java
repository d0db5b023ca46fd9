package morphotera.measure;

import java.util.List;

/** One in-field test by a fixed protocol: its description and its sum, side by side in one file. */
public interface Method {
    Description description();

    /** Refuses what single fields cannot know: order, sums, one thing against another. Values may be absent here. */
    default void check(Context context, Entered reading, EntryCheck check) {}

    /** Computes; called only with a reading that passed every check. */
    void evaluate(Context context, Entered reading, Curves curves, Evaluation.Draft out);

    /** What this reading asks of the day; the way it was prepared may decide. */
    default Day day(Entered reading) {
        return description().day();
    }

    /** Scores it gives to other groups, each from a measure of its own; most methods have none. */
    default List<Description.Beside> besides() {
        return List.of();
    }

    default String id() {
        return description().id();
    }
}
