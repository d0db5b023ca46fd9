package morphotera.measure;

import java.util.List;

/** Where a method finds its score: a yardstick of curves, known to this package only by what it does. */
public interface Curves {
    /** Scores x by the curve of that key, narrowed as far as the yardstick goes. */
    Placed place(String key, Narrowing narrowing, double x);

    /** Scores x by knots that are not the yardstick's own, such as a crop's. */
    Placed placeOn(String curve, String xMeaning, List<List<Double>> knots, double x);

    /** What may narrow a curve, in the order tried; null where it does not apply. */
    record Narrowing(String cropKind, String purpose, String preparation, String use, String textureGroup) {
        public static Narrowing of(Context context) {
            return new Narrowing(
                    "acid-loving".equals(context.crop()) ? context.crop() : null,
                    context.purpose(),
                    null,
                    context.use() == null ? null : context.use().word(),
                    context.texture() == null ? null : context.textureGroup().word());
        }

        /** The same, and by how the sample was prepared. */
        public Narrowing prepared(String how) {
            return new Narrowing(cropKind, purpose, how, use, textureGroup);
        }
    }

    /** Scores x by the curve of that key, narrowed by what is known of the field. */
    default Placed place(String key, Context context, double x) {
        return place(key, Narrowing.of(context), x);
    }

    /** A score with all that is needed to do it again by hand. */
    record Placed(
            String curve,
            String xMeaning,
            double x,
            double score,
            List<List<Double>> knots,
            String yardstick,
            int version) {}
}
