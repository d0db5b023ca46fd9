package morphotera.app.people;

import java.util.List;
import java.util.UUID;
import morphotera.app.api.Forbidden;
import morphotera.ground.Nullable;
import org.springframework.security.core.context.SecurityContextHolder;

/**
 * Who asks, and what they may, looked up for this request: every query says whose practice, and for a reader which holdings.
 * {@code holdings} null: all of the practice.
 */
public record Viewer(
        UUID personId, UUID practiceId, Role role, @Nullable List<UUID> holdings) {

    /** The signed-in person of this request. */
    public static Viewer current() {
        return (Viewer) SecurityContextHolder.getContext().getAuthentication().getPrincipal();
    }

    /** The same, refused to a reader. */
    public static Viewer writing() {
        Viewer viewer = current();
        if (viewer.role() == Role.READER) {
            throw new Forbidden("You may read this holding, not change it. Ask your adviser.");
        }
        return viewer;
    }

    /** The same, refused to all but an owner. */
    public static Viewer owner() {
        Viewer viewer = current();
        if (viewer.role() != Role.OWNER) {
            throw new Forbidden("This is for an owner of the practice alone.");
        }
        return viewer;
    }
}
