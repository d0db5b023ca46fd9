package morphotera.ground;

/** Months counted from January of the year 0, as plans count them. */
public final class Months {
    public static final int A_YEAR = 12;
    private static final int ERA_DAYS = 146_097;
    private static final int ERA_YEARS = 400;
    private static final int TO_1970 = 719_468;

    private Months() {}

    /** The month of a day counted from 1970-01-01 (after Hinnant 2013, civil from days). */
    public static int of(long epochDay) {
        long shifted = epochDay + TO_1970;
        long era = Math.floorDiv(shifted, ERA_DAYS);
        long dayOfEra = shifted - era * ERA_DAYS;
        long ofEra = (dayOfEra - dayOfEra / 1460 + dayOfEra / 36_524 - dayOfEra / 146_096) / 365;
        long ofYear = dayOfEra - (365 * ofEra + ofEra / 4 - ofEra / 100);
        long inYear = (5 * ofYear + 2) / 153;
        long month = inYear < 10 ? inYear + 3 : inYear - 9;
        long year = ofEra + era * ERA_YEARS + (month <= 2 ? 1 : 0);
        return (int) (year * A_YEAR + month - 1);
    }

    /** Of a word such as 2031-06. */
    public static int of(String word) {
        return Integer.parseInt(word.substring(0, 4)) * A_YEAR + Integer.parseInt(word.substring(5)) - 1;
    }

    /** Such as 2031-06. */
    public static String word(int month) {
        int ofYear = month % A_YEAR + 1;
        return month / A_YEAR + (ofYear < 10 ? "-0" : "-") + ofYear;
    }
}
