package morphotera.app.api;

import java.util.List;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;

/** {@code application/problem+json} (RFC 9457): what, where, and what to do; all findings of a request at once. */
public record Problem(
        String type,
        String title,
        int status,
        String detail,
        List<Refusal> errors,
        @Nullable Object current) {
    static Problem of(int status, String title, String detail) {
        return new Problem("about:blank", title, status, detail, List.of(), null);
    }
}
