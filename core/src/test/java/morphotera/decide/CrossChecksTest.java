package morphotera.decide;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.measure.Taken;
import org.junit.jupiter.api.Test;

class CrossChecksTest {
    private final List<Taken> readings = new ArrayList<>();

    private void read(String spot, String method, Map<String, Object> context, Map<String, Object> reading) {
        readings.add(ReadAt.spot(method + spot, 1, spot, method, context, reading));
    }

    private List<String> asked() {
        return CrossChecks.of(readings).stream().map(CrossChecks.Question::code).toList();
    }

    private void ring(String spot, double seconds) {
        read(
                spot,
                "infiltration-ring",
                Map.of("texture", "loam"),
                Map.of(
                        "ringDiameterMm",
                        150,
                        "insertionMm",
                        50,
                        "soilState",
                        "structured",
                        "pours",
                        List.of(Map.of("volumeMl", 444, "seconds", seconds))));
    }

    private void feel(String spot, double ribbon, String texture) {
        read(spot, "texture-feel", Map.of(), Map.of("ball", true, "ribbonMm", ribbon, "feel", texture));
    }

    private void jar(String spot, double sand, double silt, double clay) {
        read(
                spot,
                "texture-jar",
                Map.of(),
                Map.of(
                        "baseMm",
                        0,
                        "sandTopMm",
                        sand,
                        "siltTopMm",
                        sand + silt,
                        "clayTopMm",
                        sand + silt + clay,
                        "waterHeightMm",
                        150,
                        "clayMarkedAfterHours",
                        48));
    }

    @Test
    void a_ring_twenty_times_faster_or_slower_than_the_texture_is_asked_about() {
        feel("1", 20, "neither");
        ring("1", 400);
        assertThat(asked()).isEmpty();
        readings.clear();
        feel("1", 20, "neither");
        ring("1", 60);
        assertThat(asked()).containsExactly("ring-and-texture");
        assertThat(CrossChecks.of(readings).get(0).readings()).containsExactly("infiltration-ring1", "texture-feel1");
        readings.clear();
        feel("1", 20, "neither");
        ring("1", 80_000);
        assertThat(asked()).containsExactly("ring-and-texture");
    }

    @Test
    void the_jar_comes_before_the_hand_and_another_spot_is_another_matter() {
        feel("1", 20, "neither");
        ring("2", 60);
        assertThat(asked()).isEmpty();
    }

    @Test
    void jar_and_hand_more_than_one_class_apart_are_asked_about() {
        jar("1", 40, 40, 20);
        feel("1", 30, "neither");
        assertThat(asked()).as("loam and clay loam are neighbours").isEmpty();
        feel("1", 60, "smooth");
        assertThat(asked()).containsExactly("jar-and-feel");
        assertThat(CrossChecks.of(readings).get(0).text()).contains("loam").contains("silty clay");
    }

    private static Map<String, Object> ph(double value) {
        return Map.of("points", List.of(Map.of("depthCm", 5, "value", value, "basis", "water")));
    }

    @Test
    void a_high_ph_without_fizz_asks_for_sodium() {
        read("1", "ph", Map.of(), ph(8.3));
        assertThat(asked()).isEmpty();
        read("1", "carbonate-fizz", Map.of(), Map.of("reaction", "none"));
        assertThat(asked()).containsExactly("high-ph-no-fizz");
        readings.remove(0);
        read("1", "ph", Map.of(), ph(8.2));
        assertThat(asked()).isEmpty();
        readings.clear();
        read("1", "ph", Map.of(), ph(8.6));
        read("1", "carbonate-fizz", Map.of(), Map.of("reaction", "hiss"));
        assertThat(asked()).isEmpty();
    }

    @Test
    void salt_under_a_crop_that_thrives_and_should_not_is_asked_about() {
        Map<String, Object> salty = Map.of("ec", 4, "compensated", true, "ratio", "paste");
        read("1", "salinity", Map.of("crop", "carrot"), salty);
        read("1", "plant-look", Map.of(), Map.of("evenness", "even", "growth", "strong"));
        assertThat(asked()).containsExactly("salt-under-thriving-crop");
        readings.clear();
        read("1", "salinity", Map.of("crop", "barley"), salty);
        read("1", "plant-look", Map.of(), Map.of("evenness", "even", "growth", "strong"));
        assertThat(asked()).isEmpty();
        readings.clear();
        read("1", "salinity", Map.of("crop", "carrot"), salty);
        read("1", "plant-look", Map.of(), Map.of("evenness", "patchy", "growth", "fair"));
        assertThat(asked()).isEmpty();
    }

    @Test
    void a_spot_unlike_all_others_in_everything_is_asked_about() {
        for (String spot : List.of("1", "2", "3", "4")) {
            boolean odd = spot.equals("4");
            read(spot, "smell", Map.of(), Map.of("smell", odd ? "sour" : "earthy"));
            read(spot, "finger-stain", Map.of(), Map.of("stain", odd ? "none" : "dark"));
            read(spot, "slump", Map.of(), Map.of("shape", odd ? "splatters" : "keeps", "lostShare", 0));
        }
        assertThat(asked()).containsExactly("spot-unlike-all");
        assertThat(CrossChecks.of(readings).get(0).readings()).containsExactly("smell4", "finger-stain4", "slump4");
        // Like the others in one thing, it is a spot of the field.
        for (String spot : List.of("1", "2", "3", "4")) {
            read(spot, "ph", Map.of(), ph(6.5));
        }
        assertThat(asked()).isEmpty();
    }

    @Test
    void two_methods_or_two_spots_are_too_few_to_call_a_spot_unlike() {
        for (String spot : List.of("1", "2", "3")) {
            read(spot, "smell", Map.of(), Map.of("smell", spot.equals("3") ? "sour" : "earthy"));
            read(spot, "finger-stain", Map.of(), Map.of("stain", spot.equals("3") ? "none" : "dark"));
        }
        assertThat(asked()).isEmpty();
        readings.clear();
        for (String spot : List.of("1", "2")) {
            read(spot, "smell", Map.of(), Map.of("smell", spot.equals("2") ? "sour" : "earthy"));
            read(spot, "finger-stain", Map.of(), Map.of("stain", spot.equals("2") ? "none" : "dark"));
            read(spot, "slump", Map.of(), Map.of("shape", spot.equals("2") ? "splatters" : "keeps", "lostShare", 0));
        }
        assertThat(asked()).isEmpty();
    }
}
