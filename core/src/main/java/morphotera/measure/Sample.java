package morphotera.measure;

import java.util.List;
import java.util.Map;
import morphotera.ground.Nullable;

/**
 * Soil of several spots mixed and carried: what its readings tell is the zone's one value. How it was kept on the way, and what
 * was spread just before, decide what of it still counts.
 *
 * @param takenHour hours since one instant, the same for all; {@code cooledHour}, {@code handedOverHour} null: not done
 * @param justDressed {@value #LIME}, {@value #FERTILISER}: what was spread so shortly before that it is found again
 */
public record Sample(
        String id,
        String zoneId,
        String label,
        double takenHour,
        @Nullable Double cooledHour,
        @Nullable Double handedOverHour,
        List<String> justDressed) {

    public static final String LIME = "lime";
    public static final String FERTILISER = "fertiliser";

    private static final double COOLED_WITHIN_H = 4;
    private static final double KEPT_AT_MOST_H = 48;
    private static final int LIME_WEEKS = 12;
    private static final int FERTILISER_WEEKS = 6;
    private static final int DAYS = 7;

    private static final String KEPT_LONG = "kept-long";
    private static final String KEPT_WARM = "kept-warm";
    private static final String JUST_DRESSED = "just-dressed";

    /** By method, the results that go on changing in the bag. */
    private static final Map<String, List<String>> PERISHES = Map.of(
            "laboratory", List.of("microbialShare"),
            "nutrient-kit", List.of("n", "nScore"),
            "microbial-mass", List.of("microgramsCPerG", Evaluation.SCORE),
            "respiration", List.of("at20C", Evaluation.SCORE));

    /** By what was spread and by method, the results that it is found again in. */
    private static final Map<String, Map<String, List<String>>> DRESSED = Map.of(
            LIME, Map.of("laboratory", List.of("ph", Evaluation.SCORE)),
            FERTILISER,
                    Map.of(
                            "laboratory",
                            List.of("p", "k", Evaluation.SCORE),
                            "nutrient-kit",
                            List.of("n", "p", "k", "nScore", "pScore", "kScore", "lowest", Evaluation.SCORE)));

    /** Whether something done so many days before a sample was taken counts as spread just before; null: it does not. */
    public static @Nullable String dressing(String kind, long daysBefore) {
        if (daysBefore < 0) {
            return null;
        }
        return switch (kind) {
            case "lime" -> daysBefore <= LIME_WEEKS * DAYS ? LIME : null;
            case "nitrogen", "manure" -> daysBefore <= FERTILISER_WEEKS * DAYS ? FERTILISER : null;
            default -> null;
        };
    }

    /** Puts into a context how it was kept and what was spread before. */
    void tell(Map<String, Object> context) {
        context.put("sampleHours", handedOverHour == null ? null : handedOverHour - takenHour);
        context.put("sampleWarm", warm());
        context.put("justDressed", justDressed);
    }

    /** Null while it is neither cooled nor handed over. */
    private @Nullable Boolean warm() {
        Double until = cooledHour == null ? handedOverHour : cooledHour;
        return until == null ? null : until - takenHour > COOLED_WITHIN_H;
    }

    /** Flags a result by how its sample was kept; a warning where what was read goes on changing in the bag. */
    static void flag(Context known, Entered entered, Evaluation.Draft out) {
        List<String> perish = perishes(out.method(), entered, out);
        if (known.sampleHours() != null && known.sampleHours() > KEPT_AT_MOST_H) {
            out.flag(
                    KEPT_LONG,
                    perish,
                    perish.isEmpty()
                            ? "The sample was on its way for over two days: nitrate and life change in that time, the rest keeps."
                            : "The sample was on its way for over two days: what changes in the bag is shown and is no evidence.");
        }
        if (Boolean.TRUE.equals(known.sampleWarm())) {
            out.flag(
                    KEPT_WARM,
                    perish,
                    perish.isEmpty()
                            ? "The sample was not cooled within four hours: nitrate and life change in that time, the rest keeps."
                            : "The sample was not cooled within four hours: what changes in the bag is shown and is no evidence.");
        }
        for (String dressing : known.justDressed()) {
            List<String> touched = DRESSED.get(dressing).getOrDefault(out.method(), List.of());
            if (!touched.isEmpty()) {
                out.flag(
                        JUST_DRESSED,
                        touched,
                        dressing.equals(LIME)
                                ? "Limed within 12 weeks before: the lime itself is found, and pH is no evidence."
                                : "Dressed within 6 weeks before: the dressing itself is found, and what was in it is no evidence.");
            }
        }
    }

    private static List<String> perishes(String method, Entered entered, Evaluation.Draft out) {
        boolean dried = method.equals("respiration") && !entered.word("prep").equals("field-moist");
        return dried
                ? List.of()
                : PERISHES.getOrDefault(method, List.of()).stream()
                        .filter(out::has)
                        .toList();
    }
}
