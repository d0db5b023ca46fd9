package morphotera.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A visit of a test's own on a field of the demo, so that no test meets what another left; and what the server says of it. */
record FieldDay(Visitor adviser, String field, String spot, String visit) {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** Begun today, its start card ticked through. */
    static FieldDay begin(Visitor adviser, String fieldName, List<String> methods) {
        JsonNode card = null;
        for (JsonNode one : adviser.fromServer("/api/season").get("fields")) {
            card = one.at("/field/name").asString().equals(fieldName) ? one : card;
        }
        String field = card.at("/field/id").asString();
        String visit = UUID.randomUUID().toString();
        Instant now = Instant.now();
        ObjectNode body = JSON.createObjectNode()
                .put("fieldId", field)
                .put("day", LocalDate.ofInstant(now, ZoneOffset.UTC).toString())
                .put("state", "running")
                .put("question", "routine")
                .put("moisture", "moist")
                .put("version", 0);
        body.set("methods", JSON.valueToTree(methods));
        ObjectNode ticked = body.putObject("startCard");
        for (JsonNode item : adviser.fromServer("/api/planning").get("startCard")) {
            ticked.put(item.get("id").asString(), now.toString());
        }
        assertThat(adviser.put("/api/visits/" + visit, body)).isEqualTo(200);
        return new FieldDay(adviser, field, card.at("/field/spots/0/id").asString(), visit);
    }

    /** A sour smell at its spot, counted on the bench. */
    void countSmell() {
        Page page = adviser.page;
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
        JsonNode readings = adviser.fromServer("/api/visits/" + visit).get("readings");
        assertThat(readings).hasSize(1);
        return Instant.parse(readings.get(0).get("takenAt").asString());
    }

    String tray() {
        return "/fields/" + field + "/visits/" + visit + "/measure";
    }
}
