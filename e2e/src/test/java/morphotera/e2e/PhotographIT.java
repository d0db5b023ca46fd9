package morphotera.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A photograph taken where there is no signal: counted there and then, and with the server in the evening. */
class PhotographIT {
    private final Jar jar = Jar.demo();
    private Visitor adviser;
    private Page page;
    private FieldDay day;

    @BeforeEach
    void takenAlong() {
        adviser = Visitor.onPhone(jar).comeBack("adviser@tidewrack.example");
        page = adviser.page;
        day = FieldDay.begin(adviser, "Walnut Rows", List.of("ground-cover"));
        adviser.open(day.tray());
        page.locator("[data-offline=ready]").waitFor();
    }

    @AfterEach
    void nothingWentWrong() {
        adviser.close();
        List<String> faults = adviser.faults();
        // What the test itself cuts off is written down by the browser.
        faults.removeIf(fault -> fault.contains("ERR_INTERNET_DISCONNECTED"));
        assertThat(faults).isEmpty();
    }

    @Test
    void ground_is_photographed_and_counted_and_both_arrive_when_a_signal_does() {
        adviser.open(day.tray() + "?spot=" + day.spot() + "&method=ground-cover");
        adviser.button("Photograph, counted later").waitFor();
        adviser.offline(true);
        adviser.button("Photograph, counted later").click();
        page.getByLabel("Take a photograph").setInputFiles(Drawn.ground());
        assertThat(page.getByText(", to send").first()).isVisible();
        adviser.button("Done, next step").click();
        assertThat(page.getByText("40 % living")).isVisible();
        // Of eight tenths in the middle three are plants.
        adviser.button("leave out the edges").click();
        assertThat(page.getByText(Pattern.compile("3[78] % living"))).isVisible();
        adviser.button("count all of it").click();
        assertThat(page.getByText("40 % living")).isVisible();
        Locator picture = page.getByLabel("Tap bare soil on the picture");
        BoundingBox box = picture.boundingBox();
        picture.click(new Locator.ClickOptions().setPosition(box.width * 0.8, box.height / 2));
        assertThat(page.getByText("60 % bare")).isVisible();
        adviser.button("Take these shares").click();
        assertThat(page.getByLabel("Living plants", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("40");
        page.getByLabel("Was each point looked at from straight above?").check();
        // It counts once the core has said what it comes to.
        page.getByTestId("score").waitFor();
        adviser.button("Count this reading").click();
        page.getByText("Kept on this device, to send.").waitFor();
        adviser.offline(false);
        adviser.waitUntilSent();
        JsonNode photograph = adviser.fromServer("/api/visits/" + day.visit() + "/photographs")
                .get(0);
        JsonNode reading = adviser.fromServer("/api/visits/" + day.visit())
                .get("readings")
                .get(0)
                .get("reading");
        assertThat(reading.at("/photograph/id").asString())
                .isEqualTo(photograph.get("id").asString());
        assertThat(reading.get("bare").asDouble()).isEqualTo(60);
        assertThat(photograph.get("widthPx").asInt()).isEqualTo(400);
    }
}
