package morphotera.read;

import java.util.Map;
import morphotera.measure.Curves;

/** A named, versioned set of score curves, with the school that makes one number of the groups. */
public record Yardstick(String name, int version, School school, Map<String, Curve> curves) implements Curves {

    /** The curve of the key, narrowed by the first of crop kind, purpose, preparation, use, texture group that has one. */
    public Curve curve(String key, Narrowing by) {
        String[] narrowings = {by.cropKind(), by.purpose(), by.preparation(), by.use(), by.textureGroup()};
        for (String narrowing : narrowings) {
            Curve narrow = narrowing == null ? null : curves.get(key + "@" + narrowing);
            if (narrow != null) {
                return narrow;
            }
        }
        Curve widest = curves.get(key);
        if (widest == null) {
            throw new IllegalArgumentException(
                    "no curve '" + key + "' in yardstick '" + name + "' " + version + "; it has: " + curves.keySet());
        }
        return widest;
    }

    @Override
    public Placed place(String key, Narrowing narrowing, double x) {
        Curve curve = curve(key, narrowing);
        return new Placed(curve.key(), curve.xMeaning(), x, curve.at(x), curve.knots(), name, version);
    }
}
