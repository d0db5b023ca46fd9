package morphotera.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A visit's figures for a spreadsheet. */
@ExtendWith(RunningApp.class)
class VisitCsvTest {
    private final Client adviser = Client.adviser();

    private static List<CSVRecord> rows(HttpResponse<byte[]> answer) throws IOException {
        String text = new String(answer.body(), StandardCharsets.UTF_8);
        return CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(text))
                .getRecords();
    }

    @Test
    void every_value_of_every_spot_stands_in_a_row_with_its_unit_and_depth() throws IOException {
        Plot plot = new Plot(adviser, 1, Map.of("texture", "loam", "name", "=Plot, \"wet\""));
        String visit = plot.visit(Plot.DAY, "moist");
        String reading = plot.take(visit, plot.spots.get(0), "ph", Plot.ph("water", 6.4, 5.9));
        plot.take(visit, plot.spots.get(0), "smell", Map.of("smell", "earthy"));
        HttpResponse<byte[]> answer = adviser.download("/api/visits/" + visit + "/values.csv");
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.headers().firstValue("Content-Type").orElseThrow()).startsWith("text/csv");
        assertThat(answer.headers().firstValue("Content-Disposition").orElseThrow())
                .contains("Plot-wet")
                .contains(Plot.DAY + ".csv");
        List<CSVRecord> rows = rows(answer);
        CSVRecord top = rows.stream()
                .filter(row -> row.get("measure").equals("topsoil"))
                .findFirst()
                .orElseThrow();
        assertThat(top.get("value")).isEqualTo("6.4");
        assertThat(top.get("method")).isEqualTo("ph");
        assertThat(top.get("evidence")).isEqualTo("yes");
        assertThat(top.get("reading")).isEqualTo(reading);
        // No spreadsheet runs what begins like a formula.
        assertThat(top.get("field")).isEqualTo("'=Plot, \"wet\"");
        assertThat(rows).anyMatch(row -> row.get("words").equals("earthy"));
    }

    @Test
    void nobody_of_another_practice_takes_it() {
        Plot plot = new Plot(adviser, 1, Map.of());
        String visit = plot.visit(Plot.DAY, "moist");
        assertThat(Client.signedIn("other@farside.example")
                        .download("/api/visits/" + visit + "/values.csv")
                        .statusCode())
                .isEqualTo(404);
    }
}
