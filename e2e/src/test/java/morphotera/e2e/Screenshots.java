package morphotera.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Takes the kept pictures of the main views anew, from the demo data: {@code mvn -Pscreenshots verify}. */
class Screenshots {
    private static final Path KEPT = Path.of("../docs/screenshots");
    private final Jar jar = Jar.demo();

    private static void keep(Visitor visitor, String name) {
        // Fonts and the last query's drawing.
        visitor.page.waitForTimeout(1200);
        visitor.page.screenshot(new Page.ScreenshotOptions().setPath(KEPT.resolve(name + ".png")));
    }

    private static void openField(Visitor visitor, String name) {
        visitor.open("/");
        visitor.page
                .getByRole(AriaRole.LIST)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(name))
                .last()
                .click();
    }

    private static void firstVisit(Visitor visitor) {
        Locator visits = visitor.page.getByLabel("Visit", new Page.GetByLabelOptions().setExact(true));
        visits.selectOption(visits.locator("option").last().getAttribute("value"));
    }

    @Test
    void at_a_desk() {
        try (Visitor adviser = Visitor.atDesk(jar)) {
            adviser.signIn("adviser@tidewrack.example");
            adviser.heading("This week").waitFor();
            keep(adviser, "season");
            openField(adviser, "Church Piece");
            adviser.page.getByTestId("section").waitFor();
            firstVisit(adviser);
            keep(adviser, "section");
            adviser.go("decide");
            keep(adviser, "decide");
            adviser.page
                    .getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Break the pan"))
                    .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("Moist"))
                    .click();
            keep(adviser, "calculator");
            adviser.page
                    .getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName(Pattern.compile("^Put .* into the plan$")))
                    .click();
            adviser.page
                    .getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Steps of the plan"))
                    .getByRole(AriaRole.BUTTON)
                    .first()
                    .click();
            adviser.page.locator("#plan").evaluate("it => it.scrollIntoView()");
            keep(adviser, "plan");
            openField(adviser, "Lower Flats");
            adviser.go("follow");
            adviser.page.getByText("Like with like").waitFor();
            keep(adviser, "follow");
            openField(adviser, "Far Cleave");
            adviser.go("follow");
            adviser.button("poor patch").click();
            adviser.link("The report to the grower").click();
            adviser.page.getByText("Three things to do").waitFor();
            keep(adviser, "report");
            adviser.open("/yardsticks");
            adviser.button("Make a copy").click();
            Locator knot = adviser.page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Knot 2"));
            adviser.page.getByLabel("Region, if it is for one").fill("the sour hills");
            for (int i = 0; i < 12; i++) {
                knot.press("ArrowDown");
            }
            adviser.page.locator("figure").first().evaluate("it => it.scrollIntoView({ block: 'center' })");
            keep(adviser, "yardstick");
            adviser.open("/methods");
            adviser.page
                    .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Soil block"))
                    .locator("svg")
                    .waitFor();
            keep(adviser, "field-guide");
            openField(adviser, "Church Piece");
            adviser.page
                    .getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Scores"))
                    .click();
            keep(adviser, "scores");
            adviser.page
                    .getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("What was found"))
                    .click();
            keep(adviser, "found");
            openField(adviser, "Far Cleave");
            adviser.page
                    .getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Beside"))
                    .click();
            adviser.page.getByText("On one ruler, cm").waitFor();
            keep(adviser, "beside");
            openField(adviser, "Church Piece");
            adviser.go("scout");
            keep(adviser, "scout");
            openField(adviser, "Yard Close planned");
            adviser.page.getByTestId("total").waitFor();
            keep(adviser, "run-sheet");
            openField(adviser, "Gate Hollow");
            adviser.page.getByLabel("Percolation hole, spot 1").click();
            keep(adviser, "tray");
        }
    }

    @Test
    void on_a_phone() {
        try (Visitor adviser = Visitor.onPhone(jar)) {
            adviser.signIn("adviser@tidewrack.example");
            openField(adviser, "Gate Hollow");
            keep(adviser, "phone-tray");
            adviser.page.getByLabel("Slaking, spot 3").click();
            adviser.button("Dry crumbs in hand").click();
            adviser.choice("Crumbs", "Air-dry").click();
            adviser.button("Done, start the clock").click();
            adviser.page.waitForTimeout(3000);
            adviser.touchCrumb(1);
            adviser.page.getByLabel("Crumb 3").evaluate("it => it.scrollIntoView({ block: 'center' })");
            keep(adviser, "phone-bench");
            openField(adviser, "Church Piece");
            firstVisit(adviser);
            keep(adviser, "phone-section");
        }
    }

    @Test
    void on_a_phone_without_a_signal() {
        try (Visitor adviser = Visitor.onPhone(jar)) {
            adviser.signIn("adviser@tidewrack.example");
            openField(adviser, "Gate Hollow");
            adviser.page.locator("[data-offline=ready]").waitFor();
            adviser.offline(true);
            adviser.page.reload();
            adviser.page.getByLabel("Slaking, spot 2").click();
            adviser.button("Ten minutes, no swirling").click();
            adviser.choice("Crumbs", "Air-dry").click();
            adviser.page.getByLabel("Step 2 of 2").click();
            for (int crumb = 1; crumb <= 5; crumb++) {
                adviser.crumb(crumb, "never");
            }
            adviser.page
                    .getByLabel("Was each that is left pressed, and every stone struck out?")
                    .check();
            adviser.page.getByLabel("Were the crumbs placed, not dropped?").check();
            adviser.page.getByTestId("score").waitFor();
            adviser.button("Count this reading").click();
            adviser.page.getByText("Kept on this device, to send.").waitFor();
            keep(adviser, "phone-offline");
            adviser.go("decide");
            adviser.heading("Next best test").waitFor();
            adviser.open("/");
            adviser.offline(false);
            adviser.waitUntilSent();
        }
    }
}
