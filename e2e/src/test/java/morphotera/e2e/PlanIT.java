package morphotera.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From what the evidence calls for to a plan a grower signs, a report, and the data in one's own hand. */
class PlanIT extends OneSitting {
    @Test
    void sour_ground_becomes_a_plan_with_its_lime_and_a_report_that_stays_as_it_was_sent() {
        openField("Far Cleave");
        // Another test may have begun a visit here: this one is of the last that is done.
        Locator visits = page.getByLabel("Visit", new Page.GetByLabelOptions().setExact(true));
        Locator days = visits.locator("option");
        visits.selectOption(days.nth(days.count() - 3).getAttribute("value"));
        adviser.go("decide");
        adviser.button("poor patch").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Put .* into the plan$")))
                .click();
        Locator steps = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Steps of the plan"));
        Locator lime = steps.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Lime, proposed"));
        lime.click();
        Locator form = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Lime in the plan"));
        form.getByLabel("For the field").fill("12.4");
        form.getByLabel("Cost").fill("620");
        form.getByLabel("Why, in a line for the grower").fill("The topsoil is sour and clover fails.");
        form.getByText("Keep these figures").click();
        assertThat(lime).containsText("620");
        String months = form.locator(".num").first().textContent();
        form.getByText("half a year later").click();
        assertThat(form.locator(".num").first()).not().hasText(months);
        adviser.button("Take the last change back").click();
        assertThat(form.locator(".num").first()).hasText(months);
        assertThat(adviser.wrong()).isEmpty();

        adviser.go("follow");
        adviser.button("poor patch").click();
        page.getByText("The report to the grower").click();
        assertThat(page.getByText("The field holds")).isVisible();
        adviser.button("poor patch").click();
        Locator report = page.getByRole(AriaRole.ARTICLE);
        assertThat(report).containsText("Lime, 12.4 t");
        assertThat(report).containsText("About 620 crowns for the field. The topsoil is sour and clover fails.");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Where it stands:")))
                .click();
        page.getByLabel("Where it stands", new Page.GetByLabelOptions().setExact(true))
                .fill("Sour below, and mending.");
        page.keyboard().press("Enter");
        assertThat(adviser.wrong()).isEmpty();
        adviser.button("Keep it as sent").click();
        assertThat(page.getByText("Print it, or keep it as PDF")).isVisible();
        assertThat(report).containsText("Sour below, and mending.");
        assertThat(report).containsText("Lime, 12.4 t");
    }

    /** From the cut through the ground to a plan, and both on paper. */
    private void fromSectionToPaper(String field, boolean firstVisit, String said, String remedy) {
        openField(field);
        if (firstVisit) {
            Locator visits = page.getByLabel("Visit", new Page.GetByLabelOptions().setExact(true));
            visits.selectOption(visits.locator("option").last().getAttribute("value"));
        }
        adviser.go("read");
        assertThat(page.getByTestId("section")).isVisible();
        adviser.go("decide");
        assertThat(page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName(said)))
                .isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Put .* into the plan$")))
                .click();
        Locator steps = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Steps of the plan"));
        assertThat(steps).containsText(remedy);
        adviser.go("follow");
        page.getByText("The report to the grower").click();
        Locator report = page.getByRole(AriaRole.ARTICLE);
        assertThat(report).containsText(field);
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(report).isVisible();
        assertThat((Boolean) report.evaluate("one => one.scrollWidth <= one.clientWidth + 1"))
                .as("the report of %s is cut on paper", field)
                .isTrue();
        assertThat(page.pdf(new Page.PdfOptions().setFormat("A4"))).hasSizeGreaterThan(20_000);
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
    }

    @Test
    void trodden_salty_and_wheeled_ground_go_from_section_to_a_plan_on_paper() {
        fromSectionToPaper("Church Piece", true, "A compacted layer below the surface", "Break the pan");
        fromSectionToPaper("Lower Flats", false, "Salts build up", "Drains");
        fromSectionToPaper("Yard Close", true, "The topsoil is compacted by treading or traffic", "Rest from grazing");
    }

    @Test
    void leaching_waits_for_its_drains_and_sulphur_rules_itself_out_on_marl() {
        openField("Lower Flats");
        adviser.go("decide");
        Locator called = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("In an order that holds"));
        assertThat(called).containsText("after drains: water must have a way out before salt is washed");
        openField("Marl Bank");
        adviser.go("decide");
        Locator struck = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Struck out"));
        assertThat(struck).containsText("Sulphur");
    }

    @Test
    void strips_are_laid_out_as_zones_that_do_not_tell_their_treatment() {
        openField("Far Cleave");
        adviser.go("decide");
        page.getByText("Try it first: treated and untreated strips").click();
        page.getByLabel("A strip is wide").fill("8");
        page.getByLabel("Kept from the edge").fill("5");
        page.getByLabel("Name of the trial").fill("Lime against none");
        page.getByLabel("What treated strips get").fill("limed");
        adviser.button("Lay these strips out").click();
        Locator trial = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Lime against none"));
        assertThat(trial).containsText("Read every strip once before anything is done");
        trial.getByText("The treatments were given").click();
        assertThat(trial).containsText("the strips come due among the retests");
        adviser.go("scout");
        assertThat(page.locator("body")).containsText("Lime against none, strip 1a");
        assertThat(page.locator("body")).not().containsText("limed");
        assertThat(adviser.wrong()).isEmpty();
    }

    @Test
    void a_table_of_the_practice_is_edited_and_a_slip_is_named_in_its_cell() {
        adviser.turnTo("/tables");
        page.getByText("How hard a soil holds its pH").click();
        page.getByLabel("soil, Each % of organic carbon").fill("-3");
        adviser.button("Keep this table").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("lies between 0.05 and 5");
        page.getByLabel("soil, Each % of organic carbon").fill("0.96");
        adviser.button("Keep this table").click();
        assertThat(page.getByText("the practice’s own, version 1")).isVisible();
        assertThat(adviser.wrong()).isEmpty();
    }

    @Test
    void a_cause_that_was_ruled_out_calls_for_nothing_and_comes_back_when_taken_back() {
        // No other test reads the causes of this field meanwhile.
        openField("Lower Flats");
        Locator visits = page.getByLabel("Visit", new Page.GetByLabelOptions().setExact(true));
        visits.selectOption(visits.locator("option").last().getAttribute("value"));
        adviser.go("decide");
        Locator salt = page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Salts build up"));
        Locator called = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("In an order that holds"));
        assertThat(called).containsText("Straw on salt");
        salt.getByText("Say what it was").click();
        salt.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("It is not so"))
                .click();
        salt.getByText("Keep it").click();
        assertThat(salt).containsText("is needed here");
        salt.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("my judgement"))
                .click();
        salt.getByLabel("The reason").fill("The meter had not been set.");
        salt.getByText("Keep it").click();
        assertThat(salt).containsText("Ruled out by my judgement");
        assertThat(salt.getByText(Pattern.compile("likely, 0\\.\\d+"))).isVisible();
        assertThat(called).not().containsText("Straw on salt");
        salt.getByText("Take it back").click();
        assertThat(called).containsText("Straw on salt");
    }

    @Test
    void a_yardstick_is_copied_bent_and_kept_and_the_data_are_taken_out() {
        adviser.turnTo("/yardsticks");
        adviser.button("Make a copy").click();
        assertThat(page.getByLabel("Region, if it is for one")).isVisible();
        Locator knot = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Knot 2"));
        knot.focus();
        for (int i = 0; i < 10; i++) {
            page.keyboard().press("ArrowDown");
        }
        assertThat(page.getByText("would stand in another band")).isVisible();
        assertThat(adviser.wrong()).isEmpty();
        adviser.button("Keep as version 2").click();
        assertThat(adviser.button("Keep as version 3")).isVisible();
        page.getByLabel("Knot 2, score").fill("150");
        adviser.button("Keep as version 3").click();
        assertThat(page.getByText("Scores go from 0 to 100.")).isVisible();

        adviser.turnTo("/prices");
        assertThat(page.getByLabel("Money is counted in")).hasValue("crowns");
        assertThat(adviser.wrong()).isEmpty();

        adviser.turnTo("/data");
        assertThat(adviser.wrong()).isEmpty();
        adviser.button("Take it out").click();
        Download file =
                page.waitForDownload(() -> page.getByText("Save the file").click());
        Path saved = Jar.folder().resolve("practice.zip");
        file.saveAs(saved);
        page.getByText("A package that was taken out").click();
        page.locator("input[type=file][accept*=zip]").setInputFiles(saved);
        assertThat(page.getByText("there already")).isVisible();
    }
}
