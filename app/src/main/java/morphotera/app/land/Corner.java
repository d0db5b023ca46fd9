package morphotera.app.land;

import java.util.List;
import morphotera.scout.Boundary;

/** A corner of an outline, WGS 84 degrees. */
public record Corner(double lat, double lon) {
    /** An outline as the core takes it. */
    static List<Boundary.Corner> boundary(List<Corner> corners) {
        return corners.stream()
                .map(corner -> new Boundary.Corner(corner.lat(), corner.lon()))
                .toList();
    }
}
