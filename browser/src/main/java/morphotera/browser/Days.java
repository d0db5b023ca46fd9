package morphotera.browser;

/** Days of the calendar counted from 1970-01-01, and back (after Hinnant 2013, days from civil). */
final class Days {
    private static final int ERA_YEARS = 400;
    private static final int ERA_DAYS = 146_097;
    private static final int TO_1970 = 719_468;

    private Days() {}

    /** @param iso such as 2031-05-14 */
    static long of(String iso) {
        int year = Integer.parseInt(iso.substring(0, 4));
        int month = Integer.parseInt(iso.substring(5, 7));
        int day = Integer.parseInt(iso.substring(8, 10));
        int shifted = month <= 2 ? year - 1 : year;
        int era = shifted / ERA_YEARS;
        int ofEra = shifted - era * ERA_YEARS;
        int ofYear = (153 * (month + (month > 2 ? -3 : 9)) + 2) / 5 + day - 1;
        int dayOfEra = ofEra * 365 + ofEra / 4 - ofEra / 100 + ofYear;
        return (long) era * ERA_DAYS + dayOfEra - TO_1970;
    }

    static String iso(long epochDay) {
        long shifted = epochDay + TO_1970;
        long era = shifted / ERA_DAYS;
        long dayOfEra = shifted - era * ERA_DAYS;
        long ofEra = (dayOfEra - dayOfEra / 1460 + dayOfEra / 36_524 - dayOfEra / 146_096) / 365;
        long ofYear = dayOfEra - (365 * ofEra + ofEra / 4 - ofEra / 100);
        long inYear = (5 * ofYear + 2) / 153;
        long day = ofYear - (153 * inYear + 2) / 5 + 1;
        long month = inYear < 10 ? inYear + 3 : inYear - 9;
        long year = ofEra + era * ERA_YEARS + (month <= 2 ? 1 : 0);
        return year + "-" + two(month) + "-" + two(day);
    }

    /** Hours since 1970-01-01T00Z of an instant such as 2031-05-14T09:30:00Z. */
    static double hours(String instant) {
        double seconds = Double.parseDouble(instant.substring(17, instant.length() - 1));
        int minutes = Integer.parseInt(instant.substring(14, 16));
        return of(instant) * 24.0 + Integer.parseInt(instant.substring(11, 13)) + minutes / 60.0 + seconds / 3600;
    }

    static int month(String iso) {
        return Integer.parseInt(iso.substring(5, 7));
    }

    private static String two(long n) {
        return n < 10 ? "0" + n : String.valueOf(n);
    }
}
