package morphotera.app.api;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.ground.Decimal;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;

/** Collects everything wrong with a body, each with its JSON pointer: the first fifty, and how many more. */
public final class Findings {
    private static final int MOST = 50;
    private static final int FIRST_YEAR = 1900;
    private static final int LAST_YEAR = 2200;

    private final Map<String, Refusal> refusals = new LinkedHashMap<>();
    private int more;

    public void refuse(String path, String code, String text) {
        if (refusals.size() < MOST) {
            // What could not be read is not also missing.
            refusals.putIfAbsent(path, new Refusal(path, code, text));
        } else if (!refusals.containsKey(path)) {
            more++;
        }
    }

    /** Whether more of it would only be counted. */
    boolean isFull() {
        return refusals.size() >= MOST;
    }

    void countMore() {
        more++;
    }

    /** Refuses with all that was found, or goes on. */
    public void throwIfAny() {
        if (!refusals.isEmpty()) {
            List<Refusal> all = new ArrayList<>(refusals.values());
            if (more > 0) {
                all.add(new Refusal("", "more", "and " + Decimal.show(more, 0) + " more"));
            }
            throw new Refused(all);
        }
    }

    public void needed(String path, Object value, String label) {
        if (value == null) {
            refuse(path, "missing", label + " is needed here.");
        }
    }

    /** A name or a line of text that must be there and may not be longer than that, of signs that can be seen. */
    public void text(String path, String value, String label, int longest) {
        if (value == null || value.isBlank()) {
            refuse(path, "missing", label + " is needed here.");
            return;
        }
        atMost(path, value, label, longest);
        if (value.codePoints().anyMatch(Findings::isInvisible)) {
            refuse(path, "invisible", label + " holds a sign that cannot be seen: type it again.");
        }
    }

    /** A line break or another control sign, or a mark without width that makes two names look like one. */
    private static boolean isInvisible(int sign) {
        int type = Character.getType(sign);
        return type == Character.CONTROL || type == Character.FORMAT || type == Character.LINE_SEPARATOR;
    }

    public void atMost(String path, String value, String label, int longest) {
        if (value != null && value.length() > longest) {
            refuse(
                    path,
                    "too-long",
                    label + " takes " + longest + " characters at most; it has " + value.length() + ".");
        }
    }

    /** A list or an object of at most so many. */
    public void size(String path, int size, String label, int most) {
        if (size > most) {
            refuse(path, "too-many", label + ": " + most + " at most; here are " + size + ".");
        }
    }

    public void range(String path, Double value, String label, double min, double max) {
        if (value != null && !(value >= min && value <= max)) {
            refuse(
                    path,
                    "out-of-range",
                    label + " goes from " + Decimal.show(min, 2) + " to " + Decimal.show(max, 2) + ".");
        }
    }

    public void word(String path, String value, String label, Collection<String> words) {
        if (value != null && !words.contains(value)) {
            refuse(
                    path,
                    "unknown-word",
                    "'" + shortened(value) + "' is not known as " + label + "; choose one of "
                            + String.join(", ", words) + ".");
        }
    }

    private static String shortened(String value) {
        return value.length() <= 40 ? value : value.substring(0, 40) + "…";
    }

    /** A day of the years that the store and the sums can hold. */
    public void day(String path, LocalDate day) {
        if (day != null && (day.getYear() < FIRST_YEAR || day.getYear() > LAST_YEAR)) {
            refuse(path, "out-of-range", "Years go from " + FIRST_YEAR + " to " + LAST_YEAR + ".");
        }
    }

    public void instant(String path, Instant instant) {
        if (instant == null) {
            return;
        }
        Instant first = LocalDate.of(FIRST_YEAR, 1, 1).atStartOfDay().toInstant(ZoneOffset.UTC);
        Instant end = LocalDate.of(LAST_YEAR + 1, 1, 1).atStartOfDay().toInstant(ZoneOffset.UTC);
        if (instant.isBefore(first) || !instant.isBefore(end)) {
            refuse(path, "out-of-range", "Years go from " + FIRST_YEAR + " to " + LAST_YEAR + ".");
        }
    }
}
