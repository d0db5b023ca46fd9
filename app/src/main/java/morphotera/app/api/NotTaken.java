package morphotera.app.api;

/** A file that is not what can be taken here: nothing of it is kept. */
public final class NotTaken extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final int status;
    private final String code;

    public NotTaken(int status, String code, String text) {
        super(text);
        this.status = status;
        this.code = code;
    }

    public int status() {
        return status;
    }

    public String code() {
        return code;
    }

    public static NotTaken tooLarge(String text) {
        return new NotTaken(413, "too-large", text);
    }
}
