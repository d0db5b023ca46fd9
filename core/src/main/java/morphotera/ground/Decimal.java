package morphotera.ground;

/** The core's own rounding, the same on a server and in a browser. Only for display and for comparing at a stated precision. */
public final class Decimal {
    private static final double LARGEST_EXACT = 9.0e15;

    private Decimal() {}

    /** Rounds half away from zero to the given places, 0 to 12. */
    public static double round(double x, int places) {
        double scale = 1;
        for (int i = 0; i < places; i++) {
            scale *= 10;
        }
        double scaled = Math.abs(x) * scale;
        if (!(scaled < LARGEST_EXACT)) {
            return x;
        }
        // A hair above a half is the half it stands for: 1.005 is held as 1.00499…
        double rounded = Math.floor(scaled + 0.5 + 1e-9) / scale;
        return x < 0 ? -rounded : rounded;
    }

    /** The number with at most that many places and no trailing zeros: {@code 25.8}, {@code 26}. */
    public static String show(double x, int places) {
        double rounded = round(x, places);
        if (rounded == 0) {
            return "0";
        }
        double magnitude = Math.abs(rounded);
        long whole = (long) Math.floor(magnitude + 1e-9);
        StringBuilder text = new StringBuilder(x < 0 ? "−" : "").append(whole);
        double rest = magnitude - whole;
        StringBuilder digits = new StringBuilder();
        for (int i = 0; i < places; i++) {
            rest *= 10;
            int digit = (int) Math.floor(rest + (i == places - 1 ? 0.5 : 1e-6));
            digits.append((char) ('0' + Math.min(9, Math.max(0, digit))));
            rest -= digit;
        }
        int end = digits.length();
        while (end > 0 && digits.charAt(end - 1) == '0') {
            end--;
        }
        return end == 0
                ? text.toString()
                : text.append('.').append(digits, 0, end).toString();
    }
}
