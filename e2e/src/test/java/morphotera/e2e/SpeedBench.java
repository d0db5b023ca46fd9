package morphotera.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Measures and prints; asserts nothing. {@code mvn -Pbench verify}; figures are kept in docs/performance.md. */
class SpeedBench {
    private static final int SPOTS = 10;
    private static final String SLAKING = """
            {"context":{"use":"arable","texture":"loam","moisture":"moist"},"reading":{"crumbState":"air-dry","crumbs":[
            {"fellAt":"still","seconds":38},{"fellAt":"gentle"},{"fellAt":"strong"},{"fellAt":"never"},{"fellAt":"never"}]}}""";

    private static final Jar JAR = Jar.demo();

    @Test
    void evaluate_at_the_server() {
        Caller adviser = new Caller(JAR).signIn("adviser@tidewrack.example");
        List<Double> millis = new ArrayList<>();
        for (int i = 0; i < 3000; i++) {
            long from = System.nanoTime();
            adviser.send("POST", "/api/methods/slaking/evaluate", SLAKING);
            if (i >= 1000) {
                millis.add((System.nanoTime() - from) / 1e6);
            }
        }
        Figures.print("evaluate, slaking of five crumbs, request to answer over loopback", millis);
    }

    /** A save by itself and beside neighbours, then the season's first page in a practice of 100, 1,000 and 10,000 fields. */
    @Test
    void season_of_many_fields_and_saves() {
        Caller adviser = new Caller(JAR).signIn("other@farside.example");
        String holding = id(0);
        adviser.send("PUT", "/api/holdings/" + holding, "{\"name\":\"Bench\",\"version\":0}");
        field(adviser, holding, 0);
        saves(adviser);
        int made = 1;
        for (int fields : new int[] {100, 1000, 10_000}) {
            for (; made < fields; made++) {
                field(adviser, holding, made);
            }
            adviser.get("/api/season?limit=200");
            List<Double> millis = new ArrayList<>();
            for (int i = 0; i < 60; i++) {
                long from = System.nanoTime();
                adviser.get("/api/season?limit=200");
                if (i >= 20) {
                    millis.add((System.nanoTime() - from) / 1e6);
                }
            }
            Figures.print("season, first 200 of " + fields + " fields, request to answer", millis);
        }
    }

    /**
     * Visits of ten spots, and at each a reading that nothing rests on, then salt, then a pH beside both, which computes the salt
     * again.
     */
    private static void saves(Caller adviser) {
        String slaking = "\"slaking\",\"reading\":{\"crumbState\":\"air-dry\",\"crumbs\":[{\"fellAt\":\"never\"}]}";
        String salt = "\"salinity\",\"reading\":{\"ec\":0.6,\"compensated\":true,\"ratio\":\"1:1\"}";
        String ph = "\"ph\",\"reading\":{\"points\":[{\"depthCm\":5,\"value\":8,\"basis\":\"water\"}]}";
        List<Double> alone = new ArrayList<>();
        List<Double> beside = new ArrayList<>();
        String visit = "";
        for (int i = 0; i < 400; i++) {
            String spot = id(3_000_000 + i % SPOTS);
            if (i % SPOTS == 0) {
                visit = id(4_000_000 + i);
                adviser.send(
                        "PUT",
                        "/api/visits/" + visit,
                        "{\"fieldId\":\"" + id(1_000_000) + "\",\"day\":\"2031-05-14\",\"state\":\"running\","
                                + "\"question\":\"routine\",\"methods\":[\"slaking\"],\"moisture\":\"moist\",\"version\":0}");
            }
            if (i < SPOTS) {
                adviser.send(
                        "PUT",
                        "/api/spots/" + spot,
                        "{\"zoneId\":\"" + id(2_000_000) + "\",\"label\":\"" + i
                                + "\",\"lat\":40.0,\"lon\":-29.0,\"version\":0}");
            }
            double slakingMillis = save(adviser, visit, spot, slaking);
            save(adviser, visit, spot, salt);
            double phMillis = save(adviser, visit, spot, ph);
            if (i >= 200) {
                alone.add(slakingMillis);
                beside.add(phMillis);
            }
        }
        Figures.print("save of a reading nothing rests on", alone);
        Figures.print("save of a pH beside salt, which is computed again", beside);
    }

    private static double save(Caller adviser, String visit, String spot, String what) {
        String body = "{\"visitId\":\"" + visit + "\",\"spotId\":\"" + spot
                + "\",\"takenAt\":\"2031-05-14T10:00:00Z\",\"method\":" + what + "}";
        long from = System.nanoTime();
        adviser.send("PUT", "/api/readings/" + UUID.randomUUID(), body);
        return (System.nanoTime() - from) / 1e6;
    }

    private static void field(Caller adviser, String holding, int n) {
        double lat = 40 + n % 100 / 100.0;
        double lon = -29 + n / 100 / 100.0;
        adviser.send(
                "PUT",
                "/api/fields/" + id(1_000_000 + n),
                "{\"holdingId\":\"" + holding + "\",\"mainZoneId\":\""
                        + id(2_000_000 + n) + "\",\"name\":\"Bench " + n
                        + "\",\"use\":\"arable\",\"outline\":[{\"lat\":" + lat
                        + ",\"lon\":" + lon + "},{\"lat\":" + (lat + 0.002) + ",\"lon\":" + lon + "},{\"lat\":" + lat
                        + ",\"lon\":" + (lon + 0.002) + "}],\"version\":0}");
    }

    private static String id(long n) {
        return new UUID(0x018f000000007000L, 0x8000000000000000L | n).toString();
    }

    @Test
    void season_from_sign_in_and_section_drawn() {
        List<Double> season = new ArrayList<>();
        List<Double> section = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            try (Visitor adviser = Visitor.atDesk(JAR)) {
                Page page = adviser.page;
                adviser.open("/");
                adviser.button("Go in as adviser@tidewrack.example").waitFor();
                long from = System.nanoTime();
                adviser.button("Go in as adviser@tidewrack.example").click();
                adviser.heading("This week").waitFor();
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
        Figures.print("season, from the click of sign-in to the list of what is due", season);
        Figures.print("section of five spots and the fence, from click to the frame after it is drawn", section);
    }
}
