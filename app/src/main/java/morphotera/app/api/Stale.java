package morphotera.app.api;

/** Somebody saved in between: the answer carries what stands now, beside what the client still has. */
public final class Stale extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient Object current;

    public Stale(String text, Object current) {
        super(text);
        this.current = current;
    }

    Object current() {
        return current;
    }
}
