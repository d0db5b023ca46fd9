package morphotera.app.exchange;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Json;
import morphotera.app.api.NotFound;
import morphotera.app.land.Field;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.ground.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;

/**
 * Readings from a table: where and when as names and days, or as ids as they went out; what was entered as JSON in one column, or in a
 * column for each entry, {@code reading.depthCm}.
 */
@Component
class ReadingImporter implements Importer {
    private static final String PART = "reading.";
    private static final List<String> TARGETS = List.of(
            "id",
            "visit_id",
            "spot_id",
            "sample_id",
            "field",
            "day",
            "spot",
            "method",
            "variant",
            "repeat_number",
            "entered",
            "note",
            "taken_at");
    private static final TypeReference<Map<String, Object>> OBJECT = new TypeReference<>() {};

    private final Taking taking;
    private final Visits visits;
    private final Json json;

    ReadingImporter(Taking taking, Visits visits, Json json) {
        this.taking = taking;
        this.visits = visits;
        this.json = json;
    }

    @Override
    public String kind() {
        return "readings";
    }

    @Override
    public Sheet.Targets targets() {
        return heading -> heading.startsWith(PART)
                ? heading
                : TARGETS.stream()
                        .filter(one -> Sheet.plain(one).equals(Sheet.plain(heading)))
                        .findFirst()
                        .orElse(null);
    }

    @Override
    public void read(Viewer viewer, Incoming incoming, Sifted sifted, boolean save) {
        Sheet sheet = Sheet.open(incoming.file(), targets(), incoming.columns());
        sheet.columns().forEach(sifted::column);
        if (!sheet.columns().containsValue("method")) {
            sifted.bad(1, null, "missing-column", "Say which column is the method: headings are " + names(sheet) + ".");
            return;
        }
        Taking.Session session = taking.begin(viewer, sifted);
        sheet.each(row -> session.take(row, () -> said(viewer, session, sheet, row)));
    }

    static String names(Sheet sheet) {
        return String.join(", ", sheet.columns().keySet());
    }

    private Taking.Said said(Viewer viewer, Taking.Session session, Sheet sheet, Sheet.Row row) {
        String method = row.get("method");
        if (method == null) {
            throw Taking.refused("method", "missing", "The method is needed here.");
        }
        Map<String, Object> reading = reading(sheet, row);
        Place place = place(viewer, session, row);
        return new Taking.Said(
                uuid(row, "id"),
                place.where(),
                method,
                row.get("variant"),
                repeat(row),
                reading,
                row.get("note"),
                takenAt(row, session.noon(place.field(), place.where().visit().day())));
    }

    private record Place(Field field, Taking.Where where) {}

    private Place place(Viewer viewer, Taking.Session session, Sheet.Row row) {
        UUID spot = uuid(row, "spot_id");
        UUID sample = uuid(row, "sample_id");
        UUID visitId = uuid(row, "visit_id");
        if (visitId != null) {
            try {
                Visit visit = visits.visit(viewer, visitId);
                Field field = session.field(visit.fieldId().toString());
                return new Place(
                        field,
                        new Taking.Where(visit, sample == null ? orNamed(session, field, row, spot) : null, sample));
            } catch (NotFound none) {
                throw Taking.refused("visit_id", "unknown-id", "There is no such visit here.");
            }
        }
        String name = row.get("field");
        if (name == null) {
            throw Taking.refused("field", "missing", "The field is needed here.");
        }
        Field field = session.field(name);
        LocalDate day = session.day(row.get("day"));
        UUID at = sample == null ? orNamed(session, field, row, spot) : null;
        return new Place(field, new Taking.Where(session.visit(field, day), at, sample));
    }

    private static UUID orNamed(Taking.Session session, Field field, Sheet.Row row, @Nullable UUID spot) {
        if (spot != null) {
            return spot;
        }
        if (row.get("spot") == null) {
            throw Taking.refused("spot", "missing", "The spot is needed here.");
        }
        return session.spot(field, row.get("spot"));
    }

    private Map<String, Object> reading(Sheet sheet, Sheet.Row row) {
        Map<String, Object> reading = new LinkedHashMap<>();
        String whole = row.get("entered");
        if (whole != null) {
            try {
                reading.putAll(json.read(whole, OBJECT));
            } catch (JacksonException | NullPointerException wrong) {
                throw Taking.refused("entered", "not-readable", "This is no JSON object.");
            }
        }
        row.cells().forEach((target, cell) -> {
            if (target.startsWith(PART)) {
                Sheet.put(reading, target.substring(PART.length()), value(sheet, cell));
            }
        });
        return reading;
    }

    /** A number, a yes or no, else a word. */
    static Object value(Sheet sheet, String cell) {
        if (cell.equals("true") || cell.equals("false")) {
            return cell.equals("true");
        }
        try {
            double number = Double.parseDouble(sheet.commaIsDecimal() ? cell.replace(',', '.') : cell);
            return Double.isFinite(number) ? (Object) number : cell;
        } catch (NumberFormatException word) {
            return cell;
        }
    }

    private static @Nullable UUID uuid(Sheet.Row row, String column) {
        String text = row.get(column);
        try {
            return text == null ? null : UUID.fromString(text);
        } catch (IllegalArgumentException wrong) {
            throw Taking.refused(column, "wrong-type", "A UUID is expected here.");
        }
    }

    private static @Nullable Integer repeat(Sheet.Row row) {
        String text = row.get("repeat_number");
        try {
            return text == null ? null : Integer.valueOf(text);
        } catch (NumberFormatException wrong) {
            throw Taking.refused("repeat_number", "wrong-type", "A whole number is expected here.");
        }
    }

    private static Instant takenAt(Sheet.Row row, Instant otherwise) {
        String text = row.get("taken_at");
        try {
            return text == null ? otherwise : Instant.parse(text);
        } catch (DateTimeException wrong) {
            throw Taking.refused("taken_at", "wrong-type", "A time such as 2031-05-14T09:30:00Z is expected here.");
        }
    }
}
