package morphotera.measure;

import java.util.List;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;

/**
 * Whether a device's stream has settled, by its last ten seconds. Stable: the value is their median. It is looked at in the order
 * of {@link Why}; the first that holds is said.
 *
 * @param spread largest less smallest of what was looked at
 * @param slopePerMin by least squares; null for less than two instants
 */
public record Steady(
        boolean stable,
        @Nullable Double value,
        double spread,
        @Nullable Double slopePerMin,
        @Nullable Why why) {

    private static final double LOOKED_AT_S = 10;
    private static final int LEAST_VALUES = 8;
    private static final double LEAST_S = 9;
    private static final double LONGEST_GAP_S = 3;
    private static final double JUMP_LIMITS = 10;
    private static final double SLOPE_LIMITS = 3;
    private static final double SHARE = 0.02;
    private static final double S_PER_MIN = 60;

    /** Why a stream does not count yet. */
    public enum Why implements Coded {
        TOO_SHORT,
        GAP,
        OUT_OF_RANGE,
        JUMPED,
        MOVING
    }

    /** What is read, in its unit, with its range and how still it must stand. */
    public enum Kind implements Coded {
        SALINITY(0, 60, 0.01, true),
        PH(0, 14, 0.03, false),
        TEMPERATURE(-10, 60, 0.2, false),
        FORCE(0, 10_000, 20, true);

        private final double min;
        private final double max;
        private final double least;
        private final boolean shared;

        Kind(double min, double max, double least, boolean shared) {
            this.min = min;
            this.max = max;
            this.least = least;
            this.shared = shared;
        }

        /** Never a share for pH and temperature: a slow electrode would count too early. */
        double limit(double mean) {
            return shared ? Math.max(SHARE * Math.abs(mean), least) : least;
        }
    }

    /** One instant of a stream. */
    public record At(double atS, double value) {}

    /** @param stream one instant or more, each after the one before */
    public static Steady of(Kind kind, List<At> stream) {
        double newest = stream.get(stream.size() - 1).atS();
        List<At> last =
                stream.stream().filter(at -> at.atS() >= newest - LOOKED_AT_S).toList();
        List<Double> values = last.stream().map(At::value).toList();
        double spread = Numbers.highest(values) - Numbers.lowest(values);
        Double slope = slope(last);
        Why why = why(kind, last, values, spread, slope);
        return new Steady(why == null, why == null ? Double.valueOf(Numbers.median(values)) : null, spread, slope, why);
    }

    private static @Nullable Why why(
            Kind kind, List<At> last, List<Double> values, double spread, @Nullable Double slope) {
        double limit = kind.limit(Numbers.mean(values));
        double took = last.get(last.size() - 1).atS() - last.get(0).atS();
        double longest = 0;
        double step = 0;
        for (int i = 1; i < last.size(); i++) {
            longest = Math.max(longest, last.get(i).atS() - last.get(i - 1).atS());
            step = Math.max(step, Math.abs(last.get(i).value() - last.get(i - 1).value()));
        }
        if (last.size() < LEAST_VALUES || took < LEAST_S) {
            return Why.TOO_SHORT;
        }
        if (longest > LONGEST_GAP_S) {
            return Why.GAP;
        }
        if (Numbers.lowest(values) < kind.min || Numbers.highest(values) > kind.max) {
            return Why.OUT_OF_RANGE;
        }
        if (step > JUMP_LIMITS * limit) {
            return Why.JUMPED;
        }
        boolean moving = spread > limit || (slope != null && Math.abs(slope) > SLOPE_LIMITS * limit);
        return moving ? Why.MOVING : null;
    }

    private static @Nullable Double slope(List<At> last) {
        if (last.size() < 2) {
            return null;
        }
        double meanAt = Numbers.mean(last.stream().map(At::atS).toList());
        double meanValue = Numbers.mean(last.stream().map(At::value).toList());
        double above = 0;
        double below = 0;
        for (At at : last) {
            above += (at.atS() - meanAt) * (at.value() - meanValue);
            below += (at.atS() - meanAt) * (at.atS() - meanAt);
        }
        return above / below * S_PER_MIN;
    }
}
