package morphotera.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Files of places: looked at, then confirmed; what cannot be taken is named, and nothing is half saved. */
@ExtendWith(RunningApp.class)
class ImportTest {
    private static final String SQUARE = "[[-29,47],[-29,47.001],[-29.001,47.001],[-29.001,47],[-29,47]]";

    private final Client adviser = Client.adviser();
    private final Plot plot = new Plot(adviser, 1, Map.of());

    private JsonNode look(String asked, String file) {
        return adviser.raw("POST", "/api/imports?" + asked, file).expect(200).json();
    }

    private JsonNode confirm(JsonNode look) {
        return adviser.confirm(look.get("id").asString()).expect(200).json();
    }

    private static String feature(String kind, String coordinates, String properties) {
        return "{\"type\":\"Feature\",\"geometry\":{\"type\":\"" + kind + "\",\"coordinates\":" + coordinates
                + "},\"properties\":{" + properties + "}}";
    }

    private static String all(String... features) {
        return "{\"type\":\"FeatureCollection\",\"features\":[" + String.join(",", features) + "]}";
    }

    private static List<String> bad(JsonNode look) {
        return StreamSupport.stream(look.get("bad").spliterator(), false)
                .map(one -> one.get("line").asInt() + " " + one.get("code").asString())
                .toList();
    }

    private List<String> labels() {
        return adviser.get("/api/fields/" + plot.field)
                .expect(200)
                .json()
                .get("spots")
                .findValuesAsString("label");
    }

    private String ofHolding(String holding) {
        return "\"name\":\"Long Strip\",\"use\":\"pasture\",\"holding\":\"" + holding + "\"";
    }

    @Test
    void a_file_is_looked_at_and_saves_nothing_until_it_is_confirmed() {
        String holding = "Brought " + Client.id();
        JsonNode look = look("kind=fields", all(feature("Polygon", "[" + SQUARE + "]", ofHolding(holding))));
        assertThat(look.get("would").get("add").asInt()).isEqualTo(1);
        assertThat(look.at("/sample/0/areaHa").asDouble()).isBetween(0.8, 0.9);
        assertThat(adviser.get("/api/holdings").json().findValuesAsString("name"))
                .doesNotContain(holding);
        assertThat(confirm(look).get("state").asString()).isEqualTo("saved");
        assertThat(adviser.get("/api/holdings").json().findValuesAsString("name"))
                .contains(holding);
        assertThat(adviser.card("Long Strip").at("/field/use").asString()).isEqualTo("pasture");
    }

    @Test
    void the_same_file_twice_adds_nothing_twice() {
        String file = all(feature("Polygon", "[" + SQUARE + "]", ofHolding("Twice " + Client.id())));
        confirm(look("kind=fields", file));
        JsonNode again = look("kind=fields", file);
        assertThat(again.get("would").get("add").asInt()).isZero();
        assertThat(again.get("would").get("same").asInt()).isEqualTo(1);
        JsonNode once =
                look("kind=spots&field=" + plot.field, gpx("<wpt lat='47.0005' lon='-29.0003'><name>7</name></wpt>"));
        confirm(once);
        confirm(once);
        assertThat(labels()).containsExactly("1", "7");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Polygon | [[[-29,47],[-29,47.001],[-29.001,47.001]]] | open",
                "Polygon | [[[-29,47],[-29.001,47.001],[-29,47.001],[-29.001,47],[-29,47]]] | crosses-itself",
                "Polygon | [[[-29,47],[-29,97.001],[-29.001,47.001],[-29,47]]] | off-the-globe",
                "Polygon | [[[-29,47],[-29,49],[-31,49],[-29,47]]] | too-large",
                "Polygon | [[[179,47],[-179,47],[-179,47.1],[179,47]]] | date-line",
                "Polygon | [[[\"a\",47],[-29,47],[-29,48],[\"a\",47]]] | not-a-place",
                "LineString | [[-29,47],[-29,48]] | not-a-polygon"
            })
    void outlines_that_are_no_field_are_named_by_their_number(String kind, String coordinates, String code) {
        String good = feature("Polygon", "[" + SQUARE + "]", ofHolding("Good " + Client.id()));
        JsonNode look = look("kind=fields", all(good, feature(kind, coordinates, ofHolding("Bad"))));
        assertThat(bad(look)).containsExactly("2 " + code);
        assertThat(look.get("good").asInt()).isEqualTo(1);
    }

    @Test
    void parts_that_touch_become_one_field_and_parts_that_lie_apart_are_refused() {
        String beside = "[[-29.001,47],[-29.001,47.001],[-29.002,47.001],[-29.002,47],[-29.001,47]]";
        String far = "[[-29.01,47],[-29.01,47.001],[-29.011,47.001],[-29.01,47]]";
        String of = ofHolding("Parts " + Client.id());
        JsonNode joined = look("kind=fields", all(feature("MultiPolygon", "[[" + SQUARE + "],[" + beside + "]]", of)));
        assertThat(joined.at("/sample/0/areaHa").asDouble()).isBetween(1.6, 1.8);
        assertThat(bad(look("kind=fields", all(feature("MultiPolygon", "[[" + SQUARE + "],[" + far + "]]", of)))))
                .containsExactly("1 apart");
    }

    @Test
    void points_find_the_field_they_lie_in() {
        JsonNode look = look(
                "kind=spots&field=" + plot.field,
                all(
                        feature("Point", "[-29.0002,47.0006]", "\"label\":\"B\""),
                        feature("Point", "[-29.5,47.0006]", "\"label\":\"C\""),
                        feature("Point", "[-29.0002,47.0007]", "\"label\":\"D\",\"zone\":\"no such\""),
                        feature("Point", "[-29.0003,47.0006]", "\"label\":\"1\"")));
        assertThat(bad(look)).containsExactly("2 outside", "3 unknown-zone", "4 already-there");
        assertThat(look.at("/sample/0/zone").asString()).isEqualTo("whole field");
    }

    @Test
    void zones_and_places_to_avoid_are_read_into_their_field() {
        String patch =
                "[[[-29.0002,47.0002],[-29.0002,47.0006],[-29.0006,47.0006],[-29.0006,47.0002],[-29.0002,47.0002]]]";
        String heap = "[[[-29.0007,47.0007],[-29.0007,47.0008],[-29.0008,47.0008],[-29.0007,47.0007]]]";
        String file = all(
                feature("Polygon", patch, "\"name\":\"Wet Corner\",\"kind\":\"poor\",\"texture\":\"clay\""),
                feature("Polygon", heap, "\"kind\":\"avoid\""));
        String asked = "kind=zones&field=" + plot.field;
        JsonNode look = look(asked, file);
        assertThat(look.at("/would/add").asInt()).isEqualTo(2);
        assertThat(adviser.get("/api/fields/" + plot.field).json().get("avoid")).isEmpty();
        confirm(look);
        JsonNode field = adviser.get("/api/fields/" + plot.field).json();
        JsonNode zone = Plot.one(field.get("zones"), "name", "Wet Corner");
        assertThat(zone.get("kind").asString()).isEqualTo("poor");
        assertThat(zone.get("texture").asString()).isEqualTo("clay");
        assertThat(zone.get("outline")).hasSize(4);
        assertThat(field.at("/avoid/0")).hasSize(3);
        assertThat(look(asked, file).at("/would/same").asInt()).isEqualTo(2);
        JsonNode moved = look(asked, file.replace("-29.0002,47.0002", "-29.0003,47.0002"));
        assertThat(moved.at("/would/change").asInt()).isEqualTo(1);
        confirm(moved);
        assertThat(Plot.one(adviser.get("/api/fields/" + plot.field).json().get("zones"), "name", "Wet Corner")
                        .at("/outline/0/lon")
                        .asDouble())
                .isEqualTo(-29.0003);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Polygon | [[[-29,47],[-29,47.001],[-29.001,47.001]]] | poor | open",
                "Polygon | [[[-29,47],[-29.001,47.001],[-29,47.001],[-29.001,47],[-29,47]]] | avoid | crosses-itself",
                "Polygon | [[[-28,47],[-28,47.001],[-28.001,47.001],[-28,47]]] | poor | apart",
                "Polygon | [[[-29,47],[-29,47.001],[-29.001,47.001],[-29,47]]] | wettish | unknown-word",
                "Polygon | [[[-29,47],[-29,47.001],[-29.001,47.001],[-29,47]]] | | missing",
                "Point | [-29,47] | poor | not-a-polygon"
            })
    void outlines_that_are_no_zone_are_named_by_their_number(
            String shape, String coordinates, String kind, String code) {
        String said = kind == null ? "" : ",\"kind\":\"" + kind + "\"";
        String bad = feature(shape, coordinates, "\"name\":\"Here\"" + said);
        assertThat(bad(look("kind=zones&field=" + plot.field, all(bad)))).containsExactly("1 " + code);
    }

    @Test
    void zones_need_a_field_to_be_read_into() {
        assertThat(adviser.raw("POST", "/api/imports?kind=zones", all()).status())
                .isEqualTo(422);
    }

    private static String gpx(String inside) {
        return "<?xml version='1.0'?><gpx version='1.1' xmlns='http://www.topografix.com/GPX/1/1'>" + inside + "</gpx>";
    }

    @Test
    void waypoints_that_are_no_places_are_named_by_their_number() {
        JsonNode look = look(
                "kind=spots&field=" + plot.field,
                gpx("<wpt lat='47.0005' lon='-29.0003'/><wpt lat='north' lon='-29'/><wpt lon='-29'/>"));
        assertThat(bad(look)).containsExactly("2 not-a-place", "3 not-a-place");
        assertThat(look.at("/sample/0/label").asString()).isEqualTo("2");
    }

    @Test
    void a_file_with_entities_is_refused_as_a_whole() {
        String hostile = "<?xml version='1.0'?><!DOCTYPE gpx [<!ENTITY x SYSTEM 'file:///etc/hostname'>]>"
                + "<gpx><wpt lat='47.0005' lon='-29.0003'><name>&x;</name></wpt></gpx>";
        Client.Answer answer = adviser.raw("POST", "/api/imports?kind=spots&field=" + plot.field, hostile);
        assertThat(answer.expect(422).refusals()).containsExactly(" entities");
        assertThat(labels()).containsExactly("1");
    }

    @Test
    void what_is_no_such_file_says_so() {
        assertThat(adviser.raw("POST", "/api/imports?kind=spots", "lat,lon\n47,-29\n")
                        .expect(422)
                        .refusals())
                .containsExactly(" not-readable");
        assertThat(adviser.raw("POST", "/api/imports?kind=shoes", "{}")
                        .expect(422)
                        .refusals())
                .containsExactly("/kind unknown-word");
        assertThat(adviser.raw("POST", "/api/imports?kind=fields", "{\"type\":\"Topology\"}")
                        .expect(422)
                        .refusals())
                .containsExactly(" not-readable");
    }

    @Test
    void what_is_left_is_gone_and_no_other_person_may_confirm_it() {
        JsonNode look = look("kind=spots&field=" + plot.field, gpx("<wpt lat='47.0005' lon='-29.0003'/>"));
        String path = "/api/imports/" + look.get("id").asString();
        Client.signedIn("other@farside.example")
                .send("POST", path + "/confirm", null)
                .expect(404);
        Client.signedIn("second@tidewrack.example")
                .send("POST", path + "/confirm", null)
                .expect(404);
        adviser.send("DELETE", path, null).expect(204);
        adviser.send("POST", path + "/confirm", null).expect(404);
        assertThat(labels()).containsExactly("1");
    }
}
