package morphotera.app.api;

import java.util.List;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;

/**
 * RFC 9457: what is wrong, where, and for a stale version what stands now.
 *
 * @param code one word for a program: refused, stale, token, signed-out, …
 */
public record Problem(
        String type,
        String title,
        int status,
        String code,
        String detail,
        List<Refusal> errors,
        @Nullable Object current) {
    static Problem of(int status, String code, String title, String detail) {
        return new Problem("about:blank", title, status, code, detail, List.of(), null);
    }

    static Problem refused(int status, String detail, List<Refusal> errors) {
        return new Problem("about:blank", "Some of this cannot be taken", status, "refused", detail, errors, null);
    }
}
