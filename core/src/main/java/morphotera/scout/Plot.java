package morphotera.scout;

import java.util.ArrayList;
import java.util.List;
import morphotera.ground.Decimal;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.operation.valid.IsValidOp;
import org.locationtech.jts.operation.valid.TopologyValidationError;

/** Ground with an edge, and perhaps holes, laid flat in metres about its middle: true to a thousandth over a few kilometres. */
public final class Plot {
    private static final double LARGEST_HA = 5000;
    private static final double SMALLEST_HA = 0.0005;
    private static final double M2_PER_HA = 10_000;
    /** So many cells for a spot at the least, so that a group has a middle; and no more than can be looked at in a moment. */
    private static final int CELLS = 2500;

    private static final int FEWEST_FOR_A_SPOT = 60;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final Flat flat;
    private final Polygon polygon;
    private final double areaHa;

    /** Metres east and north of a place. */
    private record Flat(double lat, double lon, double perLat, double perLon) {
        static Flat about(double lat, double lon) {
            double sine = Math.sin(Math.toRadians(lat));
            double bent = 1 - 0.00669437999014 * sine * sine;
            double perLat = Math.toRadians(1) * 6_378_137 * (1 - 0.00669437999014) / (bent * Math.sqrt(bent));
            double perLon = Math.toRadians(1) * 6_378_137 / Math.sqrt(bent) * Math.cos(Math.toRadians(lat));
            return new Flat(lat, lon, perLat, perLon);
        }

        Coordinate of(Boundary.Corner corner) {
            return new Coordinate((corner.lon() - lon) * perLon, (corner.lat() - lat) * perLat);
        }

        Boundary.Corner back(Coordinate at) {
            return new Boundary.Corner(lat + at.y / perLat, lon + at.x / perLon);
        }
    }

    private Plot(Flat flat, List<List<Boundary.Corner>> rings) {
        this.flat = flat;
        this.polygon = FACTORY.createPolygon(
                ring(rings.get(0)), rings.stream().skip(1).map(this::ring).toArray(LinearRing[]::new));
        double area = new Boundary(rings.get(0)).areaHa();
        for (List<Boundary.Corner> hole : rings.subList(1, rings.size())) {
            area -= new Boundary(hole).areaHa();
        }
        this.areaHa = area;
    }

    private LinearRing ring(List<Boundary.Corner> corners) {
        Coordinate[] points = new Coordinate[corners.size() + 1];
        for (int i = 0; i < corners.size(); i++) {
            points[i] = flat.of(corners.get(i));
        }
        points[corners.size()] = points[0];
        return FACTORY.createLinearRing(points);
    }

    /**
     * A field.
     *
     * @param rings the edge, then holes; corners not repeated at the end
     * @throws Refused where it crosses itself (with the place), or is too small or large, or crosses the date line
     */
    public static Plot field(String path, List<List<Boundary.Corner>> rings) {
        Plot plot = new Plot(middle(path, rings.get(0)), rings);
        plot.refuseBroken(path);
        if (plot.areaHa > LARGEST_HA) {
            throw refused(
                    path,
                    "too-large",
                    "A field has " + Decimal.show(LARGEST_HA, 0) + " ha at most; this has "
                            + Decimal.show(plot.areaHa, 0) + ".");
        }
        if (plot.areaHa < SMALLEST_HA) {
            throw refused(path, "too-small", "This outline has under 5 m²: are its corners right?");
        }
        return plot;
    }

    /** A place inside or beside this ground, such as a track. */
    public Plot part(String path, List<List<Boundary.Corner>> rings) {
        Plot part = new Plot(flat, rings);
        part.refuseBroken(path);
        return part;
    }

    private static Flat middle(String path, List<Boundary.Corner> edge) {
        double south = 90;
        double north = -90;
        double west = 180;
        double east = -180;
        for (Boundary.Corner corner : edge) {
            south = Math.min(south, corner.lat());
            north = Math.max(north, corner.lat());
            west = Math.min(west, corner.lon());
            east = Math.max(east, corner.lon());
        }
        if (east - west > 180) {
            throw refused(path, "date-line", "This outline lies over the date line: draw its two sides as two fields.");
        }
        return Flat.about((south + north) / 2, (west + east) / 2);
    }

    private void refuseBroken(String path) {
        TopologyValidationError fault = new IsValidOp(polygon).getValidationError();
        if (fault != null) {
            Boundary.Corner at = flat.back(fault.getCoordinate());
            throw refused(
                    path,
                    "crosses-itself",
                    "The outline crosses or touches itself at " + Decimal.show(at.lat(), 6) + ", "
                            + Decimal.show(at.lon(), 6) + ": move the corners there.");
        }
    }

    /** What is left inside a margin from the edge and outside the places to avoid. */
    Geometry inside(List<Plot> avoid, double marginM) {
        Geometry left = polygon.buffer(-marginM);
        if (left.isEmpty()) {
            throw refused(
                    "/marginM",
                    "margin-too-wide",
                    "A margin of " + Decimal.show(marginM, 1) + " m leaves nothing of this field: make it narrower.");
        }
        for (Plot one : avoid) {
            left = left.difference(one.polygon);
        }
        if (left.getArea() < 1) {
            throw refused("/avoid", "nothing-left", "The places to avoid cover all of the field.");
        }
        return left;
    }

    /** The middles of a fine square grid's cells that lie on allowed ground. */
    List<Coordinate> cells(Geometry allowed, int n) {
        double side = Math.sqrt(allowed.getArea() / Math.max(CELLS, n * FEWEST_FOR_A_SPOT));
        PreparedGeometry ground = PreparedGeometryFactory.prepare(allowed);
        Envelope box = allowed.getEnvelopeInternal();
        List<Coordinate> cells = new ArrayList<>();
        for (double y = box.getMinY() + side / 2; y < box.getMaxY(); y += side) {
            for (double x = box.getMinX() + side / 2; x < box.getMaxX(); x += side) {
                Coordinate cell = new Coordinate(x, y);
                if (ground.contains(FACTORY.createPoint(cell))) {
                    cells.add(cell);
                }
            }
        }
        return cells;
    }

    Polygon polygon() {
        return polygon;
    }

    Coordinate at(Boundary.Corner corner) {
        return flat.of(corner);
    }

    Boundary.Corner corner(Coordinate at) {
        return flat.back(at);
    }

    /** Whether a place lies on it, its edge included. */
    public boolean contains(Boundary.Corner corner) {
        return polygon.intersects(FACTORY.createPoint(flat.of(corner)));
    }

    /**
     * One edge around parts that touch.
     *
     * @throws Refused where they lie apart, or a part crosses itself
     */
    public static List<Boundary.Corner> joined(String path, List<List<Boundary.Corner>> parts) {
        if (parts.size() == 1) {
            return parts.get(0);
        }
        Plot first = field(path, List.of(parts.get(0)));
        Geometry all = first.polygon;
        for (List<Boundary.Corner> part : parts.subList(1, parts.size())) {
            all = all.union(first.part(path, List.of(part)).polygon);
        }
        if (!(all instanceof Polygon whole) || whole.getNumInteriorRing() > 0) {
            throw refused(
                    path, "apart", "Its parts lie apart or leave a hole between them: make each a field of its own.");
        }
        Coordinate[] edge = whole.getExteriorRing().getCoordinates();
        List<Boundary.Corner> corners = new ArrayList<>();
        for (int i = 0; i < edge.length - 1; i++) {
            corners.add(first.flat.back(edge[i]));
        }
        return List.copyOf(corners);
    }

    /** The bearing of its longest side, degrees from north, 0 to 180. */
    double longestSideDeg() {
        Coordinate[] edge = polygon.getExteriorRing().getCoordinates();
        double longest = 0;
        double bearing = 0;
        for (int i = 1; i < edge.length; i++) {
            double length = edge[i].distance(edge[i - 1]);
            if (length > longest) {
                longest = length;
                bearing = Math.toDegrees(Math.atan2(edge[i].x - edge[i - 1].x, edge[i].y - edge[i - 1].y));
            }
        }
        return (bearing % 180 + 180) % 180;
    }

    public double areaHa() {
        return areaHa;
    }

    private static Refused refused(String path, String code, String text) {
        return new Refused(List.of(new Refusal(path, code, text)));
    }
}
