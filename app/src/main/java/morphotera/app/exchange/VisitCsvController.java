package morphotera.app.exchange;

import java.io.IOException;
import java.io.StringWriter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.exchange.tables.Cells;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Zone;
import morphotera.app.measure.Readings;
import morphotera.app.measure.TakenReadings;
import morphotera.app.people.Viewer;
import morphotera.app.read.Scores;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.measure.Taken;
import morphotera.read.FoundValues;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What was found in a visit, for a spreadsheet: a row for each value of each spot, all zones. */
@RestController
class VisitCsvController {
    private static final List<String> HEADINGS = List.of(
            "day",
            "holding",
            "field",
            "zone",
            "spot",
            "method",
            "measure",
            "how",
            "depth_cm",
            "part",
            "value",
            "unit",
            "words",
            "plus_minus",
            "evidence",
            "reading");

    private final Visits visits;
    private final Land land;
    private final Readings readings;

    VisitCsvController(Visits visits, Land land, Readings readings) {
        this.visits = visits;
        this.land = land;
        this.readings = readings;
    }

    /** RFC 4180, UTF-8; {@code evidence} is no where a value is hollow. */
    @GetMapping(value = "/api/visits/{id}/values.csv", produces = "text/csv")
    ResponseEntity<String> csv(@PathVariable UUID id) throws IOException {
        Viewer viewer = Viewer.current();
        Visit visit = visits.visit(viewer, id);
        Field field = land.field(viewer, visit.fieldId());
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, Exports.CSV)) {
            printer.printRecord(HEADINGS);
            for (Zone zone : field.zones()) {
                List<Taken> taken = TakenReadings.of(Scores.standing(field, zone, readings.ofVisit(viewer, id)));
                for (FoundValues.Row row : FoundValues.of(taken)) {
                    for (FoundValues.Value value : row.values()) {
                        printer.printRecord(record(visit, field, zone, row, value));
                    }
                }
            }
        }
        String name = field.name().replaceAll("[^\\p{L}\\p{N}]+", "-") + "-" + visit.day() + ".csv";
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, java.nio.charset.StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(out.toString());
    }

    private static List<Object> record(
            Visit visit, Field field, Zone zone, FoundValues.Row row, FoundValues.Value value) {
        Map<String, Object> cells = new LinkedHashMap<>();
        cells.put("day", visit.day());
        cells.put("holding", Cells.text(field.holdingName()));
        cells.put("field", Cells.text(field.name()));
        cells.put("zone", Cells.text(zone.name()));
        cells.put("spot", Cells.text(labelOf(field, value.spot())));
        cells.put("method", row.method());
        cells.put("measure", row.key());
        cells.put("how", row.how());
        cells.put("depth_cm", row.depthCm());
        cells.put("part", row.part());
        cells.put("value", value.number());
        cells.put("unit", row.unit());
        cells.put("words", Cells.text(value.words()));
        cells.put("plus_minus", value.plusMinus());
        cells.put("evidence", value.hollow() ? "no" : "yes");
        cells.put("reading", value.reading());
        return HEADINGS.stream()
                .map(cells::get)
                .map(one -> one == null ? "" : one)
                .toList();
    }

    private static String labelOf(Field field, String place) {
        return field.spots().stream()
                .filter(spot -> spot.id().toString().equals(place))
                .map(spot -> spot.label())
                .findFirst()
                .orElseGet(() -> field.samples().stream()
                        .filter(sample -> sample.id().toString().equals(place))
                        .map(sample -> "sample " + sample.label())
                        .findFirst()
                        .orElse(place));
    }
}
