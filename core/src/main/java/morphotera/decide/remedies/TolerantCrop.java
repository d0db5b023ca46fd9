package morphotera.decide.remedies;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import morphotera.decide.Remedy;
import morphotera.decide.sheets.Sheet;
import morphotera.decide.sheets.Sheets;
import morphotera.ground.Decimal;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.Grade;
import morphotera.measure.SaltTable;

/** Crops that bear the ground as it is, by the salt table (Maas and Hoffman 1977): the yield each would keep. */
final class TolerantCrop implements Remedy {
    private static final double WORTH_SOWING_PERCENT = 90;

    private static final Description DESCRIPTION = Description.of("tolerant-crop", "A crop that bears it")
            .purpose("What still yields on the ground as it is")
            .grade(Grade.A)
            .fields(Entry.number("ece", "Salt, saturated paste", "dS/m", 0, 60))
            .from(Map.of("ece", List.of("salinity.rootZoneEce")))
            .months(2, 3, 8, 9)
            .cost(new Cost(0, "hectare"))
            .effect("The next crop.")
            .range("Salt as saturated paste; for wet, acid or limy ground local lists decide.")
            .source("Maas and Hoffman 1977")
            .cautions("It lives with the cause and does not mend it.", "Young plants bear less than the table says.")
            .watch("salinity", "plants")
            .example(Map.of("ece", 6.5))
            .build();

    /** A crop, the yield it would keep in percent, and where its yield begins to fall. */
    record Kept(String crop, double relativeYieldPercent, double fromDSPerM) {}

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void calculate(Entered in, Draft out) {
        double ece = in.number("ece");
        List<Kept> kept = new ArrayList<>();
        for (Sheet.Row row : out.sheets().sheet(Sheets.SALT).rows()) {
            SaltTable.Tolerance tolerance = out.sheets().bears(row.key());
            kept.add(new Kept(row.key(), tolerance.relativeYield(ece), tolerance.fromDSPerM()));
        }
        kept.sort(Comparator.comparingDouble((Kept one) -> -one.relativeYieldPercent())
                .thenComparingDouble(one -> -one.fromDSPerM())
                .thenComparing(Kept::crop));
        out.say("crops", List.copyOf(kept));
        long worth = kept.stream()
                .filter(one -> one.relativeYieldPercent() >= WORTH_SOWING_PERCENT)
                .count();
        out.because(
                "worth-sowing",
                worth == 0
                        ? "No crop of the table keeps 90 % at " + Decimal.show(ece, 1) + " dS/m."
                        : worth + " of " + kept.size() + " crops keep 90 % or more at " + Decimal.show(ece, 1)
                                + " dS/m.");
    }
}
