package morphotera.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInstance;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A phone with a field taken along and a visit that runs there; what the tests of a day without a signal begin from. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class OfflineDay {
    static final JsonMapper JSON = JsonMapper.builder().build();

    final Jar jar = Jar.demo();
    Visitor adviser;
    Page page;
    String visit;
    String tray;
    String field;
    private Visitor phone;

    /** The adviser's phone from the day before, with a visit of this test's own, so that no test meets what another left. */
    @BeforeEach
    void takenAlong() {
        if (phone == null) {
            phone = Visitor.onPhone(jar);
        }
        adviser = phone.comeBack("adviser@tidewrack.example");
        page = adviser.page;
        FieldDay day = FieldDay.begin(adviser, "Marl Bank", List.of("slaking", "penetration"));
        visit = day.visit();
        tray = day.tray();
        field = day.field();
        adviser.open(tray);
        page.locator("[data-offline=ready]").waitFor();
    }

    @AfterEach
    void nothingWentWrong() {
        List<String> faults = new ArrayList<>(phone.faults());
        // What the tests themselves cut off is written down by the browser.
        faults.removeIf(fault -> fault.contains("ERR_INTERNET_DISCONNECTED")
                || fault.contains("ERR_FAILED")
                || fault.contains("status of 401")
                || fault.contains("status of 403")
                || fault.contains("status of 409")
                || fault.contains("status of 500"));
        phone.faults().clear();
        boolean settled =
                phone.page.getByTestId("sending").getByText("all sent").isVisible();
        if (faults.isEmpty() && settled && !phone.hasOwnClock()) {
            phone.oneTab();
        } else {
            leave();
        }
        assertThat(faults).isEmpty();
    }

    /** What is still on it goes with it: the next test begins with a new one. */
    @AfterAll
    void leave() {
        if (phone != null) {
            phone.close();
            phone = null;
        }
    }

    JsonNode readings() {
        return adviser.fromServer("/api/visits/" + visit).get("readings");
    }

    void openSlaking(int spot) {
        page.getByLabel(Pattern.compile("^Slaking, spot " + spot + ":")).click();
    }

    /** Five crumbs that never fall: 100 of 100. */
    void type() {
        adviser.button("Ten minutes, no swirling").click();
        adviser.choice("Crumbs", "Air-dry").click();
        page.getByLabel("Step 3 of 3").or(page.getByLabel("Step 2 of 2")).last().click();
        for (int crumb = 1; crumb <= 5; crumb++) {
            adviser.crumb(crumb, "never");
        }
        page.getByLabel("Was each that is left pressed, and every stone struck out?")
                .check();
        page.getByLabel("Were the crumbs placed, not dropped?").check();
        assertThat(page.getByTestId("score")).containsText("100");
    }

    void count() {
        adviser.button("Count this reading").click();
        page.getByText("Kept on this device, to send.").waitFor();
    }
}
