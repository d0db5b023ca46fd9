package morphotera.app.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import morphotera.app.Client;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Figures as they are typed, over the API. */
@ExtendWith(RunningApp.class)
class UnitTest {
    private final Client adviser = Client.adviser();

    private Client.Answer read(String text, String unit) {
        return adviser.send("POST", "/api/units/read", Map.of("text", text, "unit", unit));
    }

    @Test
    void a_figure_with_its_own_unit_comes_back_in_the_one_that_is_kept() {
        JsonNode read = read("3 1/2 in", "mm").expect(200).json();
        assertThat(read.get("value").asDouble()).isCloseTo(88.9, within(1e-9));
        assertThat(read.get("unit").asString()).isEqualTo("mm");
        assertThat(read.get("as").asString()).isEqualTo("3 1/2 in");
    }

    @Test
    void what_can_be_meant_two_ways_is_refused_with_both() {
        Client.Answer answer = read("1,200", "mm").expect(422);
        assertThat(answer.refusals()).containsExactly("/text ambiguous");
        assertThat(answer.json().get("offers")).hasSize(2);
        assertThat(answer.json().at("/offers/0").asDouble()).isEqualTo(1.2);
        assertThat(answer.json().at("/offers/1").asDouble()).isEqualTo(1200);
        assertThat(read("4 kPa", "mm").expect(422).refusals()).containsExactly("/text other-quantity");
        assertThat(read("about 3", "mm").expect(422).refusals()).containsExactly("/text not-a-number");
        assertThat(read(" ", "mm").expect(422).refusals()).containsExactly("/text missing");
    }
}
