package morphotera.e2e;

import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A visit's planning, measured in the browser's page and printed: {@code mvn -Pbench verify}. */
class PlanBench {
    private static final String SEND = """
            async ([path, body]) => {
              const began = performance.now();
              const answer = await fetch(path, { method: 'POST', body, headers: {
                'Content-Type': 'application/json',
                'X-XSRF-TOKEN': document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1],
              } });
              const text = await answer.text();
              return `${Math.round(performance.now() - began)} ms, ${answer.status}`;
            }""";
    private static final String IN_THE_BROWSER = """
            async (body) => {
              const core = await import('/core/core.js');
              const began = performance.now();
              const sheet = JSON.parse(core.planRunSheet(body));
              return `${Math.round(performance.now() - began)} ms, total ${sheet.totalS} s, bound ${sheet.lowerBoundS} s`;
            }""";
    private static final List<String> METHODS = List.of(
            "texture-feel",
            "structure-spade",
            "earthworms",
            "slaking",
            "dispersion",
            "infiltration-ring",
            "penetration",
            "ph",
            "root-depth",
            "percolation-hole");

    /** Each of a field of its own: one that was planned already is not planned again. */
    private static String visit(int round) {
        double gate = 47.6 + round / 100.0;
        StringBuilder spots = new StringBuilder();
        StringBuilder tests = new StringBuilder();
        for (int i = 0; i < 5; i++) {
            spots.append(i == 0 ? "" : ",")
                    .append("{\"id\":\"s" + i + "\",\"lat\":" + (gate + i * 0.0007) + ",\"lon\":-29.1}");
            for (String method : METHODS) {
                tests.append(tests.length() == 0 ? "" : ",")
                        .append("{\"spot\":\"s" + i + "\",\"method\":\"" + method + "\"}");
            }
        }
        return "{\"people\":1,\"gate\":{\"lat\":" + gate + ",\"lon\":-29.1},\"spots\":[" + spots + "],\"tests\":["
                + tests + "]}";
    }

    @Test
    void five_spots_with_ten_methods_and_ten_spots_in_twenty_hectares() {
        try (Visitor adviser = Visitor.atDesk(Jar.demo())) {
            adviser.signIn("adviser@tidewrack.example");
            Page page = adviser.page;
            String place =
                    "{\"polygon\":{\"type\":\"Polygon\",\"coordinates\":[[[-29.1,47.6],[-29.094,47.6],[-29.094,47.604],"
                            + "[-29.1,47.604],[-29.1,47.6]]]},\"n\":10,\"marginM\":15,\"plan\":\"spread\",\"seed\":7}";
            for (int round = 0; round < 4; round++) {
                System.out.println(
                        "BENCH ten spots in 20 ha: " + page.evaluate(SEND, List.of("/api/spots/place", place)));
                System.out.println("BENCH run sheet, five spots, ten methods, server: "
                        + page.evaluate(SEND, List.of("/api/run-sheets/plan", visit(round))));
                System.out.println("BENCH the same in Chromium: " + page.evaluate(IN_THE_BROWSER, visit(round)));
            }
        }
    }
}
