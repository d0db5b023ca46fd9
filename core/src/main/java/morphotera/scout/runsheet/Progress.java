package morphotera.scout.runsheet;

import java.util.ArrayList;
import java.util.List;
import morphotera.ground.Nullable;

/** How far a visit is: what is done, what is being done, who stands where. */
record Progress(@Nullable Outing.Now now) {

    int atS() {
        return now == null ? 0 : now.atS();
    }

    /** When a step ended, by whichever of the methods that share it; null: it has not. */
    @Nullable
    Integer endOf(String spot, List<String> methods, String step) {
        if (now == null) {
            return null;
        }
        for (Outing.Done done : now.done()) {
            if (done.spot().equals(spot)
                    && methods.contains(done.method())
                    && done.step().equals(step)) {
                return done.endS();
            }
        }
        return null;
    }

    /** Who is at a step now, and since when; two at most. */
    List<Outing.Running> running(String spot, List<String> methods, String step) {
        List<Outing.Running> found = new ArrayList<>();
        if (now != null) {
            for (Outing.Running one : now.running()) {
                if (one.spot().equals(spot)
                        && methods.contains(one.method())
                        && one.step().equals(step)) {
                    found.add(one);
                }
            }
        }
        return found;
    }

    /** Who stands at a spot with nothing else in hand: the one who watches there. */
    @Nullable
    Integer watcher(String spot) {
        if (now == null) {
            return null;
        }
        for (Outing.Standing one : now.people()) {
            boolean busy = false;
            for (Outing.Running running : now.running()) {
                busy |= running.person() == one.person();
            }
            if (spot.equals(one.spot()) && !busy) {
                return one.person();
            }
        }
        return null;
    }

    @Nullable
    String spotOf(int person) {
        if (now == null) {
            return null;
        }
        for (Outing.Running running : now.running()) {
            if (running.person() == person) {
                return running.spot();
            }
        }
        for (Outing.Standing one : now.people()) {
            if (one.person() == person) {
                return one.spot();
            }
        }
        return null;
    }

    /** From when a person can be planned with: a step in hand is planned from its own beginning. */
    int freeAt(int person) {
        if (now == null) {
            return 0;
        }
        for (Outing.Running running : now.running()) {
            if (running.person() == person) {
                return running.startS();
            }
        }
        return now.atS();
    }
}
