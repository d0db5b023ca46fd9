package morphotera.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What comes back is looked at before it counts, and an eye is tried on what is known. */
class LaboratoryIT extends OneSitting {
    @Test
    void a_sheet_that_came_back_is_taken_and_the_season_is_done_with_it() {
        Locator back = page.getByText("sample A came back from the laboratory");
        back.click();
        Locator sheet = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What came back"));
        assertThat(sheet.getByText("mg/kg").first()).isVisible();
        assertThat(adviser.wrong()).isEmpty();
        adviser.button("Take these figures").click();
        page.getByTestId("score").waitFor();
        for (Locator question : page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Before it counts"))
                .getByRole(AriaRole.CHECKBOX)
                .all()) {
            question.check();
        }
        adviser.button("Count this reading").click();
        assertThat(page.getByText("Read by Adviser")).isVisible();
        adviser.waitUntilSent();
        adviser.season();
        assertThat(adviser.heading("This week")).isVisible();
        assertThat(back).hasCount(0);
    }

    @Test
    void another_bag_is_sent_and_says_when_an_answer_is_likely() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Gate Hollow, visit")))
                .click();
        adviser.button("Mix one from several spots").click();
        adviser.button("It is mixed and in its bag").click();
        adviser.button("Send A to the laboratory").click();
        page.getByLabel("pH in water").check();
        page.getByLabel("Clay").check();
        assertThat(adviser.wrong()).isEmpty();
        adviser.button("Send A: 2 tests, 22").click();
        assertThat(page.getByText("an answer is likely by")).isVisible();
        assertThat(page.getByText("asked: ph, clay")).isVisible();
    }

    @Test
    void a_specimen_is_judged_and_its_truth_told() {
        page.getByLabel("Account of Adviser").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Practice specimens"))
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Soil block")))
                .click();
        page.getByText("Plates").click();
        page.getByText("In cracks only").click();
        assertThat(adviser.wrong()).isEmpty();
        adviser.button("That is what I see").click();
        assertThat(page.getByText("it was", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(page.getByText(Pattern.compile("point.? too (kind|harsh)|the same score")))
                .isVisible();
        adviser.button("The next specimen").click();
        assertThat(adviser.button("Judge both first")).isVisible();
    }
}
