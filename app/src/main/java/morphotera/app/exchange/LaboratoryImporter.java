package morphotera.app.exchange;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.app.land.Field;
import morphotera.app.land.Sample;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.ground.Figure;
import morphotera.ground.Nullable;
import morphotera.measure.Entry;
import morphotera.measure.methods.Methods;
import org.springframework.stereotype.Component;

/**
 * A laboratory's sheet: a row for each sample, found by its id, its label or the text of its code; columns matched to quantities with
 * their unit and extract. A figure may carry a unit of its own.
 */
@Component
class LaboratoryImporter implements Importer {
    private static final String METHOD = "laboratory";
    private static final List<String> PLACES = List.of("sample", "field", "day", "spot", "note");

    private final Taking taking;
    private final Visits visits;

    LaboratoryImporter(Taking taking, Visits visits) {
        this.taking = taking;
        this.visits = visits;
    }

    @Override
    public String kind() {
        return METHOD;
    }

    /** By the entry's key or its label: {@code p}, {@code Phosphorus}, {@code ph.value}, {@code pH}. */
    @Override
    public Sheet.Targets targets() {
        return heading -> {
            String plain = Sheet.plain(heading);
            return PLACES.stream()
                    .filter(one -> Sheet.plain(one).equals(plain))
                    .findFirst()
                    .orElseGet(() -> quantities().entrySet().stream()
                            .filter(one -> Sheet.plain(one.getKey()).equals(plain)
                                    || Sheet.plain(one.getValue().label()).equals(plain))
                            .map(Map.Entry::getKey)
                            .findFirst()
                            .orElse(null));
        };
    }

    /** By path, what a sheet may hold. */
    private static Map<String, Entry> quantities() {
        Map<String, Entry> all = new LinkedHashMap<>();
        for (Entry field : Methods.find(METHOD).orElseThrow().description().fields()) {
            if (field.kind() == Entry.Kind.GROUP) {
                field.fields().forEach(one -> all.put(field.key() + "." + one.key(), one));
            } else {
                all.put(field.key(), field);
            }
        }
        return all;
    }

    @Override
    public void read(Viewer viewer, Incoming incoming, Sifted sifted, boolean save) {
        Sheet sheet = Sheet.open(incoming.file(), targets(), incoming.columns());
        sheet.columns().forEach(sifted::column);
        boolean placed =
                sheet.columns().containsValue("sample") || sheet.columns().containsValue("spot");
        if (!placed) {
            sifted.bad(
                    1,
                    null,
                    "missing-column",
                    "Say which column names the sample, or the field, day and spot: headings are "
                            + ReadingImporter.names(sheet) + ".");
            return;
        }
        Taking.Session session = taking.begin(viewer, sifted);
        sheet.each(row -> session.take(row, () -> said(viewer, session, sheet, row)));
    }

    private Taking.Said said(Viewer viewer, Taking.Session session, Sheet sheet, Sheet.Row row) {
        Map<String, Entry> known = quantities();
        Map<String, Object> reading = new LinkedHashMap<>();
        row.cells().forEach((target, cell) -> {
            Entry entry = known.get(target);
            if (entry != null) {
                Sheet.put(reading, target, value(sheet, target, entry, cell));
            }
        });
        if (reading.isEmpty()) {
            throw Taking.refused("", "missing", "There is no figure in this row.");
        }
        String sample = row.get("sample");
        if (sample != null) {
            return ofSample(viewer, session, row, sample, reading);
        }
        if (row.get("field") == null || row.get("spot") == null) {
            throw Taking.refused("sample", "missing", "The sample is needed here, or field, day and spot.");
        }
        Field field = session.field(row.get("field"));
        Visit visit = session.visit(field, session.day(row.get("day")));
        return said(
                session,
                field,
                new Taking.Where(visit, session.spot(field, row.get("spot")), null),
                reading,
                row.get("note"));
    }

    private Taking.Said ofSample(
            Viewer viewer, Taking.Session session, Sheet.Row row, String named, Map<String, Object> reading) {
        record Found(Field field, Sample sample) {}
        List<Found> found = session.fields().stream()
                .filter(field -> row.get("field") == null || field == session.field(row.get("field")))
                .flatMap(field -> field.samples().stream().map(one -> new Found(field, one)))
                .filter(one -> one.sample().id().toString().equals(named)
                        || one.sample().label().equalsIgnoreCase(named)
                        || named.contains(one.sample().id().toString()))
                .toList();
        if (found.isEmpty()) {
            throw Taking.refused("sample", "unknown-id", "There is no sample '" + named + "' here.");
        } else if (found.size() > 1) {
            throw Taking.refused(
                    "sample", "ambiguous", "Several samples are called '" + named + "': give its id, or its field.");
        }
        Sample sample = found.get(0).sample();
        Visit visit = visits.visit(viewer, sample.visitId());
        return said(
                session, found.get(0).field(), new Taking.Where(visit, null, sample.id()), reading, row.get("note"));
    }

    private static Taking.Said said(
            Taking.Session session,
            Field field,
            Taking.Where where,
            Map<String, Object> reading,
            @Nullable String note) {
        return new Taking.Said(
                null,
                where,
                METHOD,
                null,
                null,
                reading,
                note,
                session.noon(field, where.visit().day()));
    }

    private static Object value(Sheet sheet, String target, Entry entry, String cell) {
        if (entry.kind() != Entry.Kind.NUMBER) {
            return ReadingImporter.value(sheet, cell);
        }
        try {
            String plain = sheet.commaIsDecimal() ? cell.replace(',', '.') : cell;
            return Figure.read(plain, entry.unit() == null ? "" : entry.unit()).value();
        } catch (Figure.Unread wrong) {
            throw Taking.refused(target, wrong.refusal().code(), wrong.refusal().text());
        }
    }
}
