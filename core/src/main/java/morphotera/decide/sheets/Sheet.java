package morphotera.decide.sheets;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import morphotera.ground.Decimal;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;

/**
 * A table of figures by row, each row under a key.
 *
 * @param open whether rows may be added and left out; else its keys are those that ship
 */
public record Sheet(
        String id, String name, String about, String source, boolean open, List<Column> columns, List<Row> rows) {
    public static final int MOST_ROWS = 80;
    private static final int LONGEST_KEY = 40;

    /** @param unit null where a figure has none; {@code whole} where it is counted */
    public record Column(String key, String label, @Nullable String unit, double min, double max, boolean whole) {}

    /** A figure for each column, in their order. */
    public record Row(String key, List<Double> values) {}

    public Optional<Map<String, Double>> row(String key) {
        return rows.stream().filter(row -> row.key().equals(key)).findFirst().map(this::named);
    }

    /** A row's figures by their columns' keys. */
    public Map<String, Double> named(Row row) {
        Map<String, Double> named = new LinkedHashMap<>();
        for (int i = 0; i < columns.size(); i++) {
            named.put(columns.get(i).key(), row.values().get(i));
        }
        return named;
    }

    Sheet with(List<Row> own) {
        return new Sheet(id, name, about, source, open, columns, List.copyOf(own));
    }

    /** What is wrong with rows that are to stand in it: all of it, each at its place. */
    public List<Refusal> refusals(List<Row> own) {
        List<Refusal> refused = new ArrayList<>();
        if (own.isEmpty() || own.size() > MOST_ROWS) {
            refused.add(new Refusal("/rows", "too-many", "A table has 1 to " + MOST_ROWS + " rows."));
            return refused;
        }
        Set<String> keys = new LinkedHashSet<>();
        for (int i = 0; i < own.size(); i++) {
            Row row = own.get(i);
            String at = "/rows/" + i;
            if (!isKey(row.key())) {
                refused.add(new Refusal(
                        at + "/key",
                        "not-a-word",
                        "A row's name is small letters, digits and hyphens, such as white-clover."));
            } else if (!keys.add(row.key())) {
                refused.add(new Refusal(at + "/key", "twice", "This row stands further up already."));
            }
            values(at, row, refused);
        }
        Set<String> shipped = new LinkedHashSet<>();
        rows.forEach(row -> shipped.add(row.key()));
        if (!open && refused.isEmpty() && !keys.equals(shipped)) {
            refused.add(
                    new Refusal("/rows", "unknown-word", "This table's rows are " + String.join(", ", shipped) + "."));
        }
        return refused;
    }

    private static boolean isKey(String key) {
        return key != null
                && !key.isEmpty()
                && key.length() <= LONGEST_KEY
                && key.chars().allMatch(c -> c >= 'a' && c <= 'z' || c >= '0' && c <= '9' || c == '-');
    }

    private void values(String at, Row row, List<Refusal> refused) {
        if (row.values() == null || row.values().size() != columns.size()) {
            refused.add(new Refusal(at + "/values", "too-few", "A figure for each of " + columns.size() + " columns."));
            return;
        }
        for (int i = 0; i < columns.size(); i++) {
            Column column = columns.get(i);
            Double value = row.values().get(i);
            String here = at + "/values/" + i;
            if (value == null || !Double.isFinite(value)) {
                refused.add(new Refusal(here, "missing", column.label() + " is needed."));
            } else if (value < column.min() || value > column.max()) {
                refused.add(new Refusal(
                        here,
                        "out-of-range",
                        column.label() + " lies between " + plain(column.min()) + " and " + plain(column.max()) + "."));
            } else if (column.whole() && value != (long) (double) value) {
                refused.add(new Refusal(here, "not-whole", column.label() + " is a whole number."));
            }
        }
    }

    private static String plain(double value) {
        return Decimal.show(value, 2);
    }
}
