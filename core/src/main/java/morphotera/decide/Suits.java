package morphotera.decide;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import morphotera.decide.sheets.CoverCrops;
import morphotera.decide.sheets.Sheets;
import morphotera.ground.Decimal;
import morphotera.ground.Nullable;
import morphotera.measure.SaltTable;

/**
 * What grows on the ground as it is: kinds of plants by how fast a hole drains, crops by salt and pH, cover crops by what limits
 * the soil and the month; with the test that would tell where something was not read.
 *
 * @param planting null where no hole was read
 * @param crops the best first; none where neither salt nor pH was read
 * @param limits what the cover crops were ranked for
 */
public record Suits(
        @Nullable Planting planting,
        @Nullable Double ece,
        @Nullable Double ph,
        List<Crop> crops,
        List<String> limits,
        List<CoverCrops.Ranked> covers,
        List<String> missing) {
    private static final double KEEPS_PERCENT = 90;

    /** Causes that a cover crop may serve, by the limit it is ranked for. */
    private static final Map<String, String> LIMITS = Map.ofEntries(
            Map.entry("salinity", "salt"),
            Map.entry("compacted-pan", "compaction"),
            Map.entry("compacted-surface", "compaction"),
            Map.entry("little-food-for-life", "low-life"),
            Map.entry("low-organic-matter", "low-life"),
            Map.entry("surface-sealing", "bare"),
            Map.entry("eroded-topsoil", "bare"),
            Map.entry("acid-topsoil", "acid"),
            Map.entry("acid-subsoil", "acid"),
            Map.entry("nutrient-shortage", "nitrogen"));

    /** Kinds of plants, not sorts, by the rate a hole falls at. */
    public record Planting(String word, double mmPerH, String text) {}

    /**
     * A crop on this ground.
     *
     * @param yieldPercent that the salt leaves; null where salt was not read or the table does not know the crop
     * @param phLow {@code phHigh}: the pH in water that it likes; null where the table does not know it
     * @param acidity {@code fits}, {@code too-acid} or {@code too-alkaline}; null likewise
     */
    public record Crop(
            String crop,
            @Nullable Double yieldPercent,
            @Nullable Double phLow,
            @Nullable Double phHigh,
            @Nullable String acidity,
            boolean suits,
            String why) {}

    static Suits of(Judgement judgement, Sheets sheets, int month, boolean south) {
        Facts facts = judgement.facts();
        Double rate = first(facts, "percolation-hole.standardRate");
        Double ece = first(facts, "laboratory.ece", "salinity.rootZoneEce");
        Double ph = first(facts, "laboratory.ph", "ph.topsoil");
        List<String> limits = limits(judgement);
        List<String> missing = new ArrayList<>();
        if (rate == null) {
            missing.add("percolation-hole");
        }
        if (ece == null) {
            missing.add("salinity");
        }
        if (ph == null) {
            missing.add("ph");
        }
        return new Suits(
                rate == null ? null : planting(rate),
                ece,
                ph,
                crops(sheets, ece, ph),
                limits,
                limits.isEmpty() ? List.of() : CoverCrops.rank(sheets, limits, month, south),
                missing);
    }

    private static @Nullable Double first(Facts facts, String... measures) {
        for (String measure : measures) {
            Optional<Facts.Best> best = facts.best(measure);
            if (best.isPresent()) {
                return best.get().value();
            }
        }
        return null;
    }

    private static Planting planting(double mmPerH) {
        if (mmPerH < 10) {
            return new Planting(
                    "wet-lovers-or-raised", mmPerH, "Sedges, willows, water mint; anything else on a raised bed.");
        }
        if (mmPerH < 25) {
            return new Planting(
                    "bears-wet-feet", mmPerH, "What bears wet feet: alder, currants, meadow grasses, astilbe.");
        }
        return mmPerH <= 100
                ? new Planting("most", mmPerH, "Most kinds: cereals, vegetables, fruit trees, shrubs.")
                : new Planting(
                        "bears-drought", mmPerH, "What bears drought: lavender, thyme, pines, deep-rooted herbs.");
    }

    private static List<Crop> crops(Sheets sheets, @Nullable Double ece, @Nullable Double ph) {
        if (ece == null && ph == null) {
            return List.of();
        }
        Set<String> names = new LinkedHashSet<>();
        sheets.sheet(Sheets.SALT).rows().forEach(row -> names.add(row.key()));
        sheets.sheet(Sheets.CROP_PH).rows().forEach(row -> names.add(row.key()));
        return names.stream()
                .map(name -> crop(sheets, name, ece, ph))
                .filter(one -> one.yieldPercent() != null || one.acidity() != null)
                .sorted(Comparator.comparing((Crop one) -> !one.suits())
                        .thenComparing(one -> one.yieldPercent() == null ? -KEEPS_PERCENT : -one.yieldPercent())
                        .thenComparing(Crop::crop))
                .toList();
    }

    private static Crop crop(Sheets sheets, String name, @Nullable Double ece, @Nullable Double ph) {
        SaltTable.Tolerance bears = sheets.bears(name);
        Double kept = ece == null || bears == null ? null : Double.valueOf(bears.relativeYield(ece));
        Map<String, Double> likes = sheets.sheet(Sheets.CROP_PH).row(name).orElse(null);
        Double low = likes == null ? null : likes.get("low");
        Double high = likes == null ? null : likes.get("high");
        String acidity = ph == null || low == null || high == null
                ? null
                : ph < low ? "too-acid" : ph > high ? "too-alkaline" : "fits";
        boolean suits = (kept == null || kept >= KEEPS_PERCENT) && (acidity == null || acidity.equals("fits"));
        List<String> why = new ArrayList<>();
        if (kept != null) {
            why.add(
                    kept >= 100
                            ? "salt takes nothing from it"
                            : "salt leaves it " + Decimal.show(kept, 0) + " % of its yield");
        }
        if (acidity != null) {
            why.add("it likes pH " + Decimal.show(low, 1) + " to " + Decimal.show(high, 1));
        }
        return new Crop(name, kept, low, high, acidity, suits, String.join("; ", why));
    }

    static List<String> limits(Judgement judgement) {
        Set<String> limits = new LinkedHashSet<>();
        for (Causes.Judged cause : judgement.causes()) {
            boolean called = cause.word() == Causes.Word.LIKELY || cause.word() == Causes.Word.POSSIBLE;
            String limit = LIMITS.get(cause.cause().id());
            if (called && limit != null) {
                limits.add(limit);
            }
        }
        return List.copyOf(limits);
    }
}
