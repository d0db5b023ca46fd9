package morphotera.ground;

import java.util.List;

/** Input that cannot be computed with: all refusals at once, nothing computed, nothing stored. */
public final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient List<Refusal> refusals;

    public Refused(List<Refusal> refusals) {
        super(refusals.toString());
        this.refusals = List.copyOf(refusals);
    }

    public List<Refusal> refusals() {
        return refusals;
    }
}
