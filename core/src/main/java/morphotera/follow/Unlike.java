package morphotera.follow;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/** What was unlike between two visits, to be named beside every verdict. */
public final class Unlike {
    private static final int MONTHS_APART = 2;

    private Unlike() {}

    /** A visit's conditions; null parts are not known and not compared. Month 1 to 12; preparation such as air-dry crumbs. */
    public record Conditions(int month, String moisture, String observer, String yardstick, String preparation) {}

    public static List<String> between(Conditions before, Conditions after) {
        List<String> unlike = new ArrayList<>();
        int apart = Math.abs(before.month() - after.month());
        // December and January are neighbours.
        int round = Math.min(apart, 12 - apart);
        if (round > MONTHS_APART) {
            unlike.add("Other season: " + round + " months apart round the year.");
        }
        if (differ(before.moisture(), after.moisture())) {
            unlike.add("Soil was " + before.moisture() + " then, " + after.moisture() + " now.");
        }
        if (differ(before.observer(), after.observer())) {
            unlike.add("Two observers; what they may differ by is counted in.");
        }
        if (differ(before.preparation(), after.preparation())) {
            unlike.add("Prepared otherwise: " + before.preparation() + " then, " + after.preparation() + " now.");
        }
        if (differ(before.yardstick(), after.yardstick())) {
            unlike.add("Scored with " + before.yardstick() + " then, " + after.yardstick() + " now.");
        }
        return unlike;
    }

    private static boolean differ(String a, String b) {
        return a != null && b != null && !Objects.equals(a, b);
    }
}
