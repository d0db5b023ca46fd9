package morphotera.scout.runsheet;

import java.util.List;

/** The ways between spots, and from the gate, in metres along a straight line over the WGS 84 ellipsoid. */
final class Ways {
    private static final double EQUATOR_M = 6_378_137;
    private static final double FLATTENING = 1 / 298.257223563;
    private static final double SQUARED = FLATTENING * (2 - FLATTENING);

    private final double[][] metres;
    private final double walkMPerS;
    private final int setDownS;

    /** The gate is the place after the last spot. */
    Ways(Outing outing) {
        List<Outing.Spot> spots = outing.spots();
        int n = spots.size();
        walkMPerS = outing.walkMPerS();
        setDownS = outing.setDownS();
        metres = new double[n + 1][n + 1];
        for (int a = 0; a < n; a++) {
            for (int b = 0; b < n; b++) {
                metres[a][b] = metres(spots.get(a).at(), spots.get(b).at());
            }
            double way = outing.gate() == null
                    ? 0
                    : metres(outing.gate(), spots.get(a).at());
            metres[n][a] = way;
            metres[a][n] = way;
        }
    }

    int gate() {
        return metres.length - 1;
    }

    double metres(int from, int to) {
        return metres[from][to];
    }

    /** Walking alone. */
    double seconds(int from, int to) {
        return metres[from][to] / walkMPerS;
    }

    /** Whole seconds from one place to another, with setting down and picking up; none to where one is. */
    int[][] legs() {
        int n = metres.length;
        int[][] legs = new int[n][n];
        for (int from = 0; from < n; from++) {
            for (int to = 0; to < n; to++) {
                legs[from][to] = from == to ? 0 : (int) Math.ceil(seconds(from, to) - 1e-6) + setDownS;
            }
        }
        return legs;
    }

    /** True to a millimetre over the width of a farm: the ellipsoid's two radii at the middle latitude. */
    static double metres(Outing.Place a, Outing.Place b) {
        double latitude = Math.toRadians((a.lat() + b.lat()) / 2);
        double sine = Math.sin(latitude);
        double bent = 1 - SQUARED * sine * sine;
        double alongMeridian = EQUATOR_M * (1 - SQUARED) / (bent * Math.sqrt(bent));
        double alongParallel = EQUATOR_M / Math.sqrt(bent) * Math.cos(latitude);
        double north = Math.toRadians(b.lat() - a.lat()) * alongMeridian;
        double east = Math.toRadians(b.lon() - a.lon()) * alongParallel;
        return Math.sqrt(north * north + east * east);
    }
}
