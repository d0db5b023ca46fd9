package morphotera.app.api;

/** There is no such thing for this viewer; another practice's row is the same as none. */
public final class NotFound extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotFound(String what, Object id) {
        super("There is no " + what + " " + id + " here.");
    }
}
