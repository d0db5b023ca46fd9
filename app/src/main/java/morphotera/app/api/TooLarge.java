package morphotera.app.api;

import java.io.IOException;

/** A body over the limit, found while it was read. */
final class TooLarge extends IOException {
    private static final long serialVersionUID = 1L;

    TooLarge(int mostMb) {
        super("A body takes " + mostMb + " MB at most.");
    }
}
