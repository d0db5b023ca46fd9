package morphotera.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Clock;
import com.microsoft.playwright.Page;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A phone's clock that is wrong, set to another zone, or past midnight: what is read is written down at the right time. */
class ClockIT {
    private static final Duration FAST = Duration.ofHours(2);
    private static final Duration HAIR = Duration.ofMinutes(2);

    @Test
    void a_phone_two_hours_fast_writes_its_readings_down_at_the_servers_time() {
        try (Visitor adviser = Visitor.onPhoneInSignal(Jar.demo())) {
            Page page = adviser.page;
            page.clock()
                    .install(new Clock.InstallOptions()
                            .setTime(Instant.now().plus(FAST).toEpochMilli()));
            adviser.signIn("adviser@tidewrack.example");
            FieldDay day = FieldDay.begin(adviser, "Walnut Rows", List.of("smell"));
            Instant before = Instant.now();
            day.countSmell();
            page.getByText("Read by Adviser").waitFor();
            assertThat(day.taken()).isBetween(before.minus(HAIR), Instant.now().plus(HAIR));
        }
    }

    @Test
    void a_wait_over_midnight_ends_the_visit_stays_of_its_day_and_the_next_is_planned_for_the_fields_own() {
        try (Middle middle = new Middle(Jar.demo());
                // There it is another hour, and for half of each day another day.
                Visitor adviser = Visitor.onPhoneInSignal(middle.jar(), "Pacific/Auckland")) {
            Page page = adviser.page;
            adviser.signIn("adviser@tidewrack.example");
            ZoneId zone = zoneOf(adviser, "Walnut Rows");
            LocalDate today = LocalDate.now(zone);
            Instant late = today.atTime(23, 58).atZone(zone).toInstant();
            goesBy(middle, late);
            page.clock().install();
            FieldDay day = FieldDay.begin(adviser, "Walnut Rows", List.of("slaking"));
            adviser.open(day.tray() + "?spot=" + day.spot() + "&method=slaking");
            adviser.button("Ten minutes, no swirling").click();
            adviser.choice("Crumbs", "Air-dry").click();
            adviser.button("Done, start the clock").click();
            page.clock().fastForward(Duration.ofMinutes(10).toMillis());
            for (int crumb = 1; crumb <= 5; crumb++) {
                adviser.crumb(crumb, "never");
            }
            page.getByLabel("Was each that is left pressed, and every stone struck out?")
                    .check();
            page.getByLabel("Were the crumbs placed, not dropped?").check();
            adviser.button("Count this reading").click();
            page.getByText("Read by Adviser").waitFor();
            assertThat(LocalDate.ofInstant(day.taken(), zone)).isEqualTo(today.plusDays(1));
            assertThat(adviser.fromServer("/api/visits/" + day.visit())
                            .at("/visit/day")
                            .asString())
                    .isEqualTo(LocalDate.now(ZoneOffset.UTC).toString());

            goesBy(middle, late.plus(Duration.ofMinutes(12)));
            adviser.open("/fields/" + day.field() + "/scout");
            adviser.choice("What it is to answer", "Routine check").click();
            adviser.button("Keep it planned").click();
            page.waitForURL(Pattern.compile(".*/visits/.*"));
            adviser.waitUntilSent();
            String visit = page.url().replaceFirst("^.*/visits/([^/?]*).*$", "$1");
            JsonNode planned = adviser.fromServer("/api/visits/" + visit).get("visit");
            assertThat(planned.get("state").asString()).isEqualTo("planned");
            assertThat(planned.get("day").asString())
                    .isEqualTo(today.plusDays(1).toString());
        }
    }

    /** So late it is at the server for whoever opens the page. */
    private static void goesBy(Middle middle, Instant now) {
        middle.says("/api/welcome", said -> said.replaceFirst("\"now\":\"[^\"]*\"", "\"now\":\"" + now + "\""));
    }

    private static ZoneId zoneOf(Visitor adviser, String field) {
        for (JsonNode card : adviser.fromServer("/api/season").get("fields")) {
            if (card.at("/field/name").asString().equals(field)) {
                return ZoneId.of(card.at("/field/timeZone").asString());
            }
        }
        throw new AssertionError("no field " + field);
    }
}
