package morphotera.follow;

import java.util.ArrayList;
import java.util.List;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;

/** What was unlike between two visits or zones, to be named beside every verdict. */
public record Unlike(Code code, String text) {
    private static final int MONTHS_APART = 2;

    public enum Code implements Coded {
        SEASON,
        MOISTURE,
        PEOPLE,
        BASIS,
        INSTRUMENT,
        WATER,
        VARIANT,
        YARDSTICK
    }

    /** Month 1 to 12; null parts are not known and not compared. */
    public static List<Unlike> visits(
            int monthBefore,
            int monthAfter,
            @Nullable String moistureBefore,
            @Nullable String moistureAfter,
            @Nullable String observerBefore,
            @Nullable String observerAfter) {
        List<Unlike> unlike = new ArrayList<>();
        int apart = Math.abs(monthBefore - monthAfter);
        // December and January are neighbours.
        int round = Math.min(apart, 12 - apart);
        if (round > MONTHS_APART) {
            unlike.add(new Unlike(Code.SEASON, "Other season: " + round + " months apart round the year."));
        }
        if (differ(moistureBefore, moistureAfter)) {
            unlike.add(new Unlike(Code.MOISTURE, "Soil was " + moistureBefore + " then, " + moistureAfter + " now."));
        }
        if (differ(observerBefore, observerAfter)) {
            unlike.add(new Unlike(Code.PEOPLE, "Two observers; what they may differ by is counted in."));
        }
        return unlike;
    }

    /** Null where both are alike or one is not known. */
    static @Nullable Unlike way(Code code, @Nullable String before, @Nullable String after) {
        if (!differ(before, after)) {
            return null;
        }
        String how = switch (code) {
            case BASIS -> "Read on another basis";
            case INSTRUMENT -> "Read by another instrument";
            case WATER -> "In other water";
            case VARIANT -> "Done another way";
            default -> "Scored with another yardstick";
        };
        return new Unlike(code, how + ": " + before + " then, " + after + " now.");
    }

    private static boolean differ(@Nullable String a, @Nullable String b) {
        return a != null && b != null && !a.equals(b);
    }
}
