package morphotera.app.exchange;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;

/** What a file holds, row by row: what is new, what is there already, what would change, and what cannot be taken with the reason. */
final class Sifted {
    private static final int BAD_SHOWN = 200;
    private static final int SAMPLE = 20;

    /**
     * A row that cannot be taken.
     *
     * @param line counted from 1 with the header; of a file of places the how-many-th it is
     * @param column the column or property; null: the whole row
     */
    record Bad(long line, @Nullable String column, String code, String text) {}

    /** What saving the good rows would do. */
    record Would(long add, long same, long change) {}

    private final List<Bad> bad = new CopyOnWriteArrayList<>();
    private final List<Map<String, Object>> sample = new CopyOnWriteArrayList<>();
    private final Map<String, String> columns = new LinkedHashMap<>();
    private final Runnable everyRow;
    /** One thread counts, others ask how far it is. */
    private volatile long rows;

    private long badRows;
    private long add;
    private long same;
    private long change;

    Sifted() {
        this(() -> {});
    }

    /** @param everyRow may end the reading by throwing */
    Sifted(Runnable everyRow) {
        this.everyRow = everyRow;
    }

    /** A row, or a file as a whole, that cannot be taken. */
    static Refused refused(String code, String text) {
        return new Refused(List.of(new Refusal("", code, text)));
    }

    /** A row as it is shown before anything is saved: names and values in turn. */
    static Map<String, Object> shown(Object... pairs) {
        Map<String, Object> row = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            row.put((String) pairs[i], pairs[i + 1]);
        }
        return row;
    }

    /** A good row that is not there yet; shown with the first of them. */
    void add(Map<String, Object> shown) {
        count();
        add++;
        show(shown);
    }

    void same(Map<String, Object> shown) {
        count();
        same++;
        show(shown);
    }

    void change(Map<String, Object> shown) {
        count();
        change++;
        show(shown);
    }

    void bad(long line, @Nullable String column, String code, String text) {
        count();
        badRows++;
        if (bad.size() < BAD_SHOWN) {
            bad.add(new Bad(line, column, code, text));
        }
    }

    /** The first thing that is wrong with a row stands for it. */
    void bad(long line, Refused fault) {
        Refusal first = fault.refusals().get(0);
        String path = first.path();
        bad(line, path.isEmpty() ? null : path.substring(1), first.code(), first.text());
    }

    /** A column of the file and what it is read as. */
    synchronized void column(String name, String as) {
        columns.put(name, as);
    }

    private void count() {
        rows++;
        everyRow.run();
    }

    private void show(Map<String, Object> row) {
        if (sample.size() < SAMPLE) {
            sample.add(row);
        }
    }

    long rows() {
        return rows;
    }

    long good() {
        return rows - badRows;
    }

    List<Bad> bad() {
        return List.copyOf(bad);
    }

    List<Map<String, Object>> sample() {
        return List.copyOf(sample);
    }

    synchronized Map<String, String> columns() {
        return new LinkedHashMap<>(columns);
    }

    Would would() {
        return new Would(add, same, change);
    }
}
