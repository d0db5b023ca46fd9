package morphotera.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A phone took a field along under older rules; the product has others since. */
class OldRulesIT {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** The visit's only reading as rules of before scored it. */
    private static String asBefore(String visit, String said) {
        JsonNode all = JSON.readTree(said);
        for (JsonNode reading : all.get("readings")) {
            if (reading.get("visitId").asString().equals(visit)) {
                ((ObjectNode) reading).put("rulesVersion", "core 0.1.0");
                ((ObjectNode) reading.get("evaluation")).put("score", 37).put("band", "slipping");
            }
        }
        return JSON.writeValueAsString(all);
    }

    @Test
    void what_was_computed_by_older_rules_is_shown_as_it_was_kept_until_the_server_says_otherwise() {
        try (Middle middle = new Middle(Jar.demo());
                Visitor adviser = Visitor.onPhone(middle.jar())) {
            Page page = adviser.page;
            adviser.signIn("adviser@tidewrack.example");
            FieldDay day = FieldDay.begin(adviser, "Walnut Rows", List.of("smell"));
            day.countSmell();
            page.getByText("Read by Adviser").waitFor();
            String scored = adviser.fromServer("/api/visits/" + day.visit())
                    .at("/readings/0/evaluation/score")
                    .asString();
            assertThat(scored).isNotEqualTo("37");

            middle.says("/api/visits/" + day.visit(), said -> asBefore(day.visit(), said));
            middle.says("/api/fields/" + day.field() + "/copy", said -> asBefore(day.visit(), said));
            adviser.open(day.tray());
            Locator before = page.getByLabel(Pattern.compile("^Smell, spot 1: 37, slipping"));
            assertThat(before).isVisible();
            page.locator("[data-offline=ready]").waitFor();
            page.evaluate("navigator.serviceWorker.ready.then(() => null)");
            page.reload();
            page.locator("[data-offline=ready]").waitFor();
            adviser.offline(true);
            page.reload();
            assertThat(before).isVisible();
            adviser.go("read");
            page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Scores"))
                    .click();
            assertThat(page.getByText(Pattern.compile("\\b37\\b")).first()).isVisible();

            middle.saysTheTruth();
            adviser.offline(false);
            adviser.open(day.tray());
            assertThat(page.getByLabel(Pattern.compile("^Smell, spot 1: " + scored.replaceFirst("\\.0$", ""))))
                    .isVisible();
            assertThat(before).isHidden();
        }
    }
}
