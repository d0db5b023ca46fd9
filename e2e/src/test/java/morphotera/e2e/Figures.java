package morphotera.e2e;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import java.util.Collections;
import java.util.List;

/** What benches share: figures printed one way, and a page made as slow as a phone. */
final class Figures {
    private Figures() {}

    static void print(String what, List<Double> millis) {
        Collections.sort(millis);
        System.out.printf(
                "BENCH %s: median %.1f ms, p95 %.1f ms, n %d%n",
                what,
                millis.get(millis.size() / 2),
                millis.get(Math.min(millis.size() - 1, (int) Math.ceil(millis.size() * 0.95) - 1)),
                millis.size());
    }

    static void throttle(Page page, int rate) {
        CDPSession session = page.context().newCDPSession(page);
        JsonObject asked = new JsonObject();
        asked.addProperty("rate", rate);
        session.send("Emulation.setCPUThrottlingRate", asked);
    }
}
