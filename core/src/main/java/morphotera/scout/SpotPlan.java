package morphotera.scout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import morphotera.ground.Chance;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;

/**
 * Where to stand so that a few spots speak for a field.
 *
 * @param spots in walking order from the gate
 * @param pathM the walk from the gate through all of them
 * @param farthestM from the allowed place that is farthest from any spot
 */
public record SpotPlan(List<Boundary.Corner> spots, double pathM, double farthestM, double areaHa) {
    public static final int MOST = 30;
    public static final double MARGIN_M = 15;
    private static final int STARTS = 24;
    private static final int ROUNDS = 40;
    private static final int STROKES = 4;
    /** A mean that moves less has come to rest. */
    private static final double STILL_M = 0.2;

    /** How spots are spread: each part near one, along a straight line, or along a zigzag. */
    public enum Way implements Coded {
        SPREAD,
        LINE,
        WALK
    }

    /** @param gate null: the walk begins at the first spot */
    public static SpotPlan place(
            Plot plot, List<Plot> avoid, int n, double marginM, Way way, long seed, @Nullable Boundary.Corner gate) {
        Geometry allowed = plot.inside(avoid, marginM);
        List<Coordinate> cells = plot.cells(allowed, n);
        if (cells.size() < n) {
            throw new Refused(List.of(new Refusal(
                    "/n",
                    "no-room",
                    "There is room for " + cells.size() + " spots inside the margin, not for " + n + ".")));
        }
        List<Coordinate> at = switch (way) {
            case SPREAD -> spread(cells, n, seed);
            case LINE -> along(allowed, transect(allowed), n);
            case WALK -> along(allowed, zigzag(allowed), n);
        };
        List<Coordinate> ordered = ordered(plot, at, gate);
        double farthest = 0;
        for (Coordinate cell : cells) {
            farthest = Math.max(farthest, nearest(cell, at));
        }
        return new SpotPlan(
                ordered.stream().map(plot::corner).toList(), path(plot, ordered, gate), farthest, plot.areaHa());
    }

    /** Compact groups of cells about their means (Lloyd 1982) from seeded starts; the start with the nearest farthest cell is kept. */
    private static List<Coordinate> spread(List<Coordinate> cells, int n, long seed) {
        Chance chance = new Chance(seed);
        List<Coordinate> best = List.of();
        double least = Double.MAX_VALUE;
        for (int start = 0; start < STARTS; start++) {
            List<Coordinate> spots = inCells(cells, grouped(cells, apart(cells, n, chance)));
            double farthest = 0;
            for (Coordinate cell : cells) {
                farthest = Math.max(farthest, nearest(cell, spots));
                // No better than the best so far: the next start.
                if (farthest >= least) {
                    break;
                }
            }
            if (farthest < least) {
                least = farthest;
                best = spots;
            }
        }
        return best;
    }

    /** First places far apart from one another (Arthur and Vassilvitskii 2007). */
    private static List<Coordinate> apart(List<Coordinate> cells, int n, Chance chance) {
        List<Coordinate> chosen = new ArrayList<>();
        chosen.add(cells.get((int) (chance.nextDouble() * cells.size())));
        double[] near = new double[cells.size()];
        Arrays.fill(near, Double.MAX_VALUE);
        while (chosen.size() < n) {
            double sum = 0;
            Coordinate last = chosen.get(chosen.size() - 1);
            for (int i = 0; i < near.length; i++) {
                double distance = cells.get(i).distance(last);
                near[i] = Math.min(near[i], distance * distance);
                sum += near[i];
            }
            double at = chance.nextDouble() * sum;
            int i = 0;
            while (i < near.length - 1 && (at -= near[i]) > 0) {
                i++;
            }
            chosen.add(cells.get(i));
        }
        return chosen;
    }

    private static List<Coordinate> grouped(List<Coordinate> cells, List<Coordinate> first) {
        int n = first.size();
        double[] meanX = first.stream().mapToDouble(Coordinate::getX).toArray();
        double[] meanY = first.stream().mapToDouble(Coordinate::getY).toArray();
        double[] cellX = cells.stream().mapToDouble(Coordinate::getX).toArray();
        double[] cellY = cells.stream().mapToDouble(Coordinate::getY).toArray();
        double moved = Double.MAX_VALUE;
        for (int round = 0; round < ROUNDS && moved > STILL_M; round++) {
            double[] x = new double[n];
            double[] y = new double[n];
            int[] many = new int[n];
            for (int i = 0; i < cellX.length; i++) {
                int group = 0;
                double least = Double.MAX_VALUE;
                for (int k = 0; k < n; k++) {
                    double dx = cellX[i] - meanX[k];
                    double dy = cellY[i] - meanY[k];
                    double square = dx * dx + dy * dy;
                    if (square < least) {
                        least = square;
                        group = k;
                    }
                }
                x[group] += cellX[i];
                y[group] += cellY[i];
                many[group]++;
            }
            moved = 0;
            for (int k = 0; k < n; k++) {
                if (many[k] > 0) {
                    moved = Math.max(moved, Math.hypot(x[k] / many[k] - meanX[k], y[k] / many[k] - meanY[k]));
                    meanX[k] = x[k] / many[k];
                    meanY[k] = y[k] / many[k];
                }
            }
        }
        List<Coordinate> means = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            means.add(new Coordinate(meanX[k], meanY[k]));
        }
        return means;
    }

    /** The cell nearest to each mean, none twice. */
    private static List<Coordinate> inCells(List<Coordinate> cells, List<Coordinate> means) {
        List<Coordinate> spots = new ArrayList<>();
        for (Coordinate mean : means) {
            Coordinate best = null;
            double least = Double.MAX_VALUE;
            for (Coordinate cell : cells) {
                double distance = cell.distance(mean);
                if (distance < least && !spots.contains(cell)) {
                    least = distance;
                    best = cell;
                }
            }
            spots.add(best);
        }
        return spots;
    }

    private static int nearestOf(Coordinate cell, List<Coordinate> spots) {
        int nearest = 0;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < spots.size(); i++) {
            double dx = cell.x - spots.get(i).x;
            double dy = cell.y - spots.get(i).y;
            if (dx * dx + dy * dy < least) {
                least = dx * dx + dy * dy;
                nearest = i;
            }
        }
        return nearest;
    }

    private static double nearest(Coordinate cell, List<Coordinate> spots) {
        return cell.distance(spots.get(nearestOf(cell, spots)));
    }

    /** The long axis of the ground, through its middle. */
    private static Coordinate[] transect(Geometry allowed) {
        Rectangle box = Rectangle.around(allowed);
        return new Coordinate[] {box.at(0, 0.5), box.at(1, 0.5)};
    }

    /** From one long side to the other and back, along the ground. */
    private static Coordinate[] zigzag(Geometry allowed) {
        Rectangle box = Rectangle.around(allowed);
        Coordinate[] corners = new Coordinate[STROKES + 1];
        for (int i = 0; i <= STROKES; i++) {
            corners[i] = box.at((double) i / STROKES, i % 2 == 0 ? 0 : 1);
        }
        return corners;
    }

    /** Equal steps along what of the line lies on allowed ground, half a step in from its ends. */
    private static List<Coordinate> along(Geometry allowed, Coordinate[] line, int n) {
        GeometryFactory factory = allowed.getFactory();
        List<LineString> pieces = new ArrayList<>();
        double length = 0;
        for (int i = 0; i + 1 < line.length; i++) {
            Geometry part = factory.createLineString(new Coordinate[] {line[i], line[i + 1]})
                    .intersection(allowed);
            List<LineString> strokes = new ArrayList<>();
            for (int k = 0; k < part.getNumGeometries(); k++) {
                if (part.getGeometryN(k) instanceof LineString piece && piece.getLength() > 0) {
                    strokes.add(piece);
                }
            }
            Coordinate from = line[i];
            strokes.sort(Comparator.comparingDouble(
                    piece -> Math.min(from.distance(piece.getCoordinateN(0)), from.distance(end(piece)))));
            for (LineString piece : strokes) {
                boolean turned = from.distance(end(piece)) < from.distance(piece.getCoordinateN(0));
                pieces.add(turned ? piece.reverse() : piece);
                length += piece.getLength();
            }
        }
        List<Coordinate> spots = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double left = length * (i + 0.5) / n;
            for (LineString piece : pieces) {
                if (left <= piece.getLength()) {
                    double share = left / piece.getLength();
                    Coordinate a = piece.getCoordinateN(0);
                    Coordinate b = end(piece);
                    spots.add(new Coordinate(a.x + share * (b.x - a.x), a.y + share * (b.y - a.y)));
                    break;
                }
                left -= piece.getLength();
            }
        }
        return spots;
    }

    private static Coordinate end(LineString piece) {
        return piece.getCoordinateN(piece.getNumPoints() - 1);
    }

    private static List<Coordinate> ordered(Plot plot, List<Coordinate> spots, @Nullable Boundary.Corner gate) {
        int n = spots.size();
        double[][] metres = new double[n + 1][n + 1];
        for (int a = 0; a < n; a++) {
            for (int b = 0; b < n; b++) {
                metres[a][b] = spots.get(a).distance(spots.get(b));
            }
            double way = gate == null ? 0 : plot.at(gate).distance(spots.get(a));
            metres[a][n] = way;
            metres[n][a] = way;
        }
        List<Coordinate> ordered = new ArrayList<>();
        for (int i : Walk.from(metres)) {
            ordered.add(spots.get(i));
        }
        return ordered;
    }

    private static double path(Plot plot, List<Coordinate> ordered, @Nullable Boundary.Corner gate) {
        double path = 0;
        Coordinate at = gate == null ? ordered.get(0) : plot.at(gate);
        for (Coordinate next : ordered) {
            path += at.distance(next);
            at = next;
        }
        return path;
    }

    /** The least rectangle around the ground: a long side from (0, 0) to (1, 0). */
    private record Rectangle(Coordinate origin, Coordinate longSide, Coordinate shortSide) {
        static Rectangle around(Geometry ground) {
            Coordinate[] box = org.locationtech.jts.algorithm.MinimumAreaRectangle.getMinimumRectangle(ground)
                    .getCoordinates();
            boolean first = box[0].distance(box[1]) >= box[1].distance(box[2]);
            return first ? new Rectangle(box[0], box[1], box[3]) : new Rectangle(box[1], box[2], box[0]);
        }

        Coordinate at(double along, double across) {
            return new Coordinate(
                    origin.x + along * (longSide.x - origin.x) + across * (shortSide.x - origin.x),
                    origin.y + along * (longSide.y - origin.y) + across * (shortSide.y - origin.y));
        }
    }
}
