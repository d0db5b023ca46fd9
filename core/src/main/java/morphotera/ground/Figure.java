package morphotera.ground;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A figure as a person types it, with a unit of its own where it has one: {@code 3 1/2 in}, {@code ¾ in}, {@code 7,25}, {@code 2:30},
 * {@code 2 min 30 s}. Conversions are exact by definition.
 *
 * @param value in the unit that was asked for
 * @param as what was typed
 */
public record Figure(double value, String unit, String as) {
    private static final String PATH = "/text";
    private static final int LONGEST = 60;

    /** How a unit turns into its quantity's first: times this, and then plus that. */
    private record Unit(String quantity, double times, double plus) {}

    private static final Map<String, Unit> UNITS = new LinkedHashMap<>();

    static {
        length("mm", 1);
        length("cm", 10);
        length("m", 1000);
        length("in", 25.4);
        length("inch", 25.4);
        length("inches", 25.4);
        length("\"", 25.4);
        length("ft", 304.8);
        length("'", 304.8);
        put("area", 1, "ha");
        put("area", 0.40468564224, "ac");
        put("pressure", 1, "kpa");
        put("pressure", 1000, "mpa");
        put("pressure", 100, "bar");
        put("pressure", 6.894757293168, "psi");
        put("temperature", 1, "°c", "c");
        UNITS.put("°f", new Unit("temperature", 5 / 9.0, -160 / 9.0));
        UNITS.put("f", new Unit("temperature", 5 / 9.0, -160 / 9.0));
        put("conductivity", 1, "ds/m", "ms/cm");
        put("conductivity", 0.001, "us/cm", "µs/cm", "μs/cm");
        put("rate", 1, "t/ha");
        put("rate", 2.2417023124, "ton/ac");
        put("rate", 0.001, "kg/ha");
        put("rate", 0.0011208511562, "lb/ac");
        put("volume", 1, "l");
        put("volume", 0.001, "ml");
        put("volume", 3.785411784, "gal");
        put("time", 1, "s", "sec");
        put("time", 60, "min");
        put("time", 3600, "h", "hour", "hours");
        put("time", 86_400, "days", "day", "d");
        put("share", 1, "%");
        put("share", 100, "share");
        put("acidity", 1, "ph");
        put("density", 1, "g/cm³", "g/cm3", "t/m³");
    }

    private static void length(String word, double mm) {
        put("length", mm, word);
    }

    private static void put(String quantity, double times, String... words) {
        for (String word : words) {
            UNITS.put(word, new Unit(quantity, times, 0));
        }
    }

    /** What cannot be read, with the two ways a comma before three digits can be meant. */
    public static final class Unread extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final transient Refusal refusal;
        private final transient List<Double> offers;

        Unread(String code, String text, List<Double> offers) {
            super(text);
            this.refusal = new Refusal(PATH, code, text);
            this.offers = offers;
        }

        public Refusal refusal() {
            return refusal;
        }

        public List<Double> offers() {
            return offers;
        }
    }

    /**
     * Reads a figure into a unit; null: one that has none.
     *
     * @throws Unread with code ambiguous, other-quantity or not-a-number
     */
    public static Figure read(String text, @Nullable String unit) {
        // A minus sign and a hard space are as good as the plain ones.
        String typed = text.strip().replace('\u2212', '-').replace('\u00a0', ' ');
        if (typed.isEmpty() || typed.length() > LONGEST) {
            throw notANumber(unit);
        }
        String plain = unit == null ? "" : lower(unit);
        Unit wanted = UNITS.get(plain);
        Double time = wanted != null && wanted.quantity().equals("time") ? time(typed) : null;
        if (time != null) {
            return new Figure(time / wanted.times(), unit, text);
        }
        int end = numberEnd(typed);
        String number = typed.substring(0, end).strip();
        String written = typed.substring(end).strip();
        double factor = 1;
        double plus = 0;
        if (!written.isEmpty() && !lower(written).equals(plain)) {
            Unit own = UNITS.get(lower(written));
            if (number.isEmpty()) {
                throw notANumber(unit);
            } else if (own == null) {
                throw new Unread(
                        "not-a-number", "'" + written + "' is not a unit here" + inWords(unit) + ".", List.of());
            }
            if (wanted == null || !own.quantity().equals(wanted.quantity())) {
                throw new Unread(
                        "other-quantity",
                        "'" + written + "' does not measure the same" + inWords(unit) + ".",
                        List.of());
            }
            factor = own.times() / wanted.times();
            plus = (own.plus() - wanted.plus()) / wanted.times();
        }
        if (isAmbiguous(number)) {
            double decimal = number(number.replace(',', '.'), unit);
            double whole = number(number.replace(",", ""), unit);
            throw new Unread(
                    "ambiguous",
                    "A comma before three digits can be meant two ways: write " + number.replace(',', '.') + " or "
                            + number.replace(",", "") + ".",
                    List.of(decimal * factor + plus, whole * factor + plus));
        }
        double value = number(number, unit) * factor + plus;
        if (Double.isNaN(value) || Double.isInfinite(value)) {
            throw notANumber(unit);
        }
        return new Figure(value, unit, text);
    }

    /** So much of one unit in another of the same quantity; as it is where they are not. */
    public static double turned(double value, String from, String to) {
        Unit own = UNITS.get(lower(from));
        Unit wanted = UNITS.get(lower(to));
        return own == null || wanted == null || !own.quantity().equals(wanted.quantity())
                ? value
                : (value * own.times() + own.plus() - wanted.plus()) / wanted.times();
    }

    /** Where the unit begins: after the last digit or fraction sign that still belongs to the number. */
    private static int numberEnd(String typed) {
        int end = 0;
        for (int i = 0; i < typed.length(); i++) {
            char sign = typed.charAt(i);
            if (isDigit(sign) || "½¼¾".indexOf(sign) >= 0) {
                end = i + 1;
            } else if (" .,/-+".indexOf(sign) < 0) {
                break;
            }
        }
        return end;
    }

    private static boolean isAmbiguous(String number) {
        String bare = number.startsWith("-") ? number.substring(1) : number;
        int comma = bare.indexOf(',');
        return comma > 0
                && bare.indexOf(',', comma + 1) < 0
                && bare.length() == comma + 4
                && areDigits(bare.substring(0, comma))
                && areDigits(bare.substring(comma + 1));
    }

    private static double number(String number, String unit) {
        boolean minus = number.startsWith("-");
        String bare = minus ? number.substring(1).strip() : number;
        double size = size(bare, unit);
        return minus ? -size : size;
    }

    private static double size(String bare, String unit) {
        if (bare.isEmpty()) {
            throw notANumber(unit);
        }
        char last = bare.charAt(bare.length() - 1);
        if ("½¼¾".indexOf(last) >= 0) {
            double part = last == '½' ? 0.5 : last == '¼' ? 0.25 : 0.75;
            String whole = bare.substring(0, bare.length() - 1).strip();
            return part + (whole.isEmpty() ? 0 : wholeNumber(whole, unit));
        }
        int slash = bare.indexOf('/');
        if (slash < 0) {
            return plain(bare.replace(',', '.'), unit);
        }
        String over = bare.substring(0, slash).strip();
        double below = wholeNumber(bare.substring(slash + 1).strip(), unit);
        int gap = Math.max(over.lastIndexOf(' '), over.lastIndexOf('-'));
        double whole = gap < 0 ? 0 : wholeNumber(over.substring(0, gap).strip(), unit);
        double above = wholeNumber(over.substring(gap + 1), unit);
        if (below == 0) {
            throw notANumber(unit);
        }
        return whole + above / below;
    }

    private static double wholeNumber(String text, String unit) {
        if (!areDigits(text)) {
            throw notANumber(unit);
        }
        return digits(text);
    }

    /** Digits with one point at most. */
    private static double plain(String text, String unit) {
        int point = text.indexOf('.');
        boolean fine = point < 0
                ? areDigits(text)
                : (point == 0 || areDigits(text.substring(0, point))) && areDigits(text.substring(point + 1));
        if (!fine) {
            throw notANumber(unit);
        }
        if (point < 0) {
            return digits(text);
        }
        double tenth = 1;
        for (int i = point + 1; i < text.length(); i++) {
            tenth *= 10;
        }
        return digits(text.substring(0, point) + text.substring(point + 1)) / tenth;
    }

    /** Exact up to fifteen of them; the library's own way would be half of this script in the browser. */
    private static double digits(String text) {
        double value = 0;
        for (char sign : text.toCharArray()) {
            value = value * 10 + (sign - '0');
        }
        return value;
    }

    /** Seconds of {@code 2:30}, {@code 1:05:00} or {@code 2 min 30 s}; null where it is none of them. */
    private static Double time(String typed) {
        if (typed.indexOf(':') > 0) {
            double seconds = 0;
            List<String> parts = split(typed, ':');
            for (int i = 0; i < parts.size(); i++) {
                boolean two = i == 0 || parts.get(i).length() <= 2;
                if (parts.size() > 3 || !areDigits(parts.get(i)) || !two) {
                    return null;
                }
                double part = digits(parts.get(i));
                if (i > 0 && part >= 60) {
                    return null;
                }
                seconds = seconds * 60 + part;
            }
            return seconds;
        }
        List<String> words = new ArrayList<>();
        for (String word : split(typed, ' ')) {
            if (!word.isEmpty()) {
                words.add(word);
            }
        }
        boolean both = words.size() == 4
                && lower(words.get(1)).equals("min")
                && lower(words.get(3)).equals("s")
                && areDigits(words.get(0))
                && areDigits(words.get(2));
        return both ? Double.valueOf(digits(words.get(0)) * 60 + digits(words.get(2))) : null;
    }

    private static List<String> split(String text, char at) {
        List<String> parts = new ArrayList<>();
        int from = 0;
        for (int i = 0; i <= text.length(); i++) {
            if (i == text.length() || text.charAt(i) == at) {
                parts.add(text.substring(from, i));
                from = i + 1;
            }
        }
        return parts;
    }

    private static boolean isDigit(char sign) {
        return sign >= '0' && sign <= '9';
    }

    private static boolean areDigits(String text) {
        for (char sign : text.toCharArray()) {
            if (!isDigit(sign)) {
                return false;
            }
        }
        return !text.isEmpty();
    }

    /** Plain ASCII: the library's lower case depends on a locale. */
    private static String lower(String text) {
        StringBuilder lower = new StringBuilder();
        for (char sign : text.toCharArray()) {
            lower.append(sign >= 'A' && sign <= 'Z' ? (char) (sign + 32) : sign);
        }
        return lower.toString();
    }

    private static String inWords(@Nullable String unit) {
        return unit == null ? "" : "; write it in " + unit;
    }

    private static Unread notANumber(String unit) {
        return new Unread("not-a-number", "This is not a number" + inWords(unit) + ".", List.of());
    }
}
