package morphotera.app.exchange.tables;

import java.lang.reflect.Type;
import java.util.List;
import morphotera.ground.Nullable;

/**
 * A column of a table that goes out and comes in.
 *
 * @param name in the file; {@code sql} in the database
 * @param title what it is, with its unit
 * @param refers the table whose id it names; null where it names none
 * @param words the words it may hold; empty where any
 * @param shape of its JSON; null where it holds none
 */
public record Column(
        String name,
        String sql,
        Kind kind,
        String title,
        boolean needed,
        @Nullable String refers,
        List<String> words,
        @Nullable Type shape) {

    /** How a cell is written, and the type it has in the database. */
    public enum Kind {
        UUID("uuid", "string"),
        TEXT("varchar", "string"),
        NUMBER("double precision", "number"),
        INTEGER("bigint", "integer"),
        BOOLEAN("boolean", "boolean"),
        DAY("date", "date"),
        INSTANT("timestamp(9) with time zone", "datetime"),
        JSON("varchar", "any");

        private final String sql;
        private final String schema;

        Kind(String sql, String schema) {
            this.sql = sql;
            this.schema = schema;
        }

        public String sql() {
            return sql;
        }

        /** As a table schema of a data package calls it. */
        public String schema() {
            return schema;
        }
    }

    /** Whether a spreadsheet could take a cell of it for a formula. */
    boolean isText() {
        return kind == Kind.TEXT || kind == Kind.JSON;
    }
}
