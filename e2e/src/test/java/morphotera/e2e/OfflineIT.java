package morphotera.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A field day without a signal: nothing that is typed is lost, nothing is sent twice, nothing under the wrong name. */
class OfflineIT {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final Jar jar = Jar.demo();
    private Visitor adviser;
    private Page page;
    private String visit;

    /** A visit of this test's own on a field taken along, so that no test meets what another left. */
    @BeforeEach
    void takenAlong() {
        adviser = Visitor.onPhone(jar).signIn("adviser@tidewrack.example");
        page = adviser.page;
        FieldDay day = FieldDay.begin(page, "Far Cleave", List.of("slaking", "penetration"));
        visit = day.visit();
        adviser.open(day.tray());
        page.locator("[data-offline=ready]").waitFor();
    }

    @AfterEach
    void nothingWentWrong() {
        List<String> faults = adviser.faults();
        // What the tests themselves cut off is written down by the browser.
        faults.removeIf(fault -> fault.contains("ERR_INTERNET_DISCONNECTED")
                || fault.contains("ERR_FAILED")
                || fault.contains("status of 401")
                || fault.contains("status of 403")
                || fault.contains("status of 409"));
        adviser.close();
        assertThat(faults).isEmpty();
    }

    private JsonNode fromServer(String path) {
        return FieldDay.fromServer(page, path);
    }

    private JsonNode readings() {
        return fromServer("/api/visits/" + visit).get("readings");
    }

    private void openSlaking() {
        page.getByLabel(Pattern.compile("^Slaking, spot 1:")).click();
    }

    /** Five crumbs that never fall: 100 of 100. */
    private void type() {
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

    private void count() {
        adviser.button("Count this reading").click();
        page.getByText("Kept on this device, to send.").waitFor();
    }

    @Test
    void a_page_loaded_without_a_signal_measures_scores_and_decides_and_sends_when_it_is_back() {
        adviser.offline(true);
        page.reload();
        openSlaking();
        type();
        page.reload();
        assertThat(page.getByTestId("score")).containsText("100");
        count();
        assertThat(page.getByTestId("score")).containsText("100");
        assertThat(page.getByTestId("sending")).containsText("no signal");
        assertThat(page.getByTestId("sending")).containsText("1 to send");

        adviser.go("read");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Scores"))
                .click();
        assertThat(page.getByText("Slaking").first()).isVisible();
        adviser.go("decide");
        assertThat(adviser.heading("Next best test")).isVisible();

        adviser.offline(false);
        adviser.go("measure");
        adviser.waitUntilSent();
        JsonNode readings = readings();
        assertThat(readings).hasSize(1);
        assertThat(readings.at("/0/evaluation/score").asDouble()).isEqualTo(100);
        assertThat(readings.at("/0/enteredBy").asString()).isEqualTo("Adviser");
    }

    @Test
    void an_answer_lost_on_the_way_is_neither_a_conflict_nor_a_second_reading() {
        openSlaking();
        type();
        AtomicInteger lost = new AtomicInteger();
        page.route("**/api/readings/*", route -> {
            if (lost.incrementAndGet() <= 2) {
                // It reaches the server, and its answer does not come back.
                route.fetch();
                route.abort();
            } else {
                route.resume();
            }
        });
        count();
        adviser.waitUntilSent();
        assertThat(lost.get()).isGreaterThanOrEqualTo(3);
        assertThat(readings()).hasSize(1);
        assertThat(page.getByText("needs you")).hasCount(0);
    }

    @Test
    void the_page_of_a_captive_portal_does_not_count_as_sent() {
        openSlaking();
        type();
        page.route(
                "**/api/readings/*",
                route -> route.fulfill(new Route.FulfillOptions()
                        .setStatus(200)
                        .setContentType("text/html")
                        .setBody("<html>Welcome to the inn</html>")));
        count();
        assertThat(page.getByTestId("sending")).containsText("1 to send");
        assertThat(readings()).isEmpty();
        page.unroute("**/api/readings/*");
        adviser.waitUntilSent();
        assertThat(readings()).hasSize(1);
    }

    @Test
    void a_tab_killed_while_it_sends_loses_nothing_and_doubles_nothing() {
        openSlaking();
        type();
        page.route("**/api/readings/*", route -> route.fetch());
        count();
        page.close();
        page = adviser.anotherTab();
        adviser.open("/");
        adviser.waitUntilSent();
        assertThat(readings()).hasSize(1);
    }

    @Test
    void signed_out_the_password_is_asked_for_over_the_page_and_what_waits_is_sent() {
        openSlaking();
        type();
        adviser.signedOutByTheServer();
        adviser.button("Count this reading").click();
        Locator again = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Sign in again"));
        assertThat(again.getByText("adviser@tidewrack.example")).isVisible();
        again.getByLabel("Password").fill("slack-tide-41");
        again.getByText("Sign in and send").click();
        adviser.waitUntilSent();
        assertThat(readings()).hasSize(1);
    }

    @Test
    void what_one_person_counted_is_not_sent_under_anothers_name() {
        openSlaking();
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

    @Test
    void a_full_device_says_that_the_reading_is_not_counted_and_keeps_what_was_typed() {
        openSlaking();
        type();
        page.evaluate("""
                () => {
                  IDBObjectStore.prototype.add = function () {
                    throw new DOMException('no room', 'QuotaExceededError');
                  };
                }""");
        adviser.button("Count this reading").click();
        assertThat(page.getByText("This reading is not counted")).isVisible();
        page.reload();
        assertThat(page.getByTestId("score")).containsText("100");
        // There is a signal: what is kept is sent in the same moment.
        adviser.button("Count this reading").click();
        assertThat(page.getByText("Read by Adviser")).isVisible();
        adviser.waitUntilSent();
        assertThat(readings()).hasSize(1);
    }

    @Test
    void a_refused_reading_opens_on_the_bench_as_it_was_typed_and_keeps_its_parcel() {
        openSlaking();
        type();
        page.route(
                "**/api/readings/*",
                route -> route.fulfill(new Route.FulfillOptions()
                        .setStatus(422)
                        .setContentType("application/problem+json")
                        .setBody(JSON.writeValueAsString(Map.of(
                                "status",
                                422,
                                "code",
                                "refused",
                                "detail",
                                "Nothing was saved.",
                                "errors",
                                List.of(Map.of(
                                        "path", "/note", "code", "too-long", "text", "The note is too long.")))))));
        // Refused in the same moment: it may never be seen to wait.
        adviser.button("Count this reading").click();
        page.getByText("1 needs you").click();
        assertThat(page.getByText("The note is too long.")).isVisible();
        page.unroute("**/api/readings/*");
        adviser.button("Open it as it was typed").click();
        page.getByLabel("Was each that is left pressed, and every stone struck out?")
                .check();
        page.getByLabel("Were the crumbs placed, not dropped?").check();
        assertThat(page.getByTestId("score")).containsText("100");
        adviser.button("Count this reading").click();
        adviser.waitUntilSent();
        assertThat(readings()).hasSize(1);
        assertThat(page.getByText("needs you")).hasCount(0);
    }

    @Test
    void a_field_found_without_a_signal_is_drawn_planned_and_read_and_sent_in_its_order() {
        adviser.offline(true);
        adviser.open("/new-field");
        adviser.choice("Whose land", "A new holding").click();
        page.getByLabel("Name of the holding").fill("Lee Side");
        page.getByLabel("Name of the field").fill("Behind the Dune");
        adviser.choice("Land use", "Pasture").click();
        page.getByLabel("Texture, if known").selectOption("loam");
        adviser.button("A square of 1 ha round me").click();
        adviser.button("Save the field").click();
        assertThat(adviser.heading("Behind the Dune")).isVisible();
        adviser.button("I stand here").click();
        assertThat(adviser.heading("Spot 1")).isVisible();
        adviser.button("Close").click();
        adviser.choice("What it is to answer", "Routine check").click();
        adviser.choice("Soil, as a hand feels it", "Moist").click();
        for (Locator tick : page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Start card"))
                .getByRole(AriaRole.CHECKBOX)
                .all()) {
            tick.check();
        }
        adviser.button("Begin the visit").click();
        page.getByLabel(Pattern.compile("^Slaking, spot 1:")).waitFor();
        String made = page.url().replaceAll(".*/visits/([^/]+)/.*", "$1");
        page.reload();
        openSlaking();
        type();
        count();
        assertThat(page.getByTestId("sending")).containsText("to send");
        adviser.offline(false);
        adviser.waitUntilSent();
        JsonNode whole = fromServer("/api/visits/" + made);
        assertThat(whole.at("/field/name").asString()).isEqualTo("Behind the Dune");
        assertThat(whole.at("/field/holdingName").asString()).isEqualTo("Lee Side");
        // Asked for when the signal was back and before they were sent.
        adviser.faults().removeIf(fault -> fault.contains("status of 404"));
        assertThat(whole.get("readings")).hasSize(1);
    }

    /** The soil is wet, says this phone without a signal; another adviser edits the same visit at the desk, and the signal returns. */
    private void wetHereWhile(Consumer<Visitor> there) {
        adviser.offline(true);
        adviser.go("scout");
        adviser.choice("Soil, as a hand feels it", "Wet").click();
        adviser.button("Back to measuring").click();
        try (Visitor second = Visitor.atDesk(jar).signIn("second@tidewrack.example")) {
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
        JsonNode saved = fromServer("/api/visits/" + visit).get("visit");
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
        assertThat(fromServer("/api/visits/" + visit).at("/visit/moisture").asString())
                .isEqualTo("wet");
    }

    @Test
    void what_a_phone_could_not_send_goes_as_a_file_to_an_owner_and_stays_its_persons() {
        try (Visitor second = Visitor.onPhone(jar).signIn("second@tidewrack.example")) {
            second.open(page.url().replaceAll("^https?://[^/]+", ""));
            second.page.locator("[data-offline=ready]").waitFor();
            Visitor mine = adviser;
            Page desk = page;
            adviser = second;
            page = second.page;
            openSlaking();
            type();
            second.offline(true);
            count();
            second.open("/account");
            Download saved = page.waitForDownload(
                    () -> second.button("Save them as a file").click());

            adviser = mine;
            page = desk;
            adviser.open("/data");
            page.getByText("What a device could not send").click();
            page.locator("details[open] input[type=file]").setInputFiles(saved.path());
            assertThat(page.getByText("Slaking, Far Cleave spot 1")).isVisible();
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
        openSlaking();
        try (Visitor second = Visitor.atDesk(jar).signIn("second@tidewrack.example")) {
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
        openSlaking();
        type();
        adviser.offline(true);
        count();
        page.getByLabel("Account of Adviser").click();
        page.getByText("Sign out").click();
        Locator leaving = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Not all is sent"));
        assertThat(leaving.getByText("Slaking, Far Cleave spot 1")).isVisible();
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
