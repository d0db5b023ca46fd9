package morphotera.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertAll;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A day in a valley: every kind of entry with no signal, and all of it at the server in the evening. */
class FlightDayIT {
    private static final List<String> METHODS = List.of(
            "root-depth",
            "earthworms",
            "smell",
            "structure-spade",
            "ph",
            "salinity",
            "slaking",
            "infiltration-ring",
            "percolation-hole",
            "texture-jar",
            "ground-cover",
            "soil-colour");

    /** A meter on a serial line: a figure twice a second, steady after the first few. */
    private static final String METER = """
            Object.defineProperty(navigator, 'serial', { value: { requestPort: async () => {
              let timer = null;
              let said = 0;
              return { open: async () => {}, close: async () => clearInterval(timer),
                readable: new ReadableStream({
                  start(to) {
                    timer = setInterval(() => to.enqueue(new TextEncoder()
                      .encode(`${(said++ < 3 ? 1.9 - 0.2 * said : 1.32).toFixed(2)} dS/m 17.2 C\\r\\n`)), 500);
                  },
                  cancel() { clearInterval(timer); },
                }) };
            } } });""";

    private final Jar jar = Jar.demo();
    private Visitor adviser;
    private Page page;
    private String tray;
    private String visit;

    @BeforeEach
    void aVisitTakenAlong() {
        adviser = Visitor.onPhone(jar);
        page = adviser.page;
        page.addInitScript(METER);
        adviser.comeBack("adviser@tidewrack.example");
        FieldDay day = FieldDay.begin(adviser, "Marl Bank", METHODS);
        visit = day.visit();
        tray = day.tray();
        adviser.open(tray);
        page.locator("[data-offline=ready]").waitFor();
        adviser.offline(true);
        tray += "?spot=" + day.spot() + "&method=";
    }

    @AfterEach
    void nothingWentWrong() {
        adviser.close();
        List<String> faults = adviser.faults();
        faults.removeIf(fault -> fault.contains("ERR_INTERNET_DISCONNECTED"));
        assertThat(faults).isEmpty();
    }

    private void bench(String method) {
        adviser.bench(tray + method);
        assertThat(page.getByLabel("Steps")
                        .or(page.getByLabel("Before you begin"))
                        .first())
                .isVisible();
        if (adviser.button("I heed it").isVisible()) {
            adviser.button("I heed it").click();
        }
    }

    private void step(int number) {
        page.getByLabel(Pattern.compile("^Step " + number + " of ")).click();
    }

    private Locator figure(String label) {
        return page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^" + label)))
                .first();
    }

    /** At the last step: its questions answered, the reading counts and waits. */
    private void count() {
        page.getByLabel(Pattern.compile("^Step (\\d+) of \\1:")).click();
        Locator questions = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Before it counts"));
        for (Locator question : questions.getByRole(AriaRole.CHECKBOX).all()) {
            question.check();
        }
        adviser.button("Count this reading").click();
        Locator kept = page.getByText("Kept on this device, to send.");
        Locator refused = page.getByLabel("Bench").getByRole(AriaRole.ALERT);
        kept.or(refused).first().waitFor();
        assertThat(refused.allInnerTexts()).isEmpty();
        kept.waitFor();
    }

    @Test
    void every_kind_of_entry_is_made_without_a_signal_and_arrives_as_it_was_made() {
        assertAll(
                this::figures,
                this::counts,
                this::aJudgedScale,
                this::layers,
                this::thePageIsKilled,
                this::aProfileByAKitsChart,
                this::aProbeOnItsLine,
                this::crumbsByTheClock,
                this::aPourTimed,
                this::levels,
                this::marksOnAJar,
                this::sharesAndAPhotograph,
                this::coloursOfAMixedSample);

        adviser.offline(false);
        adviser.open("/");
        adviser.waitUntilSent();
        JsonNode all = adviser.fromServer("/api/visits/" + visit).get("readings");
        List<String> methods = new ArrayList<>();
        all.forEach(one -> methods.add(one.get("method").asString()));
        assertThat(methods).containsExactlyInAnyOrderElementsOf(METHODS);
        assertThat(of(all, "root-depth").at("/reading/root80Cm").asDouble()).isEqualTo(63.5);
        assertThat(of(all, "root-depth").get("note").asString()).isEqualTo("under the old hedge");
        assertThat(of(all, "earthworms").at("/reading/blocks/0/adults").asInt()).isEqualTo(3);
        assertThat(of(all, "smell").at("/reading/smell").asString()).isEqualTo("sour");
        assertThat(of(all, "structure-spade").at("/reading/layers")).hasSizeGreaterThan(1);
        assertThat(of(all, "ph").at("/reading/points/0/value").asDouble()).isEqualTo(5.5);
        JsonNode salinity = of(all, "salinity");
        assertThat(salinity.at("/reading/ec").asDouble()).isEqualTo(1.32);
        assertThat(adviser.fromServer("/api/readings/" + salinity.get("id").asString() + "/streams")
                        .get("streams"))
                .hasSize(1);
        assertThat(of(all, "infiltration-ring").at("/reading/pours/0/seconds").asDouble())
                .isBetween(42.0, 75.0);
        assertThat(of(all, "percolation-hole").at("/reading/levels")).hasSizeGreaterThan(1);
        assertThat(of(all, "texture-jar").at("/reading/sandTopMm").asDouble()).isEqualTo(40);
        assertThat(adviser.fromServer("/api/visits/" + visit + "/photographs")).hasSize(1);
        JsonNode colour = of(all, "soil-colour");
        assertThat(colour.get("spotId").isNull()).isTrue();
        assertThat(colour.get("sampleId").isNull()).isFalse();
    }

    private static JsonNode of(JsonNode all, String method) {
        for (JsonNode one : all) {
            if (one.get("method").asString().equals(method)) {
                return one;
            }
        }
        throw new AssertionError("no reading of " + method);
    }

    private void figures() {
        bench("root-depth");
        step(4);
        figure("Four fifths of roots above").fill("25 in");
        figure("Deepest root").fill("80");
        step(5);
        adviser.choice("Crop", "Tree").click();
        page.getByText("A note, or another time").click();
        page.getByLabel("Note").fill("under the old hedge");
        count();
    }

    private void counts() {
        bench("earthworms");
        step(3);
        for (int worm = 0; worm < 3; worm++) {
            adviser.button("One more: Grown").click();
        }
        adviser.button("One more: Young").click();
        count();
    }

    private void aJudgedScale() {
        bench("smell");
        step(2);
        adviser.choice("Smell", "Sour").click();
        count();
    }

    private void layers() {
        bench("structure-spade");
        step(3);
        for (Locator end : page.getByRole(
                        AriaRole.SLIDER, new Page.GetByRoleOptions().setName(Pattern.compile("^Layer . ends at")))
                .all()) {
            end.focus();
            end.press("ArrowDown");
        }
        judged("Rounded blocks");
        while (adviser.button("This layer is right: the next").isVisible()) {
            adviser.button("This layer is right: the next").click();
            judged("Plates");
        }
        count();
    }

    /** Without a signal, with a test under way: what was typed stands where it was. */
    private void thePageIsKilled() {
        bench("percolation-hole");
        page.close();
        page = adviser.anotherTab();
        page.addInitScript(METER);
        adviser.open(tray + "percolation-hole");
    }

    private void judged(String shape) {
        adviser.choice("Shape", shape).click();
        adviser.choice("Effort to break", "Gentle").click();
        adviser.choice("Pores", "Some").click();
        adviser.choice("Roots", "Some").click();
    }

    private void aProfileByAKitsChart() {
        bench("ph");
        step(4);
        adviser.button("15 cm").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Read it by “Card of the plain box”"))
                .first()
                .click();
        adviser.button("Between 5 and 6").click();
        // At once, while the chart is still looked up.
        adviser.choice("Read by", "Card").first().click();
        count();
    }

    private void aProbeOnItsLine() {
        bench("salinity");
        step(3);
        adviser.choice("Soil to water", "1 to 5").click();
        step(5);
        adviser.choice("Reads at 25 °C already", "Yes").click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^Take it from the probe on a serial")))
                .first()
                .click();
        assertThat(figure("Conductivity")).hasValue("1.32");
        count();
    }

    /** Ten minutes go by in the water. */
    private void crumbsByTheClock() {
        bench("slaking");
        adviser.button("Ten minutes, no swirling").click();
        adviser.choice("Crumbs", "Air-dry").click();
        page.clock().install();
        adviser.button("Done, start the clock").click();
        page.clock().fastForward(600_000);
        for (int crumb = 1; crumb <= 5; crumb++) {
            adviser.crumb(crumb, "never");
        }
        count();
    }

    private void aPourTimed() {
        bench("infiltration-ring");
        figure("Ring width").fill("150");
        figure("Ring in the ground").fill("50");
        adviser.choice("The ground", "Structured").click();
        step(2);
        figure("Poured").fill("444");
        adviser.button("Film off: start").click();
        page.clock().fastForward(42_000);
        adviser.button("All gone: stop").click();
        count();
    }

    private void levels() {
        bench("percolation-hole");
        figure("Hole width").fill("150");
        figure("Hole depth").fill("300");
        step(2);
        adviser.choice("Wetted and drained before", "Yes").click();
        step(3);
        for (int look = 0; look < 3; look++) {
            adviser.button("Read now").first().click();
            // What was read before folds into a line.
            figure("Water above the bottom").fill(String.valueOf(200 - 60 * look));
            page.clock().fastForward(1_800_000);
        }
        count();
    }

    private void marksOnAJar() {
        bench("texture-jar");
        step(5);
        figure("Height of the water").fill("120");
        step(6);
        figure("Top of the sand").fill("40");
        step(7);
        figure("Top of the silt").fill("70");
        step(8);
        figure("Bottom of the jar").fill("5");
        figure("Top of the clay").fill("86");
        figure("Clay marked after").fill("48");
        count();
    }

    private void sharesAndAPhotograph() {
        bench("ground-cover");
        adviser.button("Photograph, counted later").click();
        page.getByLabel("Take a photograph").setInputFiles(Drawn.ground());
        assertThat(page.getByText(", to send").first()).isVisible();
        adviser.button("Done, next step").click();
        assertThat(page.getByText("40 % living")).isVisible();
        Locator picture = page.getByLabel("Tap bare soil on the picture");
        BoundingBox box = picture.boundingBox();
        picture.click(new Locator.ClickOptions().setPosition(box.width * 0.8, box.height / 2));
        assertThat(page.getByText("60 % bare")).isVisible();
        adviser.button("Take these shares").click();
        count();
    }

    private void coloursOfAMixedSample() {
        adviser.open(tray.replaceAll("[?].*", ""));
        adviser.button("Mix one from several spots").click();
        adviser.button("It is mixed and in its bag").click();
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Mixed samples"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Soil colour"))
                .click();
        step(3);
        figure("Hue").fill("10YR");
        adviser.button("Field, value: darker").click();
        adviser.button("Field, value: darker").click();
        figure("Chroma").fill("3");
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Hue"))
                .last()
                .fill("10YR");
        adviser.button("Reference, value: darker").click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Chroma"))
                .last()
                .fill("3");
        count();
    }
}
