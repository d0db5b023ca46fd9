package morphotera.read;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.ground.Tree;
import morphotera.measure.Curves;

/** A named, versioned set of score curves, with the school that makes one number of the groups. */
public record Yardstick(String name, int version, School school, Map<String, Curve> curves) implements Curves {
    /** The shipped one's id, for those who name it. */
    public static final String SHIPPED_ID = "88a4ff40-ccb6-3767-b89b-86dfd1d7d0be";

    /** Reads a table of curves: {@code { name, version, curves: { key: { x, knots: [[x, score], …] } } }}. */
    public static Yardstick of(Object table, School school) {
        Tree tree = Tree.of(table);
        Tree curves = tree.at("curves");
        Map<String, Curve> byKey = new LinkedHashMap<>();
        for (String key : curves.map().keySet()) {
            List<List<Double>> knots = curves.at(key).at("knots").each(knot -> knot.each(Tree::number));
            byKey.put(key, new Curve(key, curves.at(key).at("x").text(), knots));
        }
        return new Yardstick(tree.at("name").text(), (int) tree.at("version").number(), school, byKey);
    }

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

    @Override
    public Placed placeOn(String curve, String xMeaning, List<List<Double>> knots, double x) {
        return new Placed(curve, xMeaning, x, new Curve(curve, xMeaning, knots).at(x), knots, name, version);
    }
}
