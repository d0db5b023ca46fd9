package morphotera.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A visit of a test's own on a field of the demo, so that no test meets what another left; and what the server says of it. */
record FieldDay(Page page, String field, String spot, String visit) {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** Begun today, its start card ticked through. */
    static FieldDay begin(Page page, String fieldName, List<String> methods) {
        JsonNode card = null;
        for (JsonNode one : fromServer(page, "/api/season").get("fields")) {
            card = one.at("/field/name").asString().equals(fieldName) ? one : card;
        }
        String field = card.at("/field/id").asString();
        String visit = UUID.randomUUID().toString();
        Object saved = page.evaluate("""
                ([visit, field, methods]) => fetch('/api/planning').then((answer) => answer.json())
                .then(({ startCard }) => fetch('/api/visits/' + visit, { method: 'PUT', headers: {
                  'Content-Type': 'application/json',
                  'X-XSRF-TOKEN': document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1],
                }, body: JSON.stringify({ fieldId: field, day: new Date().toISOString().slice(0, 10), state: 'running',
                  question: 'routine', methods, moisture: 'moist', version: 0,
                  startCard: Object.fromEntries(startCard.map((item) => [item.id, new Date().toISOString()])) }),
                })).then((answer) => answer.status)""", List.of(visit, field, methods));
        assertThat(saved).isEqualTo(200);
        return new FieldDay(page, field, card.at("/field/spots/0/id").asString(), visit);
    }

    static JsonNode fromServer(Page page, String path) {
        return JSON.readTree((String) page.evaluate("path => fetch(path).then((answer) => answer.text())", path));
    }

    /** A sour smell at its spot, counted on the bench. */
    void countSmell(Visitor adviser) {
        adviser.open(tray() + "?spot=" + spot + "&method=smell");
        adviser.button("I heed it").click();
        page.getByLabel(Pattern.compile("^Step 2 of ")).click();
        adviser.choice("Smell", "Sour").click();
        page.getByLabel(Pattern.compile("^Step (\\d+) of \\1:")).click();
        for (Locator question : page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Before it counts"))
                .getByRole(AriaRole.CHECKBOX)
                .all()) {
            question.check();
        }
        adviser.button("Count this reading").click();
    }

    /** When the server says that the visit's only reading was taken. */
    Instant taken() {
        JsonNode readings = fromServer(page, "/api/visits/" + visit).get("readings");
        assertThat(readings).hasSize(1);
        return Instant.parse(readings.get(0).get("takenAt").asString());
    }

    String tray() {
        return "/fields/" + field + "/visits/" + visit + "/measure";
    }
}
