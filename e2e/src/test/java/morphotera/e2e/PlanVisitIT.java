package morphotera.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A visit planned at a desk on a field that was not there before, and followed on a phone without a signal. */
class PlanVisitIT {
    private static final String OUTLINE = "47.6512, -29.1588\n47.6532, -29.1588\n47.6532, -29.1548\n47.6512, -29.1548";

    private final Jar jar = Jar.demo();

    /** From the outline to a bag that is half packed; the field's address. */
    private static String planned(Visitor adviser) {
        Page page = adviser.page;
        adviser.turnTo("/new-field");
        adviser.choice("Whose land", "Hallow Quay").click();
        page.getByLabel("Name of the field").fill("Long Reach");
        adviser.choice("Land use", "Arable").click();
        page.getByLabel("Corners, in order round the field").fill(OUTLINE);
        adviser.button("Save the field").click();
        assertThat(adviser.heading("Long Reach")).isVisible();

        adviser.button("Propose spots").click();
        page.getByLabel("Spots", new Page.GetByLabelOptions().setExact(true)).fill("3");
        assertThat(page.getByText("No part of the field is farther than")).isVisible();
        adviser.button("Set these 3 spots").click();
        assertThat(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Spot 3").setExact(true)))
                .isVisible();

        adviser.choice("What it is to answer", "Wet ground").click();
        assertThat(page.getByLabel("Which days are fit")).isVisible();
        assertThat(adviser.wrong()).isEmpty();
        page.getByText(Pattern.compile("\\d+ other tests")).click();
        page.getByLabel("pH by depth How acid").check();
        page.getByLabel("pH by depth: way of doing it").selectOption("meter");
        Locator together = page.getByLabel("All of it together");
        assertThat(together).containsText("hands-on in the field");
        assertThat(together).containsText("crowns");
        assertThat(together).containsText(Pattern.compile("\\d kg"));
        adviser.button("Run sheet").click();
        assertThat(page.getByText("Root pit is never done alone, and is left out"))
                .isVisible();
        adviser.button("two people").click();
        assertThat(page.getByText("Root pit is never done alone")).isHidden();
        adviser.button("alone").click();
        assertThat(page.getByTestId("total")).hasText(Pattern.compile("[12] h \\d\\d"));
        assertThat(adviser.wrong()).isEmpty();

        page.getByLabel("The time there is").fill("40");
        adviser.button("Show what fits").click();
        Locator few = page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Everything at few spots"));
        assertThat(few.getByText("Leaves out")).isVisible();

        adviser.button("Bag").click();
        page.getByLabel("auger pH by depth").check();
        page.reload();
        assertThat(page.getByLabel("auger pH by depth")).isChecked();
        assertThat(page.getByText(Pattern.compile("1 of \\d+ packed"))).isVisible();
        assertThat(adviser.wrong()).isEmpty();
        assertThat(onPaper(adviser))
                .contains("Tools")
                .contains("auger")
                .contains("Used up")
                .doesNotContain("Propose");
        adviser.button("Keep it planned").click();
        page.waitForURL(Pattern.compile(".*/visits/.*"));
        assertThat(page.getByTestId("total")).isVisible();
        return page.url().replaceFirst("^.*?(/fields/)", "$1");
    }

    /** What of the page is left on paper once the kit list is asked for. */
    private static String onPaper(Visitor adviser) {
        Page page = adviser.page;
        page.evaluate("() => { window.print = () => {}; }");
        adviser.button("Print the list").click();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        String paper = page.locator("main").innerText();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
        return paper;
    }

    @Test
    void a_visit_is_planned_from_outline_to_bag_and_followed_where_there_is_no_signal() {
        String visit;
        try (Visitor desk = Visitor.atDeskInSignal(jar)) {
            desk.signIn("adviser@tidewrack.example");
            visit = planned(desk);
            assertThat(desk.faults()).isEmpty();
        }
        try (Visitor phone = Visitor.onPhone(jar)) {
            Page page = phone.page;
            phone.signIn("adviser@tidewrack.example");
            phone.open(visit);
            assertThat(page.getByTestId("total")).isVisible();
            phone.button("Question and tests").click();
            Locator card = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Start card"));
            assertThat(card).isVisible();
            for (Locator item : card.getByRole(AriaRole.CHECKBOX).all()) {
                item.check();
            }
            page.clock().install();
            phone.button("Begin the visit").click();
            page.waitForURL(Pattern.compile(".*/measure.*"));
            phone.waitUntilSent();
            page.locator("[data-offline=ready]").waitFor();
            phone.offline(true);

            phone.go("scout");
            phone.button("Run sheet").click();
            Locator next = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The next thing"));
            // The core is fetched by its worker first, and a phone takes its time to plan.
            next.waitFor(new Locator.WaitForOptions().setTimeout(20_000));
            String before = page.getByTestId("total").textContent();
            next.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Open the bench"))
                    .click();
            String step = page.locator("h3").first().textContent();
            page.clock().fastForward(120_000);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Done, ")))
                    .click();
            phone.go("scout");
            phone.button("Run sheet").click();
            page.clock().fastForward(61_000);
            // What was ended on the bench has moved the sheet, planned again by this device alone.
            assertThat(next.locator("p").nth(1)).not().hasText(step);
            assertThat(page.getByTestId("total")).not().hasText(before);
            assertThat(page.evaluate("() => fetch('/api/health').then(() => 'signal', () => 'no signal')"))
                    .isEqualTo("no signal");
            assertThat(phone.wrong()).isEmpty();
        }
    }
}
