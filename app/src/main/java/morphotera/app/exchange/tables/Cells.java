package morphotera.app.exchange.tables;

import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoField;
import java.util.Locale;
import java.util.UUID;
import morphotera.ground.Nullable;

/**
 * Cells as they stand in a file. A text that a spreadsheet would run as a formula gets an apostrophe before it, which reading
 * takes away again; so does one that begins with an apostrophe.
 */
public final class Cells {
    private static final String RUNS = "=+-@\t\r'\u2212";

    /** As the database writes an instant: 2031-05-14 09:30:00.5+00. */
    private static final DateTimeFormatter STORED = new DateTimeFormatterBuilder()
            .appendPattern("yyyy-MM-dd HH:mm:ss")
            .appendFraction(ChronoField.NANO_OF_SECOND, 0, 9, true)
            .appendOffset("+HH:mm", "+00")
            .toFormatter();

    private Cells() {}

    public static @Nullable String written(Column column, @Nullable String stored) {
        if (stored == null) {
            return null;
        }
        return switch (column.kind()) {
            case INSTANT -> instant(stored).toString();
            case BOOLEAN -> stored.toLowerCase(Locale.ROOT);
            default -> column.isText() ? text(stored) : stored;
        };
    }

    /** A text as it stands in a file, so that no spreadsheet runs it. */
    public static @Nullable String text(@Nullable String said) {
        return said != null && !said.isEmpty() && RUNS.indexOf(said.charAt(0)) >= 0 ? "'" + said : said;
    }

    private static Instant instant(String stored) {
        return OffsetDateTime.parse(stored, STORED)
                .withOffsetSameInstant(ZoneOffset.UTC)
                .toInstant();
    }

    /**
     * A cell that came in, as it is stored; what cannot be read is said in words.
     *
     * @throws Unread where it is not what its column holds
     */
    public static @Nullable String read(Column column, @Nullable String cell) {
        if (cell == null) {
            if (column.needed()) {
                throw new Unread("missing", "Something is needed here.");
            }
            return null;
        }
        String text = column.isText() && cell.startsWith("'") ? cell.substring(1) : cell;
        try {
            switch (column.kind()) {
                case UUID -> {
                    return UUID.fromString(text).toString();
                }
                case NUMBER -> number(text);
                case INTEGER -> Long.parseLong(text);
                case DAY -> LocalDate.parse(text);
                case INSTANT -> Instant.parse(text);
                case BOOLEAN -> {
                    if (!text.equals("true") && !text.equals("false")) {
                        throw new IllegalArgumentException(text);
                    }
                }
                default -> word(column, text);
            }
        } catch (IllegalArgumentException | DateTimeParseException wrong) {
            throw new Unread("wrong-type", "Here " + spoken(column.kind()) + " is expected.");
        }
        return text;
    }

    private static void number(String text) {
        double value = Double.parseDouble(text);
        if (Double.isNaN(value) || Double.isInfinite(value)) {
            throw new IllegalArgumentException(text);
        }
    }

    private static void word(Column column, String text) {
        if (!column.words().isEmpty() && !column.words().contains(text)) {
            throw new Unread("unknown-word", "Choose one of " + String.join(", ", column.words()) + ".");
        }
        if (text.indexOf('\0') >= 0) {
            throw new Unread("bad-sign", "This text holds a sign that cannot be kept.");
        }
    }

    private static String spoken(Column.Kind kind) {
        return switch (kind) {
            case UUID -> "a UUID";
            case NUMBER -> "a number";
            case INTEGER -> "a whole number";
            case BOOLEAN -> "true or false";
            case DAY -> "a day such as 2031-05-14";
            case INSTANT -> "a time such as 2031-05-14T09:30:00Z";
            case TEXT, JSON -> "a text";
        };
    }

    /** A cell that cannot be taken. */
    public static final class Unread extends RuntimeException {
        private final String code;

        public Unread(String code, String text) {
            super(text);
            this.code = code;
        }

        public String code() {
            return code;
        }
    }
}
