package morphotera.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Readings and laboratory sheets that were kept in tables come in, looked at first. */
@ExtendWith(RunningApp.class)
class SheetImportTest {
    private final Client adviser = Client.adviser();
    private final String name = "Sheet field " + Client.id();
    private final Plot plot = new Plot(adviser, 3, Map.of("name", name, "texture", "loam"));

    private Client.Answer bring(String kind, String text) {
        return adviser.file("POST", "/api/imports?kind=" + kind, text.getBytes(StandardCharsets.UTF_8));
    }

    private JsonNode save(JsonNode look) {
        return adviser.confirm(look.get("id").asString()).expect(200).json();
    }

    private JsonNode visits() {
        return adviser.get("/api/fields/" + plot.field + "/visits").expect(200).json();
    }

    @Test
    void readings_by_field_day_and_spot_make_the_visit_they_lack_and_come_in_once() {
        String text = "Field,Day,Spot,Method,entered\n"
                + name
                + ",2029-05-10,1,ph,\"{\"\"points\"\":[{\"\"depthCm\"\":5,\"\"value\"\":5.4,\"\"basis\"\":\"\"water\"\"}]}\"\n"
                + name
                + ",2029-05-10,2,ph,\"{\"\"points\"\":[{\"\"depthCm\"\":5,\"\"value\"\":5.6,\"\"basis\"\":\"\"water\"\"}]}\"\n";
        JsonNode look = bring("readings", text).expect(200).json();
        assertThat(look.get("bad")).isEmpty();
        assertThat(look.at("/would/add").asInt()).isEqualTo(2);
        assertThat(look.at("/columns/Field").asString()).isEqualTo("field");
        assertThat(visits()).isEmpty();

        save(look);
        JsonNode visit = visits().get(0);
        assertThat(visit.get("day").asString()).isEqualTo("2029-05-10");
        JsonNode scores = adviser.get("/api/visits/" + visit.get("id").asString() + "/scores")
                .expect(200)
                .json();
        assertThat(scores.at("/methods/0/n").asInt()).isEqualTo(2);

        JsonNode twice = bring("readings", text).expect(200).json();
        assertThat(twice.at("/would/same").asInt()).isEqualTo(2);
        assertThat(twice.at("/would/add").asInt()).isZero();
    }

    @Test
    void a_column_for_each_entry_is_read_as_numbers_and_words() {
        String text = "field,day,spot,method,reading.depthCm,reading.ec,reading.compensated,reading.ratio\n" + name
                + ",2030-05-10,1,salinity,20,3.2,true,paste\n";
        save(bring("readings", text).expect(200).json());
        JsonNode readings = adviser.get(
                        "/api/visits/" + visits().get(0).get("id").asString())
                .expect(200)
                .json()
                .get("readings");
        assertThat(readings.at("/0/reading/ec").asDouble()).isEqualTo(3.2);
        assertThat(readings.at("/0/evaluation/measures")).isNotEmpty();
    }

    @Test
    void rows_that_cannot_be_taken_are_named_by_line_and_column_and_leave_nothing() {
        String text = "field,day,spot,method,reading.depthCm,reading.ec,reading.compensated,reading.ratio\n"
                + "Nowhere,2030-05-10,1,salinity,20,3.2,true,paste\n"
                + name + ",2030-05-99,1,salinity,20,3.2,true,paste\n"
                + name + ",2030-05-10,77,salinity,20,3.2,true,paste\n"
                + name + ",2030-05-10,1,divining,20,3.2,true,paste\n"
                + name + ",2030-05-11,1,salinity,20,999,true,paste\n"
                + name + ",2030-05-12,1,salinity,20,3.1,true,paste\n";
        JsonNode look = bring("readings", text).expect(200).json();
        assertThat(look.get("bad").findValuesAsString("line")).containsExactly("2", "3", "4", "5", "6");
        assertThat(look.get("bad").findValuesAsString("code"))
                .containsExactly("unknown-id", "wrong-type", "unknown-id", "unknown-word", "out-of-range");
        assertThat(look.at("/bad/0/column").asString()).isEqualTo("field");
        save(look);
        // A visit that was begun for a row that is wrong went with it.
        assertThat(visits().findValuesAsString("day")).containsExactly("2030-05-12");
    }

    @Test
    void a_laboratorys_own_headings_are_matched_once_and_remembered() {
        String day = "2031-05-14";
        plot.visit(day, "moist");
        String headings = "Probe;Feld;Tag;Kalium mg/kg;Humus\n";
        JsonNode first = bring("laboratory", headings + "1;" + name + ";" + day + ";24,5;3,4\n")
                .expect(200)
                .json();
        assertThat(first.at("/bad/0/code").asString()).isEqualTo("missing-column");
        assertThat(first.at("/columns/Probe").asString()).isEmpty();
        Map<String, String> columns = Map.of(
                "Probe", "spot", "Feld", "field", "Tag", "day", "Kalium mg/kg", "k", "Humus", "organicMatterPercent");
        JsonNode matched = adviser.send(
                        "PUT", "/api/imports/" + first.get("id").asString() + "/columns", Map.of("columns", columns))
                .expect(200)
                .json();
        assertThat(matched.get("bad")).isEmpty();
        assertThat(matched.at("/would/add").asInt()).isEqualTo(1);

        JsonNode look = bring("laboratory", headings + "1;" + name + ";" + day + ";24,5;3,4\n")
                .expect(200)
                .json();
        assertThat(look.at("/columns/Probe").asString()).isEqualTo("spot");
        assertThat(look.at("/would/add").asInt()).isEqualTo(1);
        save(look);
        JsonNode reading = adviser.get(
                        "/api/visits/" + visits().get(0).get("id").asString())
                .expect(200)
                .json()
                .at("/readings/0");
        assertThat(reading.at("/reading/k").asDouble()).isEqualTo(24.5);
        assertThat(reading.at("/reading/organicMatterPercent").asDouble()).isEqualTo(3.4);
    }

    @Test
    void a_sheet_names_its_sample_by_label_and_its_figures_may_carry_a_unit() {
        String visit = plot.visit("2031-05-14", "moist");
        String sample = Client.id();
        adviser.send(
                        "PUT",
                        "/api/samples/" + sample,
                        Map.of(
                                "visitId",
                                visit,
                                "label",
                                "S" + sample.substring(0, 6),
                                "spots",
                                plot.spots,
                                "topCm",
                                0,
                                "bottomCm",
                                20,
                                "takenAt",
                                "2031-05-14T10:00:00Z",
                                "asked",
                                List.of("p"),
                                "version",
                                0))
                .expect(200);
        String text = "sample,ece,clayPercent\nS" + sample.substring(0, 6) + ",1500 uS/cm,22 %\n";
        JsonNode look = bring("laboratory", text).expect(200).json();
        assertThat(look.get("bad")).isEmpty();
        save(look);
        JsonNode reading =
                adviser.get("/api/visits/" + visit).expect(200).json().at("/readings/0");
        assertThat(reading.at("/reading/ece").asDouble()).isEqualTo(1.5);
        assertThat(reading.get("sampleId").asString()).isEqualTo(sample);
        assertThat(bring("laboratory", "sample,ece\nnone,4 kPa\n")
                        .expect(200)
                        .json()
                        .at("/bad/0/code")
                        .asString())
                .isEqualTo("other-quantity");
    }

    @Test
    void what_is_no_table_is_refused_with_words() {
        assertThat(bring("readings", "field,method\n\"never closed,1\n")
                        .expect(422)
                        .refusals())
                .containsExactly(" not-readable");
        assertThat(bring("readings", "a,b\n1,2\n")
                        .expect(200)
                        .json()
                        .at("/bad/0/code")
                        .asString())
                .isEqualTo("missing-column");
        assertThat(bring("readings", "method,method\n1,2\n").expect(422).refusals())
                .containsExactly(" not-readable");
    }
}
