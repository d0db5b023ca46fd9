package morphotera.app.exchange.tables;

import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import morphotera.ground.Nullable;

/** A table as it goes out and comes in: its columns, where its rows belong, and what tells one row from another. */
public final class Table {
    private final String name;
    private final String sql;
    private final String about;
    private String joins = "";
    private String holding;
    private String field;
    private String visit;
    private boolean ofPractice = true;
    private String only;
    private String fixedKind;
    private final List<String> key = new ArrayList<>();
    private final List<Column> columns = new ArrayList<>();

    private Table(String name, String sql, String about) {
        this.name = name;
        this.sql = sql;
        this.about = about;
    }

    static Table of(String name, String sql, String about) {
        return new Table(name, sql, about);
    }

    /** How the rows are found: joins from the table, which is {@code t}, and the ids of what they belong to. */
    Table in(String from, @Nullable String ofHolding, @Nullable String ofField, @Nullable String ofVisit) {
        joins = from;
        holding = ofHolding;
        field = ofField;
        visit = ofVisit;
        return this;
    }

    /** Its rows name no practice: what they belong to does. */
    Table withoutPractice() {
        ofPractice = false;
        return this;
    }

    /** Only rows of which this holds. */
    Table only(String condition) {
        only = condition;
        return this;
    }

    /** Only rows of this kind, of a table of several; the columns of what is kept whole, version by version. */
    Table papers(String kind) {
        fixedKind = kind;
        return only("t.kind = '" + kind + "'")
                .uuid("id", "Id", true)
                .version()
                .mayRefer("field_id", "fields", "Field")
                .json("body", "body_json", "What was written", true, null)
                .refers("kept_by", "people", "By")
                .instant("kept_at", "Kept", true)
                .key("id", "version");
    }

    Table key(String... columnNames) {
        key.addAll(Arrays.asList(columnNames));
        return this;
    }

    private Table plain(String column, Column.Kind kind, String title, boolean needed) {
        columns.add(new Column(column, column, kind, title, needed, null, List.of(), null));
        return this;
    }

    Table id() {
        return plain("id", Column.Kind.UUID, "Id", true).key("id");
    }

    Table refers(String column, String table, String title) {
        columns.add(new Column(column, column, Column.Kind.UUID, title, true, table, List.of(), null));
        return this;
    }

    Table mayRefer(String column, String table, String title) {
        columns.add(new Column(column, column, Column.Kind.UUID, title, false, table, List.of(), null));
        return this;
    }

    Table uuid(String column, String title, boolean needed) {
        return plain(column, Column.Kind.UUID, title, needed);
    }

    Table text(String column, String title) {
        return plain(column, Column.Kind.TEXT, title, true);
    }

    Table mayText(String column, String title) {
        return plain(column, Column.Kind.TEXT, title, false);
    }

    Table word(String column, String title, boolean needed, List<String> words) {
        columns.add(new Column(column, column, Column.Kind.TEXT, title, needed, null, words, null));
        return this;
    }

    Table number(String column, String title) {
        return plain(column, Column.Kind.NUMBER, title, true);
    }

    Table mayNumber(String column, String title) {
        return plain(column, Column.Kind.NUMBER, title, false);
    }

    Table integer(String column, String title, boolean needed) {
        return plain(column, Column.Kind.INTEGER, title, needed);
    }

    Table yesNo(String column, String title, boolean needed) {
        return plain(column, Column.Kind.BOOLEAN, title, needed);
    }

    Table day(String column, String title, boolean needed) {
        return plain(column, Column.Kind.DAY, title, needed);
    }

    Table instant(String column, String title, boolean needed) {
        return plain(column, Column.Kind.INSTANT, title, needed);
    }

    Table json(String column, String sqlName, String title, boolean needed, @Nullable Type shape) {
        columns.add(new Column(column, sqlName, Column.Kind.JSON, title, needed, null, List.of(), shape));
        return this;
    }

    Table version() {
        return integer("version", "Version, counted up by each save", true);
    }

    public String name() {
        return name;
    }

    public String about() {
        return about;
    }

    public String sql() {
        return sql;
    }

    public boolean isOfPractice() {
        return ofPractice;
    }

    /** What stands in {@code kind} of each of its rows; null where it has no such column of its own. */
    public @Nullable String fixedKind() {
        return fixedKind;
    }

    /** Whether two practices may have a row of one key. */
    public boolean isPerPractice() {
        return fixedKind != null || column(key.get(0)).kind() == Column.Kind.TEXT;
    }

    public List<Column> columns() {
        return List.copyOf(columns);
    }

    public List<Column> keyColumns() {
        return key.stream().map(this::column).toList();
    }

    public Column column(String called) {
        return columns.stream()
                .filter(one -> one.name().equals(called))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("no column " + called + " in " + name));
    }

    public String from(Scope.What what) {
        return isWalked(what) ? sql + " t" : sql + " t " + joins;
    }

    /** A whole practice is walked along the keys, each row asked whose it is: sorted anew for every page it would never end. */
    private boolean isWalked(Scope.What what) {
        return what == Scope.What.PRACTICE && !isPerPractice();
    }

    /** Rows of a practice, a holding or a visit; what belongs to no holding goes along with each. */
    public String where(Scope.What what) {
        List<String> all = new ArrayList<>();
        String ofPractice = practiceSql() + " = #{scope.practiceId}";
        all.add(
                isWalked(what)
                        ? "exists (select 1 from (select 1) x " + joins + " where " + ofPractice + ")"
                        : ofPractice);
        if (only != null) {
            all.add(only);
        }
        if (what == Scope.What.VISIT && visit != null) {
            all.add(visit + " = #{scope.visitId}");
        } else if (what == Scope.What.VISIT && field != null) {
            all.add(field + " = #{scope.fieldId}");
        } else if (what != Scope.What.PRACTICE && holding != null) {
            all.add(holding + " = #{scope.holdingId}");
        }
        return String.join(" and ", all);
    }

    /** Whose a row is. */
    public String practiceSql() {
        return ofPractice ? "t.practice_id" : joins.contains(" f ") ? "f.practice_id" : "h.practice_id";
    }

    /** Each column as text, in order, under c0, c1, … */
    public String selected() {
        List<String> cast = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            cast.add("cast(t." + columns.get(i).sql() + " as varchar) as c" + i);
        }
        return String.join(", ", cast);
    }

    /** A row's cells as they are put in, from texts that are named as below. */
    public String cells() {
        return IntStream.range(0, columns.size())
                .mapToObj(i -> "cast(r.c" + i + " as " + columns.get(i).kind().sql() + ")")
                .collect(Collectors.joining(", "));
    }

    /** c0, c1, … */
    public String cellNames() {
        return names(columns.size());
    }

    /** c0, c1, … of the key. */
    public String keyNames() {
        return names(key.size());
    }

    private static String names(int many) {
        return IntStream.range(0, many).mapToObj(i -> "c" + i).collect(Collectors.joining(", "));
    }

    /** Where a row's key is that of {@code k}. */
    public String keyMatches() {
        return IntStream.range(0, key.size())
                .mapToObj(i -> "t." + keyColumns().get(i).sql() + " = cast(k.c" + i + " as "
                        + keyColumns().get(i).kind().sql() + ")")
                .collect(Collectors.joining(" and "));
    }

    public String joins() {
        return joins;
    }

    /** {@code t.id}, or several. */
    public String keySql() {
        return keyColumns().stream().map(one -> "t." + one.sql()).collect(Collectors.joining(", "));
    }
}
