package morphotera.decide.remedies;

import static morphotera.measure.Entry.option;

import java.util.List;
import java.util.Map;
import morphotera.decide.Remedy;
import morphotera.decide.sheets.CoverCrops;
import morphotera.ground.Decimal;
import morphotera.ground.Once;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.Grade;

/** Cover crops for what limits the soil, ranked from a table of how well each serves, what it bears and when it is sown. */
final class CoverCrop implements Remedy {
    private static final Description DESCRIPTION = Description.of("cover-crop", "Cover crop")
            .purpose("What to sow for what limits the soil")
            .grade(Grade.B)
            .fields(
                    Entry.words(
                            "limits",
                            "What limits",
                            1,
                            option("salt", "Salt", null),
                            option("compaction", "Compaction", null),
                            option("low-life", "Little life", null),
                            option("bare", "Bare ground", null),
                            option("acid", "Acid", null),
                            option("nitrogen", "Nitrogen", null)),
                    Entry.number("sowingMonth", "Month of sowing", null, 1, 12).counted(),
                    Entry.choice(
                            "hemisphere",
                            "Half of the world",
                            option("north", "North", null),
                            option("south", "South", null)))
            .from(Map.of(
                    "limits", List.of("causes.limits"),
                    "sowingMonth", List.of("day.month"),
                    "hemisphere", List.of("field.hemisphere")))
            .months(3, 4, 7, 8, 9)
            .cost(new Cost(70, "hectare of seed"))
            .effect("Cover in weeks, roots in a season, life in years.")
            .range("Cool to warm temperate land; local advice names the variety.")
            .source("A table of this product's own, meant to be edited")
            .cautions(
                    "Nitrate in drought-stressed brassicas and grasses, bloat on young legumes: ask before stock goes on.",
                    "On dry land it uses water: end it before the next crop needs it.")
            .watch("ground cover", "worms", "depth to the root limit")
            .example(Map.of("limits", List.of("compaction", "low-life"), "sowingMonth", 8, "hemisphere", "north"))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void calculate(Entered in, Draft out) {
        List<String> limits = Once.of(in.words("limits").stream());
        boolean south = in.word("hemisphere").equals("south");
        List<CoverCrops.Ranked> ranked = CoverCrops.rank(out.sheets(), limits, (int) in.number("sowingMonth"), south);
        out.say("crops", ranked);
        List<CoverCrops.Ranked> now =
                ranked.stream().filter(CoverCrops.Ranked::inSeason).toList();
        if (now.isEmpty()) {
            out.because("out-of-season", "Nothing that serves is sown this month; the list is for another.");
        } else {
            CoverCrops.Ranked best = now.get(0);
            out.because(
                    "best",
                    best.crop().replace('-', ' ') + " serves " + Decimal.show(best.servesPercent(), 0)
                            + " % of what is wanted and is sown this month.");
            if (best.caution() != null) {
                out.caution(best.caution());
            }
        }
    }
}
