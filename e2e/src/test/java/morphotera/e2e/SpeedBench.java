package morphotera.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Measures and prints; asserts nothing. {@code mvn -Pbench verify}; figures are kept in docs/performance.md. */
class SpeedBench {
    private static final String SLAKING = """
            {"context":{"use":"arable","texture":"loam","moisture":"moist"},"reading":{"crumbState":"air-dry","crumbs":[
            {"fellAt":"still","seconds":38},{"fellAt":"gentle"},{"fellAt":"strong"},{"fellAt":"never"},{"fellAt":"never"}]}}""";

    private static Jar jar;

    @BeforeAll
    static void start() {
        jar = Jar.demo();
    }

    @AfterAll
    static void stop() {
        jar.close();
    }

    @Test
    void evaluate_at_the_server() throws Exception {
        CookieManager cookies = new CookieManager();
        HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
        http.send(
                HttpRequest.newBuilder(URI.create(jar.url("/api/welcome"))).build(),
                HttpResponse.BodyHandlers.discarding());
        send(http, cookies, "/api/session", "{\"email\":\"adviser@tidewrack.example\",\"password\":\"slack-tide-41\"}");
        List<Double> millis = new ArrayList<>();
        for (int i = 0; i < 3000; i++) {
            long from = System.nanoTime();
            send(http, cookies, "/api/methods/slaking/evaluate", SLAKING);
            if (i >= 1000) {
                millis.add((System.nanoTime() - from) / 1e6);
            }
        }
        print("evaluate, slaking of five crumbs, request to answer over loopback", millis);
    }

    private static void send(HttpClient http, CookieManager cookies, String path, String body) throws Exception {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .getValue();
        HttpResponse<String> answer = http.send(
                HttpRequest.newBuilder(URI.create(jar.url(path)))
                        .header("Content-Type", "application/json")
                        .header("X-XSRF-TOKEN", token)
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(path + " answered " + answer.statusCode() + ": " + answer.body());
        }
    }

    @Test
    void season_from_sign_in_and_section_drawn() {
        List<Double> season = new ArrayList<>();
        List<Double> section = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            try (Visitor adviser = Visitor.atDesk(jar)) {
                Page page = adviser.page;
                adviser.open("/");
                adviser.button("Go in as adviser@tidewrack.example").waitFor();
                long from = System.nanoTime();
                adviser.button("Go in as adviser@tidewrack.example").click();
                adviser.heading("Due").waitFor();
                season.add((System.nanoTime() - from) / 1e6);
                page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Church Piece"))
                        .first()
                        .click();
                page.getByTestId("section").waitFor();
                page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Scores"))
                        .click();
                page.getByText("by balance").waitFor();
                section.add(((Number) page.evaluate("""
                                async () => {
                                  const tab = [...document.querySelectorAll('[role=tab]')].find((one) => one.textContent === 'Section');
                                  const from = performance.now();
                                  tab.dispatchEvent(new MouseEvent('mousedown', { bubbles: true, button: 0 }));
                                  while (!document.querySelector('[data-testid=section]')) {
                                    await new Promise((next) => setTimeout(next));
                                  }
                                  await new Promise((next) => requestAnimationFrame(() => requestAnimationFrame(next)));
                                  return performance.now() - from;
                                }""")).doubleValue());
            }
        }
        print("season, from the click of sign-in to the list of what is due", season);
        print("section of five spots and the fence, from click to the frame after it is drawn", section);
    }

    private static void print(String what, List<Double> millis) {
        Collections.sort(millis);
        System.out.printf(
                "BENCH %s: median %.1f ms, p95 %.1f ms, n %d%n",
                what,
                millis.get(millis.size() / 2),
                millis.get(Math.min(millis.size() - 1, (int) Math.ceil(millis.size() * 0.95) - 1)),
                millis.size());
    }
}
