package morphotera.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import morphotera.app.Client;
import morphotera.app.RunningApp;
import morphotera.app.exchange.tables.Scope;
import morphotera.app.exchange.tables.Table;
import morphotera.app.exchange.tables.TableMapper;
import morphotera.app.exchange.tables.Tables;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.apache.ibatis.session.SqlSession;
import org.apache.ibatis.session.SqlSessionFactory;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A practice goes out into one file and comes into an empty one, row for row the same. */
@ExtendWith(RunningApp.class)
class PackageTest {
    private static byte[] out;
    private static ConfigurableApplicationContext empty;
    private static Client newcomer;
    private static byte[] older;
    /** What the newcomer was told of it while there was nothing of theirs. */
    private static JsonNode olderLookedAt;

    @BeforeAll
    static void the_demo_practice_goes_out() throws Exception {
        Client adviser = Client.adviser();
        String field = fieldOf(adviser, "Far Cleave");
        adviser.send(
                        "PUT",
                        "/api/fields/" + field + "/plan",
                        Map.of(
                                "version",
                                planVersion(adviser, field),
                                "steps",
                                List.of(Map.of(
                                        "id", Client.id(), "remedy", "lime", "from", "2031-09", "to", "2031-10"))))
                .expect(200);
        adviser.send("PUT", "/api/yardsticks/" + Client.id(), Map.of("name", "=cmd", "version", 0))
                .expect(200);
        adviser.send(
                        "PUT",
                        "/api/readings/" + aReading(adviser, field) + "/streams",
                        Map.of(
                                "streams",
                                List.of(Map.of(
                                        "field",
                                        "/reading/points/0/value",
                                        "probe",
                                        "pH probe",
                                        "unit",
                                        "pH",
                                        "points",
                                        List.of(Map.of("atS", 0.5, "value", 5.9), Map.of("atS", 1.0, "value", 5.8))))))
                .expect(200);
        out = taken(adviser, Map.of("what", "practice"));
        empty = RunningApp.start();
        newcomer = Client.firstOwner(RunningApp.port(empty), "new@own.example", "tide over the bar");
        older = with("fields.csv", text -> without("water", text));
        olderLookedAt = bring(newcomer, older).expect(200).json();
    }

    @AfterAll
    static void close() {
        empty.close();
    }

    private static int planVersion(Client adviser, String field) {
        return adviser.get("/api/fields/" + field + "/plan")
                .expect(200)
                .json()
                .get("version")
                .asInt();
    }

    private static String aReading(Client client, String field) {
        String visit = client.get("/api/fields/" + field + "/visits")
                .json()
                .at("/0/id")
                .asString();
        return client.get("/api/visits/" + visit).json().at("/readings/0/id").asString();
    }

    private static String fieldOf(Client client, String name) {
        return client.card(name).at("/field/id").asString();
    }

    private static byte[] taken(Client client, Map<String, ?> what) throws InterruptedException {
        String id = client.send("POST", "/api/exports", what).expect(202).text("/id");
        for (int i = 0; i < 400; i++) {
            var answer = client.download("/api/exports/" + id);
            if (answer.statusCode() == 200) {
                return answer.body();
            }
            assertThat(answer.statusCode()).isEqualTo(202);
            Thread.sleep(50);
        }
        throw new AssertionError("the export never came");
    }

    private static Map<String, String> tables(byte[] zip) throws IOException {
        Map<String, String> tables = new TreeMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                if (!entry.getName().startsWith("photographs/")) {
                    tables.put(entry.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
                }
            }
        }
        return tables;
    }

    /** The same package with one part written anew. */
    private static byte[] with(String name, UnaryOperator<String> change) throws IOException {
        ByteArrayOutputStream made = new ByteArrayOutputStream();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(out));
                ZipOutputStream zip = new ZipOutputStream(made)) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                byte[] bytes = in.readAllBytes();
                zip.putNextEntry(new ZipEntry(entry.getName()));
                zip.write(
                        entry.getName().equals(name)
                                ? change.apply(new String(bytes, StandardCharsets.UTF_8))
                                        .getBytes(StandardCharsets.UTF_8)
                                : bytes);
            }
        }
        return made.toByteArray();
    }

    private static Client.Answer bring(Client client, byte[] zip) {
        return client.file("POST", "/api/imports?kind=practice", zip);
    }

    @Test
    void into_an_empty_practice_and_out_again_every_table_is_the_same() throws Exception {
        JsonNode look = bring(newcomer, out).expect(200).json();
        assertThat(look.get("bad")).isEmpty();
        assertThat(newcomer.get("/api/season?limit=100").expect(200).json().get("fields"))
                .isEmpty();
        newcomer.confirm(look.get("id").asString()).expect(200);

        Map<String, String> again = tables(taken(newcomer, Map.of("what", "practice")));
        assertThat(again.keySet()).isEqualTo(tables(out).keySet());
        tables(out).forEach((name, text) -> assertThat(again.get(name)).as(name).isEqualTo(text));

        JsonNode twice = bring(newcomer, out).expect(200).json();
        assertThat(twice.at("/would/add").asLong()).isZero();
        assertThat(twice.at("/would/same").asLong())
                .isEqualTo(look.at("/would/add").asLong());

        Client adviser = Client.adviser();
        String field = fieldOf(adviser, "Church Piece");
        for (JsonNode visit :
                adviser.get("/api/fields/" + field + "/visits").expect(200).json()) {
            String at = "/api/visits/" + visit.get("id").asString();
            assertThat(newcomer.get(at + "/scores").expect(200).json())
                    .isEqualTo(adviser.get(at + "/scores").expect(200).json());
            assertThat(newcomer.get(at + "/causes").expect(200).json())
                    .isEqualTo(adviser.get(at + "/causes").expect(200).json());
        }
        assertThat(newcomer.get("/api/fields/" + field + "/trend").expect(200).json())
                .isEqualTo(adviser.get("/api/fields/" + field + "/trend")
                        .expect(200)
                        .json());
        // Who measured is known by name and cannot sign in.
        assertThat(newcomer.get("/api/people").expect(200).json()).hasSize(1);
    }

    @Test
    void what_probes_said_bags_on_their_way_and_practised_eyes_go_along() throws IOException {
        Map<String, String> tables = tables(out);
        assertThat(tables.get("streams.csv").lines()).hasSize(2);
        assertThat(tables.get("orders.csv")).contains("phosphorus").contains("methodText");
        assertThat(tables.get("specimens.csv").lines().count())
                .as("a heading, and two eyes on eight specimens of two tests")
                .isGreaterThanOrEqualTo(33);
    }

    @Test
    void every_table_is_in_it_empty_ones_too_and_each_is_described() throws IOException {
        Map<String, String> tables = tables(out);
        JsonNode described = JsonMapper.builder().build().readTree(tables.get("datapackage.json"));
        assertThat(described.get("resources").findValuesAsString("path"))
                .contains(
                        "holdings.csv",
                        "fields.csv",
                        "zones.csv",
                        "spots.csv",
                        "visits.csv",
                        "readings.csv",
                        "results.csv",
                        "samples.csv",
                        "interventions.csv",
                        "plans.csv",
                        "rulings.csv",
                        "yardsticks.csv",
                        "kit-charts.csv",
                        "templates.csv",
                        "rain.csv",
                        "people.csv")
                .allSatisfy(path -> assertThat(tables).containsKey(path));
        for (JsonNode resource : described.get("resources")) {
            String heading = tables.get(resource.get("path").asString()).split("\r\n", 2)[0];
            assertThat(heading.replace("\"", "").split(","))
                    .containsExactlyElementsOf(resource.at("/schema/fields").findValuesAsString("name"));
        }
        assertThat(String.join("", tables.values())).doesNotContain("argon2").doesNotContain("$2a$");
    }

    @Test
    void a_cell_that_a_spreadsheet_would_run_is_written_so_that_it_does_not() throws IOException {
        assertThat(tables(out).get("yardsticks.csv")).contains("{\"\"name\"\":\"\"=cmd\"\"");
        assertThat(morphotera.app.exchange.tables.Cells.written(
                        morphotera.app.exchange.tables.Tables.named("holdings").column("name"), "=1+1"))
                .isEqualTo("'=1+1");
    }

    @Test
    void a_holding_goes_out_without_the_others() throws Exception {
        Client adviser = Client.adviser();
        JsonNode holdings = adviser.get("/api/holdings").expect(200).json();
        String one = holdings.get(0).get("id").asString();
        Map<String, String> tables = tables(taken(adviser, Map.of("what", "holding", "id", one)));
        assertThat(tables.get("holdings.csv").lines()).hasSize(2);
        assertThat(tables.get("fields.csv").lines().skip(1)).allMatch(line -> line.contains(one));
        adviser.send("POST", "/api/exports", Map.of("what", "holding")).expect(422);
        adviser.send("POST", "/api/exports", Map.of("what", "holding", "id", Client.id()))
                .expect(404);
    }

    @Test
    void rows_that_cannot_be_taken_are_named_and_the_others_are_good() throws IOException {
        Client other = Client.signedIn("other@farside.example");
        // All of it is somebody else's in this place already; only a set of tests belongs to nobody's ground.
        JsonNode taken = bring(other, out).expect(200).json();
        assertThat(taken.get("sample"))
                .allSatisfy(row -> assertThat(row.get("table").asString()).isEqualTo("templates"));
        assertThat(taken.at("/bad/0/code").asString()).isEqualTo("taken");

        byte[] zip = with("fields.csv", text -> text.replaceFirst("\"arable\"", "\"moon\""));
        JsonNode look = bring(Client.adviser(), zip).expect(200).json();
        assertThat(look.at("/bad/0/code").asString()).isEqualTo("unknown-word");
        assertThat(look.at("/bad/0/column").asString()).isEqualTo("fields.land_use");
    }

    @Test
    void hostile_packages_are_refused_with_words() throws IOException {
        Client adviser = Client.adviser();
        assertThat(bring(adviser, "no zip".getBytes(StandardCharsets.UTF_8))
                        .expect(422)
                        .refusals())
                .containsExactly(" not-readable");
        assertThat(bring(adviser, zip("../../climbs.csv", "a")).expect(422).refusals())
                .containsExactly(" bad-path");
        assertThat(bring(adviser, zip("holdings.csv", "a".repeat(9_000_000)))
                        .expect(422)
                        .refusals())
                .containsExactly(" too-large");
        assertThat(bring(adviser, zip("other.csv", "a")).expect(422).refusals()).containsExactly(" not-readable");
        assertThat(bring(adviser, with("spots.csv", text -> text + "\"never closed"))
                        .expect(422)
                        .refusals())
                .containsExactly(" not-readable");
        assertThat(bring(adviser, with("spots.csv", text -> text.replaceFirst("label", "lable")))
                        .expect(422)
                        .refusals())
                .containsExactly(" missing-column");
    }

    @Test
    void a_package_of_before_fields_had_water_is_read_and_one_whose_heading_is_misspelt_is_not() throws Exception {
        assertThat(olderLookedAt.get("bad")).isEmpty();
        assertThat(olderLookedAt.at("/would/add").asLong()).isPositive();
        assertThat(bring(Client.adviser(), older).expect(200).json().get("bad"))
                .as("beside fields that say where water is")
                .isEmpty();
        assertThat(bring(newcomer, with("fields.csv", text -> text.replaceFirst("\"water\"", "\"wader\"")))
                        .expect(422)
                        .refusals())
                .containsExactly(" missing-column");
    }

    private static String without(String column, String text) {
        try (CSVParser csv = CSVParser.parse(text, Exports.CSV)) {
            List<CSVRecord> rows = csv.getRecords();
            int gone = rows.get(0).toList().indexOf(column);
            StringWriter written = new StringWriter();
            CSVPrinter printer = new CSVPrinter(written, Exports.CSV);
            for (CSVRecord row : rows) {
                List<String> cells = new ArrayList<>(row.toList());
                cells.remove(gone);
                printer.printRecord(cells);
            }
            return written.toString();
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    private static byte[] zip(String name, String text) throws IOException {
        ByteArrayOutputStream made = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(made)) {
            zip.putNextEntry(new ZipEntry(name));
            zip.write(text.getBytes(StandardCharsets.UTF_8));
        }
        return made.toByteArray();
    }

    @Test
    void a_page_of_a_long_table_is_held_by_nobody_once_it_is_written() {
        Table readings = Tables.ALL.stream()
                .filter(one -> one.name().equals("readings"))
                .findFirst()
                .orElseThrow();
        Scope.What all = Scope.What.PRACTICE;
        Scope scope = new Scope(all, UUID.randomUUID(), null, null, null);
        try (SqlSession session = RunningApp.bean(SqlSessionFactory.class).openSession()) {
            TableMapper tables = session.getMapper(TableMapper.class);
            List<Map<String, Object>> page =
                    tables.page(readings, readings.from(all), readings.where(all), scope, null, 5);
            assertThat(tables.page(readings, readings.from(all), readings.where(all), scope, null, 5))
                    .isEqualTo(page)
                    .isNotSameAs(page);
        }
    }
}
