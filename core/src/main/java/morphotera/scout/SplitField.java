package morphotera.scout;

import java.util.ArrayList;
import java.util.List;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/**
 * A field cut in two along a line. The part with the gate stays the field, or the larger one where no gate is known.
 *
 * @param stays corners of the part that keeps the field's name; {@code goes}: of the one that becomes a field of its own
 */
public record SplitField(List<Boundary.Corner> stays, List<Boundary.Corner> goes) {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    /**
     * @param line two corners or more across the field; an end that stops short of the edge is carried on to it
     * @throws Refused where it does not cut the field in just two
     */
    public static SplitField along(
            String path, Plot field, List<Boundary.Corner> line, @Nullable Boundary.Corner gate) {
        Polygon whole = field.polygon();
        LineString edge = whole.getExteriorRing();
        Polygonizer cut = new Polygonizer();
        cut.add(edge.union(FACTORY.createLineString(carriedOn(field, line))));
        List<Polygon> parts = new ArrayList<>();
        for (Object one : cut.getPolygons()) {
            Polygon part = (Polygon) one;
            if (whole.contains(part.getInteriorPoint())) {
                parts.add(part);
            }
        }
        if (parts.size() != 2) {
            String found = parts.size() < 2 ? "does not cut it" : "cuts it into " + parts.size() + " parts";
            throw new Refused(List.of(new Refusal(
                    path,
                    "not-in-two",
                    "A field is split in two: this line " + found + ". Draw it across from edge to edge, once.")));
        }
        parts.sort((a, b) -> Double.compare(b.getArea(), a.getArea()));
        if (gate != null && nearer(field.at(gate), parts.get(1), parts.get(0))) {
            parts.add(parts.remove(0));
        }
        return new SplitField(corners(field, parts.get(0)), corners(field, parts.get(1)));
    }

    private static boolean nearer(Coordinate gate, Geometry one, Geometry other) {
        Geometry point = FACTORY.createPoint(gate);
        return one.distance(point) < other.distance(point);
    }

    private static Coordinate[] carriedOn(Plot field, List<Boundary.Corner> line) {
        Coordinate[] along = line.stream().map(field::at).toArray(Coordinate[]::new);
        int last = along.length - 1;
        along[0] = carriedOn(field.polygon(), along[1], along[0]);
        along[last] = carriedOn(field.polygon(), along[last - 1], along[last]);
        return along;
    }

    /** An end inside goes on in its direction, out of the field. */
    private static Coordinate carriedOn(Polygon whole, Coordinate from, Coordinate end) {
        double length = from.distance(end);
        if (length == 0 || !whole.contains(FACTORY.createPoint(end))) {
            return end;
        }
        double far = whole.getEnvelopeInternal().getDiameter() / length;
        return new Coordinate(end.x + (end.x - from.x) * far, end.y + (end.y - from.y) * far);
    }

    /** What of a place lies in a part of the field: none, one edge, or several where the cut goes through it more than once. */
    public static List<List<Boundary.Corner>> of(Plot place, Plot part) {
        Geometry shared = place.polygon().intersection(part.polygon());
        List<List<Boundary.Corner>> edges = new ArrayList<>();
        for (int i = 0; i < shared.getNumGeometries(); i++) {
            if (shared.getGeometryN(i) instanceof Polygon one && one.getArea() > 1) {
                edges.add(corners(part, one));
            }
        }
        return edges;
    }

    private static List<Boundary.Corner> corners(Plot field, Polygon part) {
        Coordinate[] edge = part.getExteriorRing().getCoordinates();
        List<Boundary.Corner> corners = new ArrayList<>();
        for (int i = 0; i < edge.length - 1; i++) {
            corners.add(field.corner(edge[i]));
        }
        return List.copyOf(corners);
    }
}
