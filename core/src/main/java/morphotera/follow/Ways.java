package morphotera.follow;

import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import morphotera.ground.Nullable;
import morphotera.measure.Evaluation;
import morphotera.measure.Taken;
import morphotera.read.Curve;

/** How a reading was made, as far as it decides what it may be held against. */
final class Ways {
    private Ways() {}

    /** Dry crumbs never compare with moist ones, field-moist soil never with rewetted. */
    @Nullable
    static String preparation(Taken taken) {
        return word(taken, "crumbState") != null ? word(taken, "crumbState") : word(taken, "prep");
    }

    /** Card or meter, which cone, which mixture, which water: what is named where it differs. */
    @Nullable
    static String way(Taken taken, Unlike.Code code) {
        return switch (code) {
            case INSTRUMENT ->
                word(taken, "cone") != null
                        ? word(taken, "cone")
                        : bases(taken).contains("card") ? "card" : meter(taken);
            case BASIS ->
                word(taken, "ratio") != null
                        ? word(taken, "ratio")
                        : word(taken, "rateRule") != null ? word(taken, "rateRule") : liquid(taken);
            case WATER -> word(taken, "water");
            case VARIANT -> taken.cell().variant();
            case YARDSTICK -> taken.yardstick();
            case SEASON, MOISTURE, PEOPLE -> null;
        };
    }

    private static @Nullable String meter(Taken taken) {
        return bases(taken).isEmpty() ? null : "meter";
    }

    private static @Nullable String liquid(Taken taken) {
        TreeSet<String> liquids = new TreeSet<>(bases(taken));
        liquids.remove("card");
        return liquids.isEmpty() ? null : String.join(" and ", liquids);
    }

    private static List<String> bases(Taken taken) {
        return taken.entered().get("points") instanceof List<?> points
                ? points.stream()
                        .filter(Map.class::isInstance)
                        .map(point -> ((Map<?, ?>) point).get("basis"))
                        .filter(String.class::isInstance)
                        .map(String.class::cast)
                        .toList()
                : List.of();
    }

    private static @Nullable String word(Taken taken, String key) {
        return taken.entered().get(key) instanceof String word ? word : null;
    }

    /** The pack that a card is of, where it was written down. */
    @Nullable
    static String pack(Taken taken) {
        String pack = word(taken, "pack");
        return pack == null || pack.isBlank() ? null : pack.strip();
    }

    /** What the instrument's own error may put the score out by, as a standard deviation in points: a range over √12. */
    static double instrumentError(Taken taken) {
        Evaluation evaluation = taken.evaluation();
        if (evaluation.placed() == null) {
            return 0;
        }
        double x = evaluation.placed().x();
        double plusMinus = 0;
        for (Evaluation.Measure measure : evaluation.measures()) {
            if (measure.plusMinus() != null && measure.value() != null && measure.value() == x) {
                plusMinus = measure.plusMinus();
            }
        }
        Curve curve = new Curve(
                evaluation.placed().curve(),
                evaluation.placed().xMeaning(),
                evaluation.placed().knots());
        return curve.rangeOver(x - plusMinus, x + plusMinus) / (2 * Math.sqrt(3));
    }
}
