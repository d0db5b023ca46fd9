package morphotera.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The product is renewed on the server in the middle of somebody's day. */
class NewerPageIT {
    @Test
    void a_newer_page_is_taken_when_asked_and_what_waits_is_sent_by_it_once() {
        try (Middle middle = new Middle(Jar.demo());
                Visitor adviser = Visitor.onPhone(middle.jar())) {
            adviser.signIn("adviser@tidewrack.example");
            Page page = adviser.page;
            FieldDay day = FieldDay.begin(adviser, "Walnut Rows", List.of("smell"));
            adviser.open(day.tray());
            page.locator("[data-offline=ready]").waitFor();
            // Behind this, from the first page on.
            page.evaluate("navigator.serviceWorker.ready.then(() => null)");
            page.reload();
            middle.turnAway("/api/readings/");
            day.countSmell();
            assertThat(page.getByTestId("sending")).containsText("1 to send");

            middle.hasNewerPage();
            page.evaluate("navigator.serviceWorker.getRegistration().then((one) => one.update()).then(() => null)");
            assertThat(page.getByText("A newer page is here.")).isVisible();
            assertThat(page.getByTestId("sending")).containsText("1 to send");
            page.waitForRequest(
                    request -> request.isNavigationRequest(),
                    () -> adviser.button("Take it").click());
            assertThat(page.getByText("A newer page is here.")).hasCount(0);
            assertThat(page.getByTestId("sending")).containsText("1 to send");

            middle.turnAway(null);
            adviser.waitUntilSent();
            assertThat(adviser.fromServer("/api/visits/" + day.visit()).get("readings"))
                    .hasSize(1);
            adviser.faults().removeIf(fault -> fault.contains("status of 503"));
            assertThat(adviser.faults()).isEmpty();
        }
    }
}
