package morphotera.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What is carried off a field and brought to one: a bag of soil, a file of spots; and two zones held beside each other. */
class BagIT extends OneSitting {
    private static final String WAYPOINTS =
            "<?xml version='1.0'?><gpx version='1.1'><wpt lat='47.0' lon='-20.0'><name>Far off</name></wpt></gpx>";

    /** No test beside reads what this one is at. */
    @Override
    String person() {
        return "second@tidewrack.example";
    }

    @BeforeEach
    void atTheOval() {
        openField("Main Oval");
    }

    @Test
    void soil_of_several_spots_is_mixed_read_and_scored_as_the_zones_one_value() {
        adviser.go("measure");
        adviser.button("Mix one from several spots").click();
        page.getByLabel("Down to").fill("0");
        adviser.button("It is mixed and in its bag").click();
        assertThat(page.getByText("The lower depth lies under the upper one.")).isVisible();
        page.getByLabel("Down to").fill("10");
        assertThat(adviser.wrong()).isEmpty();
        adviser.button("It is mixed and in its bag").click();
        assertThat(page.getByText("not cooled yet: within four hours")).isVisible();
        adviser.button("A is in the cool box").click();
        assertThat(page.getByText("not handed over yet: within two days")).isVisible();

        adviser.link("Nutrient kit").click();
        assertThat(page.getByText("sample A, mixed from 3 spots, 0 to 10 cm")).isVisible();
        page.getByLabel("Step 5 of 6").click();
        adviser.choice("Phosphorus, if known", "Low").click();
        adviser.button("Done, next step").click();
        page.getByLabel("Was the colour read in shade against this kit's own chart?")
                .check();
        adviser.button("Count this reading").click();
        adviser.waitUntilSent();
        assertThat(page.getByText("0 to 10 cm").first()).isVisible();

        adviser.go("read");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Scores"))
                .click();
        assertThat(page.getByText("a mixed sample").first()).isVisible();
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Beside"))
                .click();
        assertThat(page.getByText("On one ruler, cm")).isVisible();
        assertThat(page.getByText(Pattern.compile("points lower in")).first()).isVisible();
        assertThat(adviser.wrong()).isEmpty();
    }

    @Test
    void a_file_of_spots_is_looked_at_and_what_lies_off_the_field_is_left_out() {
        adviser.go("scout");
        page.getByText("Spots from a file").click();
        page.getByLabel("Choose a file")
                .first()
                .setInputFiles(new FilePayload(
                        "spots.gpx", "application/gpx+xml", WAYPOINTS.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("1: This place lies outside the field.")).isVisible();
        assertThat(page.getByText("0 spots can be read")).isVisible();
        assertThat(adviser.wrong()).isEmpty();
        adviser.button("Leave it").click();
        assertThat(page.getByText("0 spots can be read")).isHidden();
    }
}
