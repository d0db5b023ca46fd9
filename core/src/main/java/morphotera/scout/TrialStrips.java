package morphotera.scout;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import morphotera.ground.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Strips on a field: blocks of one strip for each treatment side by side along a bearing, as long as there is room for, wholly
 * inside the margin and clear of what is avoided; the treatments shuffled within each block by a seed.
 *
 * @param strips none where there is no room for so many
 */
public record TrialStrips(List<Strip> strips) {
    private static final double SHORTEST_M = 20;
    private static final double STEP_M = 1;
    private static final double SHORTER = 0.9;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** @param polygon corners, the first not repeated */
    public record Strip(int treatment, int block, List<Boundary.Corner> polygon, List<Boundary.Corner> spots) {}

    /** Ground turned so that the strips run upward. */
    private record Turned(Plot field, AffineTransformation back, Geometry ground) {
        Boundary.Corner corner(double x, double y) {
            return field.corner(back.transform(new Coordinate(x, y), new Coordinate()));
        }
    }

    /** Room for a block: from the left by its width, from below by its length. */
    private record Room(double x, double from, double to) {}

    /**
     * @param bearingDeg degrees from north; null: the field's longest side
     * @param spots of each strip
     */
    public static TrialStrips place(
            Plot field,
            List<Plot> avoid,
            int treatments,
            int replicates,
            double stripM,
            double marginM,
            @Nullable Double bearingDeg,
            int spots,
            long seed) {
        double bearing = Math.toRadians(bearingDeg == null ? field.longestSideDeg() : bearingDeg);
        Turned turned = new Turned(
                field,
                AffineTransformation.rotationInstance(-bearing),
                AffineTransformation.rotationInstance(bearing).transform(field.inside(avoid, marginM)));
        double width = treatments * stripM;
        List<Room> columns = columns(turned.ground(), width);
        double longest =
                columns.stream().mapToDouble(one -> one.to() - one.from()).max().orElse(0);
        for (double length = longest; length >= SHORTEST_M; length *= SHORTER) {
            List<Room> rooms = rooms(columns, width, length);
            if (rooms.size() >= replicates) {
                return new TrialStrips(
                        strips(turned, rooms.subList(0, replicates), length, treatments, stripM, spots, seed));
            }
        }
        return new TrialStrips(List.of());
    }

    /** For each place across the field, the free lengths of ground as wide as a block. */
    private static List<Room> columns(Geometry ground, double width) {
        Envelope box = ground.getEnvelopeInternal();
        List<Room> columns = new ArrayList<>();
        for (double x = box.getMinX(); x + width <= box.getMaxX() + 1e-9; x += STEP_M) {
            Envelope across = new Envelope(x, x + width, box.getMinY(), box.getMaxY());
            Geometry bad = FACTORY.toGeometry(across).difference(ground);
            List<double[]> taken = new ArrayList<>();
            for (int i = 0; i < bad.getNumGeometries(); i++) {
                Envelope part = bad.getGeometryN(i).getEnvelopeInternal();
                // A sliver along an edge that runs with the strip is none of it.
                if (part.getWidth() > 1e-6) {
                    taken.add(new double[] {part.getMinY(), part.getMaxY()});
                }
            }
            taken.sort((a, b) -> Double.compare(a[0], b[0]));
            double from = box.getMinY();
            for (double[] one : taken) {
                if (one[0] - from >= SHORTEST_M) {
                    columns.add(new Room(x, from, one[0]));
                }
                from = Math.max(from, one[1]);
            }
            if (box.getMaxY() - from >= SHORTEST_M) {
                columns.add(new Room(x, from, box.getMaxY()));
            }
        }
        return columns;
    }

    /** Blocks of one length from the left, none over another. */
    private static List<Room> rooms(List<Room> columns, double width, double length) {
        List<Room> rooms = new ArrayList<>();
        for (Room column : columns) {
            for (double from = column.from(); from + length <= column.to() + 1e-9; from += length) {
                Room room = new Room(column.x(), from, from + length);
                boolean free = rooms.stream()
                        .noneMatch(one -> one.x() + width > room.x() + 1e-9
                                && one.from() < room.to() - 1e-9
                                && room.from() < one.to() - 1e-9);
                if (free) {
                    rooms.add(room);
                }
            }
        }
        return rooms;
    }

    private static List<Strip> strips(
            Turned turned, List<Room> rooms, double length, int treatments, double stripM, int spots, long seed) {
        Random chance = new Random(seed);
        List<Strip> strips = new ArrayList<>();
        for (int block = 0; block < rooms.size(); block++) {
            List<Integer> order = new ArrayList<>();
            for (int i = 0; i < treatments; i++) {
                order.add(i);
            }
            Collections.shuffle(order, chance);
            Room room = rooms.get(block);
            for (int i = 0; i < treatments; i++) {
                double left = room.x() + i * stripM;
                double top = room.from() + length;
                List<Boundary.Corner> along = new ArrayList<>();
                for (int spot = 0; spot < spots; spot++) {
                    along.add(turned.corner(left + stripM / 2, room.from() + length * (spot + 0.5) / spots));
                }
                strips.add(new Strip(
                        order.get(i),
                        block,
                        List.of(
                                turned.corner(left, room.from()),
                                turned.corner(left + stripM, room.from()),
                                turned.corner(left + stripM, top),
                                turned.corner(left, top)),
                        along));
            }
        }
        return strips;
    }
}
