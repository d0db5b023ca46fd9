package morphotera.scout;

import java.util.List;
import net.sf.geographiclib.Geodesic;
import net.sf.geographiclib.PolygonArea;
import net.sf.geographiclib.PolygonResult;

/** A field's outline: three corners or more, WGS 84, not closed by repeating the first. Area is geodesic (Karney 2013). */
public record Boundary(List<Corner> corners) {
    private static final double M2_PER_HA = 10_000;

    public record Corner(double lat, double lon) {
        public Corner {
            if (!(Math.abs(lat) <= 90 && Math.abs(lon) <= 180)) {
                throw new IllegalArgumentException("not a place on earth: lat " + lat + ", lon " + lon);
            }
        }
    }

    public Boundary {
        if (corners.size() < 3) {
            throw new IllegalArgumentException("an outline needs three corners, had " + corners.size());
        }
        corners = List.copyOf(corners);
    }

    public double areaHa() {
        PolygonArea area = new PolygonArea(Geodesic.WGS84, false);
        corners.forEach(corner -> area.AddPoint(corner.lat(), corner.lon()));
        PolygonResult result = area.Compute();
        return Math.abs(result.area) / M2_PER_HA;
    }
}
