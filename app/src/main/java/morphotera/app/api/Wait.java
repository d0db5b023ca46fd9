package morphotera.app.api;

/** Too many tries: the next must wait. */
public final class Wait extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final long seconds;

    public Wait(long seconds) {
        super("Too many tries. Try again in " + seconds + " s.");
        this.seconds = seconds;
    }

    public long seconds() {
        return seconds;
    }
}
