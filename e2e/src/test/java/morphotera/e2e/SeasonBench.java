package morphotera.e2e;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A thousand fields on a hundred holdings, opened and scrolled on a throttled phone; prints, asserts nothing. */
class SeasonBench {
    private static final int SLOWER = 4;
    private static final int OPENED = 7;

    private final Jar jar = Jar.demo();

    @Test
    void a_thousand_fields_on_a_hundred_holdings() {
        List<Double> opening = new ArrayList<>();
        try (Visitor adviser = Visitor.onPhone(jar).signIn("other@farside.example")) {
            Page page = adviser.page;
            page.setDefaultTimeout(600_000);
            page.evaluate("""
                    async () => {
                      const token = () => document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1];
                      const put = (path, body) => fetch(path, { method: 'PUT', body: JSON.stringify(body),
                        headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token() } });
                      for (let h = 0; h < 100; h++) {
                        const holding = crypto.randomUUID();
                        await put('/api/holdings/' + holding, { name: 'Holding ' + h, version: 0 });
                        for (let f = 0; f < 10; f++) {
                          const lat = 40 + h / 50 + f / 400, lon = -29 + (f % 4) / 300;
                          await put('/api/fields/' + crypto.randomUUID(), { holdingId: holding,
                            mainZoneId: crypto.randomUUID(), name: 'Field ' + h + '.' + f, use: 'arable', version: 0,
                            outline: [{ lat, lon }, { lat: lat + 0.002, lon }, { lat: lat + 0.001, lon: lon + 0.002 }] });
                        }
                      }
                    }""");
            for (int i = 0; i < OPENED; i++) {
                page.close();
                page = adviser.anotherTab();
                Figures.throttle(page, SLOWER);
                long from = System.nanoTime();
                adviser.open("/");
                page.getByText(Pattern.compile("^Holding ")).first().waitFor();
                opening.add((System.nanoTime() - from) / 1e6);
            }
            page.getByText("1001 fields").waitFor();
            Object frames = page.evaluate("""
                    async () => {
                      const gaps = [];
                      let last = performance.now();
                      for (let i = 0; i < 300; i++) {
                        window.scrollBy(0, 120);
                        await new Promise((next) => requestAnimationFrame(next));
                        const now = performance.now();
                        gaps.push(now - last);
                        last = now;
                      }
                      gaps.sort((a, b) => a - b);
                      return `median ${gaps[150].toFixed(1)} ms a frame, nine of ten ${gaps[270].toFixed(1)}`;
                    }""");
            Collections.sort(opening);
            System.out.printf(
                    "BENCH season of 1001 fields on a throttled phone: opens in %.0f ms, slowest %.0f, n %d; scrolled %s%n",
                    opening.get(OPENED / 2), opening.get(OPENED - 1), OPENED, frames);
        }
    }
}
