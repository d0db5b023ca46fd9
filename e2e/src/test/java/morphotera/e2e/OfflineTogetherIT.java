package morphotera.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.function.Consumer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Two people on one visit, or on one device: both are kept, and nothing goes under the wrong name. */
@Order(2)
class OfflineTogetherIT extends OfflineDay {
    @Test
    void what_one_person_counted_is_not_sent_under_anothers_name() {
        openSlaking(1);
        type();
        page.route("**/api/readings/*", Route::abort);
        count();
        // Somebody else signs in on the same device, in the same browser.
        Object status = page.evaluate("""
                () => fetch('/api/session', { method: 'POST', headers: { 'Content-Type': 'application/json',
                  'X-XSRF-TOKEN': document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1] },
                  body: JSON.stringify({ email: 'second@tidewrack.example', password: 'slack-tide-41' }),
                }).then((answer) => answer.status)""");
        assertThat(status).isEqualTo(200);
        page.reload();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Account of Second"))
                .waitFor();
        assertThat(page.getByTestId("sending")).containsText("all sent");
        page.unroute("**/api/readings/*");
        page.reload();
        assertThat(page.getByTestId("sending")).containsText("all sent");
        assertThat(readings()).isEmpty();
        adviser.signedOutByTheServer();
        adviser.signIn("adviser@tidewrack.example");
        adviser.waitUntilSent();
        assertThat(readings().at("/0/enteredBy").asString()).isEqualTo("Adviser");
    }

    /** The soil is wet, says this phone without a signal; another adviser edits the same visit at the desk, and the signal returns. */
    private void wetHereWhile(Consumer<Visitor> there) {
        adviser.offline(true);
        adviser.go("scout");
        adviser.choice("Soil, as a hand feels it", "Wet").click();
        adviser.button("Back to measuring").click();
        try (Visitor second = Visitor.atDeskInSignal(jar).comeBack("second@tidewrack.example")) {
            second.open(page.url().replaceAll("^https?://[^/]+", "").replace("/measure", "/scout"));
            there.accept(second);
            second.button("Back to measuring").click();
            second.waitUntilSent();
        }
        adviser.offline(false);
    }

    @Test
    void two_edit_one_visit_without_a_signal_and_both_are_kept() {
        wetHereWhile(second -> second.page.getByLabel("Weather").fill("fog off the sea"));
        adviser.waitUntilSent();
        JsonNode saved = adviser.fromServer("/api/visits/" + visit).get("visit");
        assertThat(saved.get("moisture").asString()).isEqualTo("wet");
        assertThat(saved.get("weather").asString()).isEqualTo("fog off the sea");
    }

    @Test
    void two_who_changed_the_same_are_asked_which_holds() {
        wetHereWhile(second -> second.choice("Soil, as a hand feels it", "Dry").click());
        page.getByText("1 needs you").click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("yours: wet"))
                .click();
        adviser.button("Send it again").click();
        adviser.waitUntilSent();
        assertThat(page.getByText("needs you")).hasCount(0);
        assertThat(adviser.fromServer("/api/visits/" + visit)
                        .at("/visit/moisture")
                        .asString())
                .isEqualTo("wet");
    }

    @Test
    void what_a_phone_could_not_send_goes_as_a_file_to_an_owner_and_stays_its_persons() {
        try (Visitor second = Visitor.onPhone(jar).comeBack("second@tidewrack.example")) {
            second.open(page.url().replaceAll("^https?://[^/]+", ""));
            second.page.locator("[data-offline=ready]").waitFor();
            Visitor mine = adviser;
            Page desk = page;
            adviser = second;
            page = second.page;
            openSlaking(1);
            type();
            second.offline(true);
            count();
            second.open("/account");
            Download saved = page.waitForDownload(
                    () -> second.button("Save them as a file").click());

            adviser = mine;
            page = desk;
            adviser.turnTo("/data");
            page.getByText("What a device could not send").click();
            page.locator("details[open] input[type=file]").setInputFiles(saved.path());
            assertThat(page.getByText("Slaking, Marl Bank spot 1")).isVisible();
            adviser.button("Take them in").click();
            page.getByText("now go from this device").waitFor();
            adviser.waitUntilSent();
            assertThat(readings()).hasSize(1);
            assertThat(readings().get(0).get("enteredBy").asString()).isEqualTo("Second adviser");

            second.offline(false);
            second.waitUntilSent();
            assertThat(readings()).hasSize(1);
            second.faults().removeIf(fault -> fault.contains("ERR_INTERNET_DISCONNECTED"));
            assertThat(second.faults()).isEmpty();
        }
    }

    @Test
    void each_sees_what_the_other_counted_and_where_they_stand() {
        openSlaking(1);
        try (Visitor second = Visitor.atDeskInSignal(jar).comeBack("second@tidewrack.example")) {
            second.open(page.url().replaceAll("^https?://[^/]+", "").replaceAll("[?].*", ""));
            assertThat(second.page.getByText("Adviser stands at spot 1.")).isVisible();
            type();
            adviser.button("Count this reading").click();
            assertThat(second.page.getByLabel("Slaking, spot 1: 100, thriving")).isVisible();
        }
        adviser.waitUntilSent();
    }

    @Test
    void signing_out_with_something_to_send_says_which_and_it_waits_for_its_person() {
        openSlaking(1);
        type();
        adviser.offline(true);
        count();
        page.getByLabel("Account of Adviser").click();
        page.getByText("Sign out").click();
        Locator leaving = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Not all is sent"));
        assertThat(leaving.getByText("Slaking, Marl Bank spot 1")).isVisible();
        leaving.getByText("Sign out and leave them here").click();
        // Locked at once: nobody is let in without a signal any more.
        assertThat(page.getByText("No answer: no signal")).isVisible();
        adviser.offline(false);
        page.reload();
        adviser.button("Go in as adviser@tidewrack.example").waitFor();
        assertThat((int) page.evaluate("() => fetch('/api/session').then((answer) => answer.status)"))
                .isEqualTo(401);
        adviser.signIn("adviser@tidewrack.example");
        adviser.waitUntilSent();
        assertThat(readings()).hasSize(1);
    }
}
