package morphotera.app.api;

/** Signed in, and not allowed to do this. */
public final class Forbidden extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public Forbidden(String text) {
        super(text);
    }
}
