package morphotera.app.pictures;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A photograph is kept as the eye saw it, and tells nothing but what is on it. */
@ExtendWith(RunningApp.class)
class PhotographTest {
    private static final byte[] JPEG = Shots.written(Shots.ground(400, 200, 0.25), "jpg");

    private final Client adviser = Client.adviser();
    private Plot plot;
    private String visit;

    @BeforeEach
    void aVisit() {
        plot = new Plot(adviser, 1, Map.of());
        visit = plot.visit(Plot.DAY, "moist");
    }

    private String address(String id) {
        return "/api/photographs/" + id + "?visitId=" + visit + "&spotId=" + plot.spots.get(0)
                + "&method=ground-cover&takenAt=2031-05-14T10:00:00Z";
    }

    private JsonNode put(String id, byte[] bytes) {
        return adviser.file("PUT", address(id), bytes).expect(200).json();
    }

    @Test
    void a_spot_is_found_again_by_the_newest_picture_of_the_place_or_else_of_a_test() {
        String other = plot.spot(plot.mainZone, "2", 2);
        String ofTest = Client.id();
        put(ofTest, JPEG);
        assertThat(toFindAgain()).containsExactly(Map.entry(plot.spots.get(0), ofTest));
        String place = place(plot.spots.get(0), "2031-05-13T09:00:00Z");
        String elsewhere = place(other, "2031-05-13T09:00:00Z");
        assertThat(toFindAgain())
                .as("the place itself, though the test's is newer")
                .containsOnly(Map.entry(plot.spots.get(0), place), Map.entry(other, elsewhere));
        String newer = place(other, "2031-05-14T09:00:00Z");
        assertThat(toFindAgain()).containsEntry(other, newer);
        assertThat(Client.signedIn("other@farside.example")
                        .get("/api/fields/" + plot.field + "/photographs")
                        .json())
                .as("another practice sees none of them")
                .isEmpty();
    }

    private String place(String spot, String takenAt) {
        String id = Client.id();
        adviser.file(
                        "PUT",
                        "/api/photographs/" + id + "?visitId=" + visit + "&spotId=" + spot + "&takenAt=" + takenAt,
                        JPEG)
                .expect(200);
        return id;
    }

    private Map<String, String> toFindAgain() {
        Map<String, String> bySpot = new LinkedHashMap<>();
        adviser.get("/api/fields/" + plot.field + "/photographs")
                .expect(200)
                .json()
                .forEach(one ->
                        bySpot.put(one.get("spotId").asString(), one.get("id").asString()));
        return bySpot;
    }

    @Test
    void where_it_was_taken_is_kept_on_wish_alone_and_never_in_the_file() throws Exception {
        byte[] sent = Shots.fromAPhone(JPEG, 1);
        String plain = Client.id();
        assertThat(put(plain, sent).get("place").isNull()).isTrue();
        String wished = Client.id();
        JsonNode kept = adviser.file("PUT", address(wished) + "&keepPlace=true", sent)
                .expect(200)
                .json();
        assertThat(kept.at("/place/lat").asDouble()).isBetween(-90.0, 90.0).isNotZero();
        assertThat(kept.get("removed").toString()).isEqualTo("[\"device\"]");
        assertThat(new String(adviser.download("/api/photographs/" + wished).body(), StandardCharsets.ISO_8859_1))
                .doesNotContain("Exif");
    }

    @Test
    void what_a_phone_writes_beside_the_picture_is_taken_out_and_it_stands_upright() throws Exception {
        byte[] sent = Shots.fromAPhone(JPEG, 6);
        String id = Client.id();
        JsonNode kept = put(id, sent);
        assertThat(kept.get("removed").toString()).isEqualTo("[\"position\",\"device\"]");
        assertThat(kept.get("widthPx").asInt()).isEqualTo(200);
        assertThat(kept.get("heightPx").asInt()).isEqualTo(400);
        HttpResponse<byte[]> file = adviser.download("/api/photographs/" + id);
        assertThat(file.headers().firstValue("Content-Type")).contains("image/jpeg");
        assertThat(file.headers().firstValue("X-Content-Type-Options")).contains("nosniff");
        assertThat(new String(file.body(), StandardCharsets.ISO_8859_1)).doesNotContain("Made Up Cam", "Exif");
        var picture = ImageIO.read(new ByteArrayInputStream(file.body()));
        // Held upright the green side was on top.
        assertThat(picture.getRGB(100, 40) >> 8 & 255).isGreaterThan(120);
        assertThat(picture.getRGB(100, 300) >> 8 & 255).isLessThan(90);
    }

    @Test
    void a_picture_that_stands_upright_already_is_kept_bit_for_bit_but_for_what_was_beside_it() {
        String id = Client.id();
        put(id, Shots.fromAPhone(JPEG, 1));
        assertThat(adviser.download("/api/photographs/" + id).body()).isEqualTo(JPEG);
        assertThat(adviser.download("/api/photographs/" + id + "/small").body().length)
                .isPositive();
    }

    @Test
    void sent_twice_is_one_and_another_under_its_id_is_refused() {
        String id = Client.id();
        JsonNode first = put(id, JPEG);
        assertThat(put(id, JPEG)).isEqualTo(first);
        adviser.file("PUT", address(id), Shots.written(Shots.ground(80, 80, 0.5), "png"))
                .expect(409);
        assertThat(adviser.get("/api/visits/" + visit).json().get("photographs"))
                .hasSize(1);
    }

    @Test
    void kinds_are_read_from_the_bytes() {
        JsonNode png = put(Client.id(), Shots.written(Shots.ground(80, 60, 0.5), "png"));
        assertThat(png.get("kind").asString()).isEqualTo("png");
        assertThat(refused("GIF89a and more".getBytes(StandardCharsets.US_ASCII), 415))
                .isEqualTo("not-a-picture");
        assertThat(refused("<svg onload='x'/>".getBytes(StandardCharsets.US_ASCII), 415))
                .isEqualTo("not-a-picture");
        assertThat(refused(new byte[0], 415)).isEqualTo("not-a-picture");
    }

    @Test
    void a_picture_cut_short_too_large_or_with_too_many_pixels_is_refused_and_nothing_is_kept() {
        assertThat(refused(Arrays.copyOf(JPEG, JPEG.length / 2), 422)).isEqualTo("broken-picture");
        byte[] png = Shots.written(Shots.ground(80, 60, 0.5), "png");
        assertThat(refused(Arrays.copyOf(png, png.length - 20), 422)).isEqualTo("broken-picture");
        // A header that claims 30,000 by 30,000 pixels.
        byte[] huge = png.clone();
        huge[18] = 0x75;
        huge[19] = 0x30;
        huge[22] = 0x75;
        huge[23] = 0x30;
        assertThat(refused(huge, 422)).isEqualTo("too-many-pixels");
        byte[] heavy = Arrays.copyOf(JPEG, 20_000_001);
        assertThat(refused(heavy, 413)).isEqualTo("too-large");
        assertThat(adviser.get("/api/visits/" + visit + "/photographs").json()).isEmpty();
    }

    private String refused(byte[] bytes, int status) {
        return adviser.file("PUT", address(Client.id()), bytes).expect(status).text("/code");
    }

    @Test
    void it_is_of_a_visit_and_a_spot_that_are_here() {
        String other = "/api/photographs/" + Client.id() + "?visitId=";
        assertThat(adviser.file("PUT", other + Client.id(), JPEG).expect(422).refusals())
                .containsExactly("/visitId unknown-id");
        assertThat(adviser.file("PUT", other + visit + "&spotId=" + Client.id(), JPEG)
                        .expect(422)
                        .refusals())
                .containsExactly("/spotId unknown-id");
        assertThat(adviser.file("PUT", other + visit + "&method=dowsing", JPEG)
                        .expect(422)
                        .refusals())
                .containsExactly("/method unknown-word");
        String id = Client.id();
        put(id, JPEG);
        assertThat(Client.signedIn("other@farside.example")
                        .download("/api/photographs/" + id)
                        .statusCode())
                .isEqualTo(404);
    }

    @Test
    void cover_is_counted_on_it_and_shown() throws Exception {
        String id = Client.id();
        put(id, Shots.written(Shots.ground(400, 200, 0.25), "png"));
        String at = "/api/photographs/" + id + "/measures/cover";
        JsonNode found = adviser.send("POST", at, Map.of()).expect(200).json();
        assertThat(found.get("live").asDouble()).isCloseTo(25, within(0.01));
        assertThat(found.get("bare").isNull()).isTrue();
        JsonNode tapped = adviser.send("POST", at, Map.of("taps", Map.of("bare", List.of(List.of(0.9, 0.5)))))
                .expect(200)
                .json();
        assertThat(tapped.get("bare").asDouble()).isCloseTo(75, within(0.01));
        assertThat(adviser.send("POST", at, Map.of("taps", Map.of("litter", List.of(List.of(0.9, 0.5)))))
                        .expect(422)
                        .refusals())
                .containsExactly("/taps/bare missing");
        var mask = ImageIO.read(
                new ByteArrayInputStream(adviser.download(at + "/mask.png").body()));
        assertThat(mask.getRGB(20, 100) >>> 24).isPositive();
        assertThat(mask.getRGB(350, 100)).isZero();
    }

    @Test
    void a_jar_and_a_pale_field_are_measured_on_it() {
        String id = Client.id();
        put(id, Shots.written(Shots.ground(200, 400, 0.5), "png"));
        JsonNode jar = adviser.send(
                        "POST",
                        "/api/photographs/" + id + "/measures/jar",
                        Map.of(
                                "known", Map.of("from", List.of(0.5, 0.9), "to", List.of(0.5, 0.3), "mm", 120),
                                "marks", Map.of("table", List.of(0.5, 0.9), "sandTop", List.of(0.5, 0.7))))
                .expect(200)
                .json();
        assertThat(jar.get("sandTopMm").asDouble()).isCloseTo(40, within(1e-9));
        JsonNode paler = adviser.send(
                        "POST",
                        "/api/photographs/" + id + "/measures/paler",
                        Map.of(
                                "cards", List.of(Map.of("x", 0, "y", 0, "width", 0.4, "height", 0.2)),
                                "field", Map.of("x", 0, "y", 0.5, "width", 0.4, "height", 0.2),
                                "reference", Map.of("x", 0.6, "y", 0.5, "width", 0.4, "height", 0.2)))
                .expect(200)
                .json();
        assertThat(paler.get("fieldValue").asDouble())
                .isGreaterThan(paler.get("referenceValue").asDouble());
        assertThat(paler.get("plusMinus").asDouble()).isEqualTo(0.6);
    }
}
