package morphotera.app.learn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import morphotera.app.Client;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Specimens drawn with a known answer: the eye is tried, its error kept, and every comparison knows it. */
@ExtendWith(RunningApp.class)
class SpecimenTest {
    private final Client other = Client.signedIn("other@farside.example");

    private Client.Answer answer(int number, Map<String, ?> reading) {
        return other.send("PUT", "/api/specimens/ground-cover/" + number + "/answer", Map.of("reading", reading));
    }

    private static Map<String, Object> cover(double live, double litter) {
        return Map.of("live", live, "litter", litter, "stone", 0, "bare", 100 - live - litter);
    }

    private JsonNode ofCover() {
        for (JsonNode one : other.get("/api/specimens").expect(200).json()) {
            if (one.get("method").asString().equals("ground-cover")) {
                return one;
            }
        }
        throw new AssertionError("no specimens of ground cover");
    }

    @Test
    void the_green_of_the_picture_is_the_share_that_its_truth_says() throws IOException {
        for (int number = 1; number <= 3; number++) {
            Specimen specimen = Specimen.of("ground-cover", number);
            BufferedImage image =
                    ImageIO.read(new ByteArrayInputStream(specimen.jpeg().get()));
            int green = 0;
            for (int y = 0; y < image.getHeight(); y += 3) {
                for (int x = 0; x < image.getWidth(); x += 3) {
                    int rgb = image.getRGB(x, y);
                    int g = rgb >> 8 & 0xff;
                    green += g > (rgb >> 16 & 0xff) + 15 && g > (rgb & 0xff) + 15 ? 1 : 0;
                }
            }
            double share = 900.0 * green / (image.getWidth() * image.getHeight());
            assertThat(share)
                    .as("specimen " + number)
                    .isCloseTo((Double) specimen.truth().get("live"), within(2.5));
        }
    }

    @Test
    void one_number_is_always_the_same_specimen_and_two_are_not_alike() {
        assertThat(Specimen.of("slaking", 4).truth())
                .isEqualTo(Specimen.of("slaking", 4).truth());
        assertThat(Specimen.of("slaking", 4).jpeg().get())
                .isEqualTo(Specimen.of("slaking", 4).jpeg().get());
        List<Object> truths = new ArrayList<>();
        for (int number = 1; number <= 20; number++) {
            truths.add(Specimen.of("ground-cover", number).truth());
        }
        assertThat(truths).doesNotHaveDuplicates();
    }

    @Test
    void judged_it_tells_the_truth_and_keeps_the_error_and_the_first_answer_stands() {
        int number = ofCover().get("next").asInt();
        assertThat(number).as("nobody practised there").isEqualTo(1);
        assertThat(ofCover().get("toGo").asInt()).isEqualTo(5);
        Map<String, Object> truth = Specimen.of("ground-cover", 1).truth();
        JsonNode first = answer(1, truth).expect(200).json();
        assertThat(first.get("error").asDouble()).as("a faultless eye").isZero();
        JsonNode again = answer(1, cover(0, 0)).expect(200).json();
        assertThat(again.get("error").asDouble()).isZero();
        for (int i = 2; i <= 5; i++) {
            Map<String, Object> seen = Specimen.of("ground-cover", i).truth();
            double bare = (Double) seen.get("bare");
            double more = Math.min(10, bare);
            answer(i, cover((Double) seen.get("live") + more, (Double) seen.get("litter")))
                    .expect(200);
        }
        JsonNode practised = ofCover();
        assertThat(practised.get("next").asInt()).isEqualTo(6);
        assertThat(practised.get("errors")).hasSize(5);
        assertThat(practised.get("toGo").asInt()).isZero();
        assertThat(practised.at("/skill/lean").asDouble())
                .as("too much green, too kind a score")
                .isGreaterThan(0);
    }

    @Test
    void what_is_no_reading_is_refused_at_its_place_and_there_are_no_other_specimens() {
        assertThat(other.send(
                                "PUT",
                                "/api/specimens/structure-spade/1/answer",
                                Map.of("reading", Map.of("layers", List.of())))
                        .expect(422)
                        .refusals())
                .isNotEmpty();
        assertThat(other.send("PUT", "/api/specimens/structure-spade/1/answer", Map.of())
                        .expect(422)
                        .refusals())
                .containsExactly("/reading missing");
        Map<String, Object> crumb = Map.of("fellAt", "gentle", "share", 0.5);
        Map<String, Object> heap = new LinkedHashMap<>(Specimen.of("slaking", 1).truth());
        heap.put("crumbs", Collections.nCopies(500, crumb));
        assertThat(other.send("PUT", "/api/specimens/slaking/1/answer", Map.of("reading", heap))
                        .expect(422)
                        .refusals())
                .isNotEmpty();
        other.get("/api/specimens/ph/1/picture").expect(404);
        other.get("/api/specimens/slaking/0/picture").expect(404);
    }

    @Test
    void in_the_demo_the_practised_observers_make_their_own_changes_narrower_or_wider() {
        Client adviser = Client.adviser();
        JsonNode card = adviser.card("Church Piece");
        String field = card.at("/field/id").asString();
        JsonNode skills =
                adviser.get("/api/fields/" + field + "/copy").expect(200).json().get("skills");
        assertThat(skills.size()).as("both advisers read this field").isEqualTo(2);
        skills.forEach(one -> assertThat(one.at("/ground-cover/n").asInt()).isEqualTo(8));
        List<JsonNode> visits = new ArrayList<>();
        adviser.get("/api/fields/" + field + "/visits").json().forEach(visits::add);
        String change = "/api/visits/" + visits.get(0).get("id").asString() + "/change?since="
                + visits.get(1).get("id").asString();
        double halfWidth = 0;
        for (JsonNode method : adviser.get(change).expect(200).json().get("methods")) {
            if (method.get("method").asString().equals("ground-cover")) {
                halfWidth = (method.at("/change/high").asDouble()
                                - method.at("/change/low").asDouble())
                        / 2;
            }
        }
        assertThat(halfWidth).isGreaterThan(0);
    }
}
