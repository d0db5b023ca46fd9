package morphotera.e2e;

import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** How many answers of the browser's core were held beside the server's, and in what they differ. */
record Compared(int calls, List<String> differ) {
    /** How often something is compared: a fault of ours is the same each time. */
    private static final int TIMES = 4;

    static Compared of(Stream<Compared> parts) {
        return parts.reduce(
                new Compared(0, List.of()),
                (one, next) -> new Compared(
                        one.calls + next.calls,
                        Stream.concat(one.differ.stream(), next.differ.stream()).toList()));
    }

    /** Others write at the same server: what differs is compared anew, and must agree once nobody wrote between the two answers. */
    static Compared whileNothingMoves(Visitor there, Supplier<Compared> compare) {
        Compared last = compare.get();
        for (int times = 1; times < TIMES && !last.differ().isEmpty(); times++) {
            // A reading corrected by another meanwhile is refused, and the browser writes that down.
            there.faults().clear();
            last = compare.get();
        }
        return last;
    }
}
