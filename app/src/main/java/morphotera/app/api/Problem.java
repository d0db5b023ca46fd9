package morphotera.app.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;

/**
 * RFC 9457: what is wrong, where, and for a stale version what stands now.
 *
 * @param offers for a figure that can be meant two ways, both
 * @param code one word for a program: refused, stale, token, signed-out, …
 */
public record Problem(
        String type,
        String title,
        int status,
        String code,
        String detail,
        List<Refusal> errors,
        @Nullable Object current,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable List<Double> offers) {
    static Problem of(int status, String code, String title, String detail) {
        return new Problem("about:blank", title, status, code, detail, List.of(), null, null);
    }

    static Problem refused(int status, String detail, List<Refusal> errors) {
        return new Problem(
                "about:blank", "Some of this cannot be taken", status, "refused", detail, errors, null, null);
    }
}
