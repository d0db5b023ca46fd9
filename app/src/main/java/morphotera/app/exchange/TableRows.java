package morphotera.app.exchange;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.lang.reflect.Type;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import morphotera.app.api.Json;
import morphotera.app.api.NotTaken;
import morphotera.app.exchange.tables.Cells;
import morphotera.app.exchange.tables.Column;
import morphotera.app.exchange.tables.Table;
import morphotera.app.exchange.tables.TableMapper;
import morphotera.app.exchange.tables.Tables;
import morphotera.app.people.Viewer;
import morphotera.app.pictures.PictureFiles;
import morphotera.ground.Nullable;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * The rows of one table that come in, some hundred at a time: each held against its table and against what is here, what it names
 * looked up, the good ones put in.
 */
final class TableRows {
    private static final Pattern SHA_256 = Pattern.compile("[0-9a-f]{64}");
    private static final int BATCH = 400;
    private static final long MOST_ROWS = 10_000_000;
    private static final long MOST_PICTURE = 20_000_000;

    /** What rows are held against and put into; {@code papers}: by kind, what each is written as. */
    record Needs(TableMapper tables, PictureFiles pictures, Json json, Map<String, Class<?>> papers) {}

    private record Row(long line, List<String> cells) {}

    private final Needs needs;
    private final Viewer viewer;
    private final Table table;
    private final List<Column> columns;
    private final Sifted sifted;
    private final Set<String> fields;
    private final Package brought;
    private final boolean save;
    private final List<Row> batch = new ArrayList<>();
    private final Map<String, String> corrections = new LinkedHashMap<>();
    private List<String> headings = List.of();

    TableRows(
            Needs needs, Viewer viewer, Table table, Sifted sifted, Set<String> fields, Package brought, boolean save) {
        this.needs = needs;
        this.viewer = viewer;
        this.table = table;
        this.columns = table.columns();
        this.sifted = sifted;
        this.fields = fields;
        this.brought = brought;
        this.save = save;
    }

    void read(InputStream in) throws IOException {
        CSVFormat format =
                Exports.CSV.builder().setHeader().setSkipHeaderRecord(true).get();
        try (CSVParser csv = CSVParser.builder()
                .setReader(new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8)))
                .setFormat(format)
                .get()) {
            // A package of before a column was thought of lacks it; one whose heading is misspelt has another in its
            // place.
            headings = csv.getHeaderNames();
            boolean isOlder = columns.stream().map(Column::name).toList().containsAll(headings);
            List<String> missing = columns.stream()
                    .filter(one -> one.needed() || !isOlder)
                    .map(Column::name)
                    .filter(one -> !headings.contains(one))
                    .toList();
            if (!missing.isEmpty()) {
                throw Sifted.refused(
                        "missing-column", table.name() + ".csv has no column " + String.join(", ", missing) + ".");
            }
            for (CSVRecord record : csv) {
                take(csv.getCurrentLineNumber(), record);
            }
        } catch (CSVException | IllegalStateException | IllegalArgumentException fault) {
            throw unreadable();
        } catch (UncheckedIOException fault) {
            throw unreadable();
        }
        flush();
        corrections.forEach((id, corrects) -> needs.tables().correct(id, corrects, viewer.practiceId()));
    }

    private RuntimeException unreadable() {
        return Sifted.refused(
                "not-readable", table.name() + ".csv cannot be read as a table: is there a quote that never closes?");
    }

    private void take(long line, CSVRecord record) {
        if (sifted.rows() > MOST_ROWS) {
            throw Sifted.refused(
                    "too-many",
                    "A package has ten million rows at most: about a million readings with all that is theirs.");
        }
        List<String> cells = new ArrayList<>();
        for (Column column : columns) {
            try {
                String cell = Cells.read(column, record.isSet(column.name()) ? record.get(column.name()) : null);
                check(column, cell);
                cells.add(cell);
            } catch (Cells.Unread wrong) {
                sifted.bad(line, named(column.name()), wrong.code(), wrong.getMessage());
                return;
            }
        }
        batch.add(new Row(line, cells));
        if (batch.size() == BATCH) {
            flush();
        }
    }

    private void check(Column column, @Nullable String cell) {
        if (cell == null || column.kind() != Column.Kind.JSON) {
            return;
        }
        Type shape = table.fixedKind() == null ? column.shape() : needs.papers().get(table.fixedKind());
        if (shape != null && !needs.json().fits(cell, shape)) {
            throw new Cells.Unread("not-readable", "What stands here is not written as it is kept.");
        }
    }

    private String named(String column) {
        return table.name() + "." + column;
    }

    private void flush() {
        if (batch.isEmpty()) {
            return;
        }
        List<Row> rows = withoutTwice(batch);
        Map<List<String>, Map<String, Object>> there = there(rows);
        List<Row> fresh = new ArrayList<>();
        for (Row row : rows) {
            Map<String, Object> stands = there.get(key(row));
            if (stands == null) {
                fresh.add(row);
            } else if (!"true".equals(stands.get("MINE"))) {
                sifted.bad(row.line(), named("id"), "taken", "This id is taken: the row belongs to somebody else.");
            } else if (same(row, stands)) {
                sifted.same(shown(row));
            } else {
                sifted.bad(
                        row.line(),
                        table.name(),
                        "differs",
                        "This row is here already and says something else; it stays as it is here.");
            }
        }
        batch.clear();
        insert(resolved(fresh));
    }

    private List<Row> withoutTwice(List<Row> all) {
        Set<List<String>> seen = new HashSet<>();
        List<Row> once = new ArrayList<>();
        for (Row row : all) {
            if (seen.add(key(row))) {
                once.add(row);
            } else {
                sifted.bad(row.line(), table.name(), "twice", "This row stands in the file already, further up.");
            }
        }
        return once;
    }

    private List<String> key(Row row) {
        return table.keyColumns().stream()
                .map(column -> row.cells().get(columns.indexOf(column)))
                .toList();
    }

    private Map<List<String>, Map<String, Object>> there(List<Row> rows) {
        Map<List<String>, Map<String, Object>> found = new HashMap<>();
        for (Map<String, Object> row :
                needs.tables().there(table, viewer.practiceId(), cells(rows, table.keyColumns()))) {
            found.put(
                    table.keyColumns().stream()
                            .map(column -> text(row, columns.indexOf(column)))
                            .toList(),
                    row);
        }
        return found;
    }

    /** As a statement takes them: an array a column. */
    private List<String[]> cells(List<Row> rows, List<Column> of) {
        return of.stream()
                .map(column -> {
                    int at = columns.indexOf(column);
                    return rows.stream().map(row -> row.cells().get(at)).toArray(String[]::new);
                })
                .toList();
    }

    /** A stored cell as it would come in. */
    private String text(Map<String, Object> row, int at) {
        Column column = columns.get(at);
        return Cells.read(column, Cells.written(column, (String) row.get("C" + at)));
    }

    /** What the file has no column for it says nothing about. */
    private boolean same(Row row, Map<String, Object> stands) {
        for (int i = 0; i < columns.size(); i++) {
            if (!headings.contains(columns.get(i).name())) {
                continue;
            }
            String written = Cells.written(columns.get(i), (String) stands.get("C" + i));
            String stored = written == null ? null : Cells.read(columns.get(i), written);
            if (!Objects.equals(stored, row.cells().get(i))) {
                return false;
            }
        }
        return true;
    }

    /** Those whose every reference is a row of this practice; the others are named. */
    private List<Row> resolved(List<Row> fresh) {
        List<Row> good = fresh;
        for (int i = 0; i < columns.size(); i++) {
            String to = columns.get(i).refers();
            if (to == null || good.isEmpty()) {
                continue;
            }
            int at = i;
            String[] ids = good.stream()
                    .map(row -> row.cells().get(at))
                    .filter(Objects::nonNull)
                    .distinct()
                    .toArray(String[]::new);
            if (ids.length == 0) {
                continue;
            }
            Set<String> mine = new HashSet<>(needs.tables().mine(Tables.named(to), viewer.practiceId(), ids));
            List<Row> left = new ArrayList<>();
            for (Row row : good) {
                String id = row.cells().get(at);
                if (id == null || mine.contains(id)) {
                    left.add(row);
                } else {
                    sifted.bad(
                            row.line(),
                            named(columns.get(at).name()),
                            "unknown-id",
                            "It names one of " + to + " that is neither here nor in the file.");
                }
            }
            good = left;
        }
        return good;
    }

    private void insert(List<Row> rows) {
        List<Row> good = table.name().equals("photographs") ? withPictures(rows) : rows;
        if (good.isEmpty()) {
            return;
        }
        good.forEach(row -> sifted.add(shown(row)));
        if (table.name().equals("people")) {
            needs.tables().insertPeople(table, viewer.practiceId(), cells(good, columns));
            return;
        }
        needs.tables()
                .insert(
                        table,
                        viewer.practiceId(),
                        cells(good.stream().map(this::withoutCorrection).toList(), columns));
        if (table.name().equals("fields")) {
            good.forEach(row -> fields.add(row.cells().get(0)));
        }
    }

    /** What a reading corrects may come after it: it is named once all are there. */
    private Row withoutCorrection(Row row) {
        if (!table.name().equals("readings")) {
            return row;
        }
        int at = columns.indexOf(table.column("corrects"));
        String corrects = row.cells().get(at);
        if (corrects == null) {
            return row;
        }
        corrections.put(row.cells().get(0), corrects);
        List<String> without = new ArrayList<>(row.cells());
        without.set(at, null);
        return new Row(row.line(), without);
    }

    private List<Row> withPictures(List<Row> rows) {
        int sha = columns.indexOf(table.column("sha256"));
        List<Row> good = new ArrayList<>();
        for (Row row : rows) {
            if (hasPicture(row.cells().get(sha))) {
                good.add(row);
            } else {
                sifted.bad(
                        row.line(),
                        named("sha256"),
                        "not-a-picture",
                        "The picture it names is not in the package, or is not what its name says.");
            }
        }
        return good;
    }

    private boolean hasPicture(String sha256) {
        if (!SHA_256.matcher(sha256).matches()) {
            return false;
        }
        if (needs.pictures().isThere(sha256)) {
            return true;
        }
        Optional<InputStream> in = brought.picture(sha256);
        if (in.isEmpty()) {
            return false;
        }
        try (InputStream bytes = in.get()) {
            byte[] all = bytes.readNBytes((int) MOST_PICTURE + 1);
            // Pictures lie beside the data under what is in them: one that is kept and not named takes room alone.
            return all.length <= MOST_PICTURE && (!save || needs.pictures().bring(sha256, all));
        } catch (IOException | NotTaken fault) {
            return false;
        }
    }

    private Map<String, Object> shown(Row row) {
        Map<String, Object> shown = new LinkedHashMap<>();
        shown.put("table", table.name());
        for (int i = 0; i < Math.min(4, columns.size()); i++) {
            shown.put(columns.get(i).name(), row.cells().get(i));
        }
        return shown;
    }
}
