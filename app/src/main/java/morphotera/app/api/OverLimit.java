package morphotera.app.api;

/** A file over its limit, found while it was received: nothing of it is kept. */
public final class OverLimit extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public OverLimit(String text) {
        super(text);
    }
}
