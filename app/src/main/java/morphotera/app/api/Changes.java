package morphotera.app.api;

import java.util.List;
import morphotera.ground.Nullable;

/**
 * Edits of a thing that exists, by path: what it was when it was typed, and what it is to be.
 *
 * @param version of the thing when it was typed; an older one alone is not stale
 */
public record Changes(int version, List<Change> changes) implements Checked {
    private static final int MOST = 500;

    /** @param path a JSON pointer into the thing */
    public record Change(
            String path, @Nullable Object was, @Nullable Object is) {}

    @Override
    public void check(Findings findings) {
        if (changes == null || changes.isEmpty()) {
            findings.refuse("/changes", "missing", "Say what is to be changed.");
            return;
        }
        findings.size("/changes", changes.size(), "Changes", MOST);
        for (int i = 0; i < Math.min(changes.size(), MOST); i++) {
            String at = "/changes/" + i;
            Change change = changes.get(i);
            if (change == null) {
                findings.refuse(at, "missing", "A change is needed here.");
            } else if (change.path() == null || !change.path().startsWith("/")) {
                findings.refuse(at + "/path", "not-a-path", "A path such as /moisture or /ticks/…/… is needed here.");
            }
        }
    }
}
