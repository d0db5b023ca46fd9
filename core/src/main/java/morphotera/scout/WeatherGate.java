package morphotera.scout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.ground.TextureGroup;
import morphotera.measure.Day;
import morphotera.measure.Method;

/**
 * On which days a method is valid, from rain and temperature by day. A wetting: a day whose water and that of the day before make
 * 10 mm or more, itself with 1 mm or more. Days are counted from one day, the same for all.
 */
public final class WeatherGate {
    private static final double WETTING_MM = 10;
    private static final double STILL_WET_MM = 1;
    private static final int LOOKED_BACK = 10;
    private static final int FROST_DAYS = 3;
    private static final double HOTTEST = 30;
    private static final int SOAKING_DAYS = 3;
    private static final double SOAKING_MM = 30;
    private static final double COOL = 8;
    private static final double WET_DAY_MM = 5;
    private static final double KEEPS_MOIST_MM = 10;
    private static final double KEEPS_MOIST_MM_PER_C = 1.5;
    private static final int DRY_AFTER = 3;
    private static final int DEEP_DAYS = 30;
    private static final int DEEP_KNOWN = 20;
    private static final double DEEP_MM = 30;
    private static final double WARM = 12;
    private static final int SURE_FORECAST = 5;
    private static final Set<String> DEEP =
            Set.of("root-pit", "structure-spade", "drop-shatter", "penetration", "infiltration-ring");

    /** How good a day is for a method. */
    public enum Verdict implements Coded {
        GOOD,
        DOUBTFUL,
        BAD
    }

    /** Why it is not simply good. */
    public enum Why implements Coded {
        FROZEN,
        TOO_HOT,
        TOO_WET,
        WET_SIDE,
        TOO_DRY,
        DRY_SIDE,
        SHALLOW_WETTING,
        FAR_FORECAST,
        GAP
    }

    /** A day of the record; water is rain and irrigation. */
    public record Recorded(
            long day, double waterMm, @Nullable Double airMeanC, boolean forecast) {}

    public record OfMethod(String method, Verdict verdict, List<Why> why) {}

    /** @param why a gap, where the record has nothing of the day: it counts as without water */
    public record Judged(
            long day,
            @Nullable Integer daysSinceRain,
            @Nullable Double rain10dMm,
            @Nullable Double soilC,
            boolean forecast,
            List<Why> why,
            List<OfMethod> methods) {}

    private final Map<Long, Recorded> record = new LinkedHashMap<>();
    private final @Nullable TextureGroup texture;
    private final long first;
    private final @Nullable Long firstForecast;

    /** @param days in any order, each once */
    public WeatherGate(List<Recorded> days, @Nullable TextureGroup texture) {
        this.texture = texture;
        long earliest = Long.MAX_VALUE;
        Long forecast = null;
        for (Recorded day : days) {
            record.put(day.day(), day);
            earliest = Math.min(earliest, day.day());
            if (day.forecast() && (forecast == null || day.day() < forecast)) {
                forecast = day.day();
            }
        }
        this.first = earliest;
        this.firstForecast = forecast;
    }

    public List<Judged> judge(long from, long to, List<Method> methods) {
        List<Judged> judged = new ArrayList<>();
        for (long day = from; day <= to; day++) {
            judged.add(judge(day, methods));
        }
        return judged;
    }

    private Judged judge(long day, List<Method> methods) {
        Long wetting = newestWetting(day);
        Recorded known = record.get(day);
        Standing standing = new Standing(
                day, wetting, sum(day, LOOKED_BACK), mean(day, LOOKED_BACK), known != null && known.forecast());
        List<OfMethod> each = new ArrayList<>();
        for (Method method : methods) {
            each.add(judge(
                    standing, method.description().id(), method.description().day()));
        }
        return new Judged(
                day,
                wetting == null ? null : Integer.valueOf((int) (day - wetting)),
                standing.rain(),
                standing.soilC(),
                standing.forecast(),
                known == null ? List.of(Why.GAP) : List.of(),
                each);
    }

    private record Standing(
            long day,
            @Nullable Long wetting,
            @Nullable Double rain,
            @Nullable Double soilC,
            boolean forecast) {
        @Nullable
        Integer since() {
            return wetting == null ? null : Integer.valueOf((int) (day - wetting));
        }
    }

    private OfMethod judge(Standing at, String method, Day asks) {
        List<Why> why = new ArrayList<>();
        Verdict verdict =
                asks == Day.MOIST_SOIL ? moist(at, why) : isFrozen(at.day()) ? bad(why, Why.FROZEN) : Verdict.GOOD;
        if (verdict == Verdict.GOOD && asks == Day.MOIST_SOIL) {
            if (DEEP.contains(method) && isShallow(at)) {
                why.add(Why.SHALLOW_WETTING);
            }
            if (at.forecast() && firstForecast != null && at.day() - firstForecast > SURE_FORECAST) {
                why.add(Why.FAR_FORECAST);
            }
            verdict = why.isEmpty() ? Verdict.GOOD : Verdict.DOUBTFUL;
        }
        return new OfMethod(method, verdict, List.copyOf(why));
    }

    private Verdict moist(Standing at, List<Why> why) {
        if (isFrozen(at.day())) {
            return bad(why, Why.FROZEN);
        }
        if (at.soilC() != null && at.soilC() > HOTTEST) {
            return bad(why, Why.TOO_HOT);
        }
        Day.AfterRain window = window(at);
        Integer since = at.since();
        if (since != null && (since == 0 || since <= window.from() - 2)) {
            return bad(why, Why.TOO_WET);
        }
        if (since != null && since < window.from()) {
            return doubtful(why, Why.WET_SIDE);
        }
        if (since != null && since <= window.to()) {
            return Verdict.GOOD;
        }
        double warmth = at.soilC() == null ? 0 : Math.max(0, at.soilC());
        if (at.rain() != null && at.rain() >= KEEPS_MOIST_MM + KEEPS_MOIST_MM_PER_C * warmth) {
            return water(at.day()) >= WET_DAY_MM ? doubtful(why, Why.WET_SIDE) : Verdict.GOOD;
        }
        return since == null || since >= window.to() + DRY_AFTER ? bad(why, Why.TOO_DRY) : doubtful(why, Why.DRY_SIDE);
    }

    /** Fine soil that was soaked takes longer, and longer still in the cool. */
    private Day.AfterRain window(Standing at) {
        boolean soaked = texture == TextureGroup.FINE
                && at.wetting() != null
                && waterUpTo(at.wetting(), SOAKING_DAYS) >= SOAKING_MM;
        if (!soaked) {
            return Day.afterRain(texture);
        }
        return at.soilC() != null && at.soilC() < COOL ? new Day.AfterRain(6, 12) : new Day.AfterRain(5, 8);
    }

    private boolean isShallow(Standing at) {
        if (at.wetting() == null || at.soilC() == null || at.soilC() <= WARM) {
            return false;
        }
        int known = 0;
        double water = 0;
        for (long day = at.wetting() - DEEP_DAYS; day < at.wetting(); day++) {
            known += record.containsKey(day) ? 1 : 0;
            water += water(day);
        }
        return known >= DEEP_KNOWN && water < DEEP_MM;
    }

    private boolean isFrozen(long day) {
        Double mean = mean(day, FROST_DAYS);
        return mean != null && mean <= 0;
    }

    private @Nullable Long newestWetting(long day) {
        for (long back = day; back >= first; back--) {
            if (water(back) >= STILL_WET_MM && waterUpTo(back, 2) >= WETTING_MM) {
                return back;
            }
        }
        return null;
    }

    private double water(long day) {
        Recorded known = record.get(day);
        return known == null ? 0 : known.waterMm();
    }

    /** Of so many days, the last of them this one. */
    private double waterUpTo(long day, int days) {
        double sum = 0;
        for (long back = day; back > day - days; back--) {
            sum += water(back);
        }
        return sum;
    }

    private @Nullable Double sum(long day, int days) {
        boolean any = false;
        for (long back = day; back > day - days; back--) {
            any |= record.containsKey(back);
        }
        return any ? Double.valueOf(waterUpTo(day, days)) : null;
    }

    private @Nullable Double mean(long day, int days) {
        double sum = 0;
        int n = 0;
        for (long back = day; back > day - days; back--) {
            Recorded known = record.get(back);
            if (known != null && known.airMeanC() != null) {
                sum += known.airMeanC();
                n++;
            }
        }
        return n == 0 ? null : Double.valueOf(sum / n);
    }

    private static Verdict bad(List<Why> why, Why because) {
        why.add(because);
        return Verdict.BAD;
    }

    private static Verdict doubtful(List<Why> why, Why because) {
        why.add(because);
        return Verdict.DOUBTFUL;
    }
}
