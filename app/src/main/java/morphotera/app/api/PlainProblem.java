package morphotera.app.api;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** A problem written where no controller is reached: by the gate, the fire wall, the server itself. */
public final class PlainProblem {
    private PlainProblem() {}

    /** @param code, title and detail are words of ours: nothing in them needs escaping */
    public static void write(HttpServletResponse to, int status, String code, String title, String detail)
            throws IOException {
        byte[] body = ("{\"type\":\"about:blank\",\"title\":\"" + title + "\",\"status\":" + status + ",\"code\":\""
                        + code + "\",\"detail\":\"" + detail + "\",\"errors\":[]}")
                .getBytes(StandardCharsets.UTF_8);
        to.setStatus(status);
        to.setContentType("application/problem+json");
        to.setContentLength(body.length);
        to.getOutputStream().write(body);
    }
}
