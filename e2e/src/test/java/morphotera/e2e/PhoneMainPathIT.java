package morphotera.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The main path with the demo scenario on a phone, start to end as one person would go it. */
class PhoneMainPathIT {
    private final Jar jar = Jar.demo();

    private static void openField(Visitor adviser, String name) {
        adviser.season()
                .page
                .getByRole(AriaRole.LIST)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(name))
                .last()
                .click();
    }

    @Test
    void measure_read_decide_and_follow_with_one_thumb() {
        try (Visitor adviser = Visitor.onPhoneInSignal(jar)) {
            Page page = adviser.page;
            adviser.signIn("adviser@tidewrack.example");
            // What runs stands before the maps, however many holdings there are.
            assertThat(page.getByRole(
                            AriaRole.HEADING,
                            new Page.GetByRoleOptions().setName("Now").setExact(true)))
                    .isInViewport();
            assertThat(adviser.wrong()).isEmpty();

            openField(adviser, "Gate Hollow");
            page.clock().install();
            page.getByLabel("Slaking, spot 2: empty").click();
            adviser.button("Ten minutes, no swirling").click();
            adviser.choice("Crumbs", "Air-dry").click();
            adviser.button("Done, start the clock").click();
            assertThat(page.getByTestId("clock")).isVisible();
            page.reload();
            page.clock().fastForward(605_000);
            for (int crumb = 1; crumb <= 3; crumb++) {
                adviser.crumb(crumb, "never");
            }
            adviser.crumb(4, "in still water");
            page.getByLabel("After", new Page.GetByLabelOptions().setExact(true))
                    .fill("7:00");
            adviser.crumb(5, "in still water");
            page.getByLabel("After", new Page.GetByLabelOptions().setExact(true))
                    .fill("90");
            // (100 + 100 + 100 + 36.7 + 21.4) / 5
            assertThat(page.getByTestId("score")).containsText("71.6");
            page.getByLabel("Was each that is left pressed, and every stone struck out?")
                    .check();
            page.getByLabel("Were the crumbs placed, not dropped?").check();
            assertThat(adviser.wrong()).isEmpty();
            adviser.button("Count this reading").click();
            assertThat(page.getByText("Read by Adviser")).isVisible();
            adviser.waitUntilSent();

            adviser.button("All tests").click();
            // The server's own result comes with the next answer; a busy one takes its time.
            page.getByLabel("Slaking, spot 2: 72, holding").waitFor();
            page.getByLabel("Percolation hole, spot 1: ").click();
            Locator fourth = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Levels 4"));
            fourth.getByLabel("After").fill("101");
            fourth.getByLabel("Water above the bottom").fill("300 in");
            assertThat(page.getByText("goes from 0 to 5000 mm")).isVisible();
            fourth.getByLabel("Water above the bottom").fill("84");
            assertThat(page.getByTestId("score")).isVisible();
            assertThat(page.getByText("In a 300 mm hole that is a fall of")).isVisible();

            adviser.button("All tests").click();
            page.getByLabel(Pattern.compile("^Slaking, spot 3:")).click();
            adviser.turnTo(page.url().replace("method=slaking", "method=penetration"));
            adviser.choice("Tip", "Small cone").click();
            adviser.button("Done, next step").click();
            page.getByLabel("Push 1 at 7.5 cm").fill("800");
            page.getByLabel("Push 1 at 15 cm").fill("1200");
            page.getByLabel("Push 1 at 22.5 cm").fill("2500");
            page.getByLabel("Push 1 at 30 cm").fill("1400");
            assertThat(page.getByText("The mean meets the root limit at 20 cm."))
                    .isVisible();
            assertThat(adviser.wrong()).isEmpty();
            adviser.button("Done, next step").click();
            page.getByLabel("Is this the scale of the tip you pushed?").check();
            page.getByLabel("Was it pushed steadily").check();
            adviser.button("Count this reading").click();
            assertThat(page.getByText("Read by Adviser")).isVisible();

            openField(adviser, "Church Piece");
            assertThat(page.getByTestId("section")).isVisible();
            assertThat(adviser.wrong()).isEmpty();
            page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Scores"))
                    .click();
            assertThat(page.getByText("by balance of its groups")).isVisible();
            assertThat(adviser.wrong()).isEmpty();
            adviser.go("decide");
            assertThat(adviser.heading("Next best test")).isVisible();
            page.locator("summary").getByText("How deep a tine must go").click();
            Locator tine = page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Break the pan"));
            tine.getByLabel("Pan hardest at").fill("28");
            tine.getByLabel("Pan ends at").fill("33");
            tine.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("Moist"))
                    .click();
            assertThat(tine.getByText("33 + 5 = 38")).isVisible();
            assertThat(adviser.wrong()).isEmpty();
            adviser.go("follow");
            assertThat(page.getByText("better", new Page.GetByTextOptions().setExact(true))
                            .first())
                    .isVisible();
            assertThat(adviser.wrong()).isEmpty();
            adviser.go("scout");
            assertThat(adviser.heading("Church Piece")).isVisible();
            assertThat(adviser.wrong()).isEmpty();
            assertThat(adviser.faults()).isEmpty();
        }
    }

    /** Each page that is looked at is as wide as its window; the widest and those no other test opens on a phone fit a narrow one. */
    @Test
    void no_page_is_wider_than_a_narrow_phone() {
        try (Visitor adviser = Visitor.onPhoneInSignal(jar)) {
            Page page = adviser.page;
            page.setViewportSize(360, 740);
            adviser.signIn("adviser@tidewrack.example");
            openField(adviser, "Church Piece");
            page.waitForURL(Pattern.compile("/visits/"));
            String field = page.url().replaceFirst(".*(/fields/.*)/[a-z]+$", "$1");
            String visit = field.replaceFirst(".*/", "");
            fits(adviser, adviser.heading("Roots run on"));
            adviser.turnTo(field + "/read?view=scores");
            fits(adviser, page.getByText("by balance of its groups"));
            adviser.turnTo(field + "/read?view=beside");
            fits(adviser, page.getByText("On one ruler, cm"));
            adviser.turnTo(field + "/follow?in=values&zones=together");
            fits(adviser, page.getByRole(AriaRole.TABLE).first());
            adviser.turnTo("/reports/" + visit);
            fits(adviser, adviser.heading("Church Piece"));
            adviser.turnTo("/methods/slaking");
            fits(adviser, adviser.heading("Slaking").first());
            adviser.turnTo("/practice");
            fits(adviser, adviser.heading("Practice specimens"));
            adviser.turnTo("/data");
            fits(adviser, adviser.heading("Data"));
            adviser.turnTo("/account");
            fits(adviser, adviser.heading("Adviser"));
            adviser.turnTo("/new-field");
            fits(adviser, adviser.heading("A new field"));
            openField(adviser, "Lower Flats");
            adviser.go("measure");
            fits(adviser, adviser.heading("Lower Flats"));
            adviser.go("decide");
            fits(adviser, adviser.heading("What suits this ground"));
        }
    }

    private static void fits(Visitor adviser, Locator there) {
        there.waitFor();
        assertThat(adviser.tooWide())
                .as("pixels too wide at %s", adviser.page.url())
                .isZero();
    }
}
