package morphotera.ground;

import static java.util.Map.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The triangle of sand, silt and clay with its twelve USDA classes (Soil Survey Division Staff 1993). In percent of the
 * three together; every point has one class.
 */
public final class TextureTriangle {
    private static final double SUM_WITHIN = 1e-6;
    /** Just past a boundary, percent. */
    private static final double HAIR = 1e-9;

    /** Sand, silt and clay in percent, together 100. */
    public record Shares(double sand, double silt, double clay) {
        public Shares {
            if (!(sand >= 0 && silt >= 0 && clay >= 0 && Math.abs(sand + silt + clay - 100) <= SUM_WITHIN)) {
                throw new IllegalArgumentException(
                        "sand, silt and clay are 0 or more and make 100, were " + sand + ", " + silt + ", " + clay);
            }
        }
    }

    /** The class one comes to first by moving {@code points} percent from one share to another. */
    public record Neighbour(TextureClass texture, double points) {}

    /** The middle (centroid) of each class's area, where only the class is known. */
    private static final Map<TextureClass, Shares> MIDDLE = Map.ofEntries(
            entry(TextureClass.SAND, new Shares(91.666667, 5.000000, 3.333333)),
            entry(TextureClass.LOAMY_SAND, new Shares(81.666667, 12.500000, 5.833333)),
            entry(TextureClass.SANDY_LOAM, new Shares(64.603604, 24.983726, 10.412670)),
            entry(TextureClass.LOAM, new Shares(41.068448, 40.584623, 18.346929)),
            entry(TextureClass.SILT_LOAM, new Shares(21.477064, 65.311927, 13.211009)),
            entry(TextureClass.SILT, new Shares(7.428572, 87.428571, 5.142857)),
            entry(TextureClass.SANDY_CLAY_LOAM, new Shares(59.833333, 13.065292, 27.101375)),
            entry(TextureClass.CLAY_LOAM, new Shares(32.500000, 34.000000, 33.500000)),
            entry(TextureClass.SILTY_CLAY_LOAM, new Shares(10.000000, 56.500000, 33.500000)),
            entry(TextureClass.SANDY_CLAY, new Shares(51.666667, 6.666667, 41.666666)),
            entry(TextureClass.SILTY_CLAY, new Shares(6.666666, 46.666667, 46.666667)),
            entry(TextureClass.CLAY, new Shares(19.523809, 17.549020, 62.927171)));

    /** Which classes share a boundary; each pair stands once. */
    private static final Map<TextureClass, Set<TextureClass>> BESIDE = Map.ofEntries(
            entry(TextureClass.SAND, Set.of(TextureClass.LOAMY_SAND)),
            entry(TextureClass.LOAMY_SAND, Set.of(TextureClass.SANDY_LOAM)),
            entry(
                    TextureClass.SANDY_LOAM,
                    Set.of(TextureClass.LOAM, TextureClass.SILT_LOAM, TextureClass.SANDY_CLAY_LOAM)),
            entry(
                    TextureClass.LOAM,
                    Set.of(TextureClass.SILT_LOAM, TextureClass.SANDY_CLAY_LOAM, TextureClass.CLAY_LOAM)),
            entry(
                    TextureClass.SILT_LOAM,
                    Set.of(TextureClass.SILT, TextureClass.CLAY_LOAM, TextureClass.SILTY_CLAY_LOAM)),
            entry(TextureClass.SILT, Set.of()),
            entry(TextureClass.SANDY_CLAY_LOAM, Set.of(TextureClass.CLAY_LOAM, TextureClass.SANDY_CLAY)),
            entry(
                    TextureClass.CLAY_LOAM,
                    Set.of(TextureClass.SILTY_CLAY_LOAM, TextureClass.SANDY_CLAY, TextureClass.CLAY)),
            entry(TextureClass.SILTY_CLAY_LOAM, Set.of(TextureClass.SILTY_CLAY)),
            entry(TextureClass.SANDY_CLAY, Set.of(TextureClass.CLAY)),
            entry(TextureClass.SILTY_CLAY, Set.of(TextureClass.CLAY)),
            entry(TextureClass.CLAY, Set.of()));

    /** Every boundary of the triangle: a·silt + b·clay = c. Sand is what is left. */
    private record Line(double silt, double clay, double at) {
        double of(Shares shares) {
            return silt * shares.silt() + clay * shares.clay();
        }
    }

    private static final List<Line> LINES = List.of(
            new Line(1, 1.5, 15),
            new Line(1, 2, 30),
            new Line(0, 1, 7),
            new Line(0, 1, 12),
            new Line(0, 1, 20),
            new Line(0, 1, 27),
            new Line(0, 1, 35),
            new Line(0, 1, 40),
            new Line(1, 0, 28),
            new Line(1, 0, 40),
            new Line(1, 0, 50),
            new Line(1, 0, 80),
            new Line(1, 1, 48),
            new Line(1, 1, 55),
            new Line(1, 1, 80));

    private TextureTriangle() {}

    public static Shares middleOf(TextureClass texture) {
        return MIDDLE.get(texture);
    }

    public static TextureClass classOf(Shares at) {
        double sand = at.sand();
        double silt = at.silt();
        double clay = at.clay();
        if (silt + 1.5 * clay < 15) {
            return TextureClass.SAND;
        } else if (silt + 2 * clay < 30) {
            return TextureClass.LOAMY_SAND;
        } else if (clay < 12 && silt >= 80) {
            return TextureClass.SILT;
        } else if (clay < 27 && silt >= 50) {
            return TextureClass.SILT_LOAM;
        } else if (clay < 7 || (clay < 20 && sand > 52)) {
            return TextureClass.SANDY_LOAM;
        } else if (clay < 35 && sand > 45 && silt < 28) {
            return TextureClass.SANDY_CLAY_LOAM;
        } else if (clay < 27) {
            return TextureClass.LOAM;
        } else if (sand > 45) {
            return TextureClass.SANDY_CLAY;
        } else if (clay < 40) {
            return sand > 20 ? TextureClass.CLAY_LOAM : TextureClass.SILTY_CLAY_LOAM;
        }
        return silt >= 40 ? TextureClass.SILTY_CLAY : TextureClass.CLAY;
    }

    /** Whether two classes are the same or share a boundary. */
    public static boolean neighbours(TextureClass a, TextureClass b) {
        return a == b || BESIDE.get(a).contains(b) || BESIDE.get(b).contains(a);
    }

    /** The nearest other class, by the fewest points moved from one share to another. */
    public static Neighbour nearest(Shares at) {
        TextureClass here = classOf(at);
        Neighbour nearest = null;
        double[][] ways = {{-1, 1, 0}, {-1, 0, 1}, {1, -1, 0}, {0, -1, 1}, {1, 0, -1}, {0, 1, -1}};
        for (double[] way : ways) {
            Neighbour found = along(at, way, here);
            if (found != null && (nearest == null || found.points() < nearest.points())) {
                nearest = found;
            }
        }
        return nearest;
    }

    private static Neighbour along(Shares at, double[] way, TextureClass here) {
        double most = way[0] < 0 ? at.sand() : way[1] < 0 ? at.silt() : at.clay();
        List<Double> crossings = new ArrayList<>();
        for (Line line : LINES) {
            double slope = line.silt() * way[1] + line.clay() * way[2];
            double points = slope == 0 ? -1 : (line.at() - line.of(at)) / slope;
            if (points >= 0 && points <= most) {
                crossings.add(points);
            }
        }
        crossings.sort(null);
        for (double points : crossings) {
            for (double past : new double[] {points, Math.min(most, points + HAIR)}) {
                TextureClass there = classOf(moved(at, way, past));
                if (there != here) {
                    return new Neighbour(there, points);
                }
            }
        }
        return null;
    }

    private static Shares moved(Shares at, double[] way, double points) {
        return new Shares(
                Math.max(0, at.sand() + way[0] * points),
                Math.max(0, at.silt() + way[1] * points),
                Math.max(0, at.clay() + way[2] * points));
    }
}
