package morphotera.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A field day without a signal: nothing that is typed is lost and nothing is sent twice. */
@Order(1)
class OfflineIT extends OfflineDay {
    @Test
    void a_kits_chart_is_read_by_its_printed_step() {
        page.getByLabel(Pattern.compile("^Slaking, spot 1:")).click();
        adviser.offline(true);
        adviser.bench(page.url().replace("method=slaking", "method=ph"));
        page.getByLabel("Step 4 of 5").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Read it by “Card of the plain box”"))
                .first()
                .click();
        adviser.button("Between 5 and 6").click();
        assertThat(page.getByLabel("pH", new Page.GetByLabelOptions().setExact(true))
                        .first())
                .hasValue("5.5");
        adviser.offline(false);
    }

    @Test
    void a_page_loaded_without_a_signal_measures_scores_and_decides_and_sends_when_it_is_back() {
        double top = page.locator("#page").boundingBox().y;
        adviser.offline(true);
        page.reload();
        openSlaking(1);
        type();
        page.reload();
        assertThat(page.getByTestId("score")).containsText("100");
        count();
        assertThat(page.getByTestId("score")).containsText("100");
        assertThat(page.getByTestId("sending")).containsText("no signal");
        assertThat(page.getByTestId("sending")).containsText("1 to send");
        // What the frame has to say moves nothing under a finger.
        assertThat(page.locator("#page").boundingBox().y).isEqualTo(top);

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
        openSlaking(1);
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
    void a_signal_that_goes_with_the_answer_leaves_the_reading_where_it_was_counted() {
        openSlaking(1);
        type();
        page.route("**/api/visits/" + visit, Route::abort);
        page.route("**/api/fields/*/copy", Route::abort);
        count();
        adviser.waitUntilSent();
        adviser.offline(true);
        page.close();
        page = adviser.anotherTab();
        adviser.open(tray);
        assertThat(page.getByLabel(Pattern.compile("^Slaking, spot 1: 100"))).isVisible();
        adviser.offline(false);
    }

    @Test
    void a_server_in_trouble_and_an_old_answer_that_comes_late_take_nothing_away() {
        List<Route> slow = new ArrayList<>();
        List<APIResponse> old = new ArrayList<>();
        page.route("**/api/fields/" + field + "/copy", route -> {
            old.add(route.fetch());
            slow.add(route);
        });
        adviser.open(tray);
        page.waitForCondition(() -> !slow.isEmpty());
        openSlaking(1);
        type();
        AtomicInteger tries = new AtomicInteger();
        page.route("**/api/readings/*", route -> {
            if (tries.incrementAndGet() <= 2) {
                route.fulfill(new Route.FulfillOptions().setStatus(500).setBody("{}"));
            } else {
                route.resume();
            }
        });
        count();
        adviser.waitUntilSent();
        page.unroute("**/api/fields/" + field + "/copy");
        slow.get(0).fulfill(new Route.FulfillOptions().setResponse(old.get(0)));
        page.locator("[data-offline=ready]").waitFor();
        adviser.open(tray);
        adviser.offline(true);
        assertThat(page.getByLabel(Pattern.compile("^Slaking, spot 1: 100"))).isVisible();
        adviser.offline(false);
        assertThat(readings()).hasSize(1);
    }

    @Test
    void the_page_of_a_captive_portal_does_not_count_as_sent() {
        openSlaking(1);
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
        openSlaking(1);
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
    void a_tab_that_froze_holds_up_what_it_was_sending_alone_and_that_for_a_minute() {
        openSlaking(1);
        type();
        page.route("**/api/readings/*", route -> {
            // It goes nowhere, and the tab waits for it.
        });
        count();
        // A tab that a test opened is never frozen: this one gives no sign of life, as if it were.
        page.evaluate("() => { Storage.prototype.setItem = () => {}; }");
        page = adviser.anotherTab();
        adviser.open(tray);
        openSlaking(2);
        type();
        // Sent in the same moment: it may never be seen to wait.
        adviser.button("Count this reading").click();
        page.waitForCondition(() -> readings().size() == 1);
        assertThat(page.getByTestId("sending")).containsText("1 to send");
        // Else this tab, whose minute is not over, may be the one that sends.
        page.close();
        page = adviser.anotherTab();
        adviser.ownClock().setSystemTime(Instant.now().plusSeconds(120).toEpochMilli());
        adviser.open("/");
        adviser.waitUntilSent();
        assertThat(readings()).hasSize(2);
    }

    @Test
    void signed_out_the_password_is_asked_for_over_the_page_and_what_waits_is_sent() {
        openSlaking(1);
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
    void a_full_device_says_that_the_reading_is_not_counted_and_keeps_what_was_typed() {
        openSlaking(1);
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
        openSlaking(1);
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
        openSlaking(1);
        type();
        count();
        assertThat(page.getByTestId("sending")).containsText("to send");
        adviser.offline(false);
        adviser.waitUntilSent();
        JsonNode whole = adviser.fromServer("/api/visits/" + made);
        assertThat(whole.at("/field/name").asString()).isEqualTo("Behind the Dune");
        assertThat(whole.at("/field/holdingName").asString()).isEqualTo("Lee Side");
        // Asked for when the signal was back and before they were sent.
        adviser.faults().removeIf(fault -> fault.contains("status of 404"));
        assertThat(whole.get("readings")).hasSize(1);
    }
}
