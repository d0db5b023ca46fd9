package morphotera.measure.picture;

import java.util.List;

/** A picture as rows of pixels, red, green and blue in the last three bytes of each; places on it are shares of width and height. */
public record Pixels(int[] rgb, int width, int height) {
    /** A place, as shares from the left and from the top. */
    public record At(double x, double y) {}

    /** A pixel by its column and row; beyond the edge, the one at it. */
    int at(int column, int row) {
        int x = Math.max(0, Math.min(width - 1, column));
        int y = Math.max(0, Math.min(height - 1, row));
        return rgb[y * width + x];
    }

    int column(double share) {
        return (int) Math.max(0, Math.min(width - 1.0, Math.floor(share * width)));
    }

    int row(double share) {
        return (int) Math.max(0, Math.min(height - 1.0, Math.floor(share * height)));
    }

    /** Whether a place lies in a polygon; none given, everywhere. */
    static boolean inside(List<At> polygon, double x, double y) {
        if (polygon == null) {
            return true;
        }
        boolean inside = false;
        for (int i = 0, j = polygon.size() - 1; i < polygon.size(); j = i++) {
            At a = polygon.get(i);
            At b = polygon.get(j);
            if (a.y() > y != b.y() > y && x < (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y()) + a.x()) {
                inside = !inside;
            }
        }
        return inside;
    }
}
