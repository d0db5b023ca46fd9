package morphotera.decide.remedies;

import static morphotera.measure.Entry.option;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import morphotera.decide.Remedy;
import morphotera.ground.Decimal;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.Grade;

/** Cover crops for what limits the soil, ranked from a table of how well each serves, what it bears and when it is sown. */
final class CoverCrop implements Remedy {
    /** What a cover crop may be wanted for, in the order of the table's columns. */
    private static final List<String> LIMITS = List.of("salt", "compaction", "low-life", "bare", "acid", "nitrogen");

    /** One crop: months it is sown in the northern half of the world, and 0 (useless or harmed) to 3 (best) for each limit. */
    private record Crop(String name, int from, int to, List<Integer> serves, String caution) {
        boolean isSownIn(int month) {
            return from <= to ? month >= from && month <= to : month >= from || month <= to;
        }
    }

    /** salt, compaction, low life, bare, acid, nitrogen. A first judgement from common guides, meant to be edited. */
    private static final List<Crop> TABLE = List.of(
            new Crop("barley", 8, 10, List.of(3, 1, 1, 3, 1, 0), "Awns for stock when ripe."),
            new Crop(
                    "rye", 8, 11, List.of(2, 2, 2, 3, 3, 0), "Dries the ground in spring: end it in time on dry land."),
            new Crop("oats", 3, 9, List.of(1, 1, 2, 3, 2, 0), "Nitrate for stock after drought."),
            new Crop("ryegrass", 8, 10, List.of(2, 1, 2, 3, 2, 0), "Seeds itself; end it before it heads."),
            new Crop("oil-radish", 7, 9, List.of(1, 3, 1, 2, 1, 0), "Nitrate and bloat for stock."),
            new Crop("white-mustard", 7, 9, List.of(1, 1, 1, 3, 1, 0), "Not before or after other cabbages."),
            new Crop("phacelia", 4, 9, List.of(0, 1, 2, 2, 1, 0), "Frost ends it."),
            new Crop("winter-vetch", 8, 10, List.of(0, 1, 3, 2, 1, 3), "Seeds are poisonous to horses."),
            new Crop("crimson-clover", 8, 9, List.of(0, 1, 2, 2, 1, 3), "Bloat for stock."),
            new Crop("white-clover", 4, 8, List.of(0, 0, 3, 2, 1, 3), "Bloat for stock."),
            new Crop("sweet-clover", 4, 8, List.of(3, 3, 2, 1, 0, 3), "Spoiled hay poisons; tall in its second year."),
            new Crop("lucerne", 4, 8, List.of(1, 3, 2, 1, 0, 3), "Bloat for stock; dries deep ground."),
            new Crop("faba-bean", 9, 11, List.of(0, 2, 2, 1, 1, 3), null),
            new Crop("blue-lupin", 3, 5, List.of(0, 3, 1, 1, 3, 3), "Bitter kinds poison stock."),
            new Crop("sorghum-sudan", 5, 7, List.of(2, 2, 2, 2, 1, 0), "Prussic acid for stock when young or frosted."),
            new Crop("buckwheat", 5, 8, List.of(0, 0, 1, 3, 3, 0), "Frost ends it; light-skinned stock burn."),
            new Crop("sunflower", 4, 7, List.of(2, 3, 1, 1, 1, 0), null));

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

    /** A crop with how well it serves: the sum over what limits, each 0 to 3, of the most there could be. */
    record Ranked(String crop, double servesPercent, boolean inSeason, String caution) {}

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void calculate(Entered in, Draft out) {
        List<String> limits = in.words("limits").stream().distinct().toList();
        int month = (int) in.number("sowingMonth");
        int northern = in.word("hemisphere").equals("north") ? month : (month + 5) % 12 + 1;
        List<Ranked> ranked = new ArrayList<>();
        for (Crop crop : TABLE) {
            int serves = 0;
            boolean harmed = false;
            for (String limit : limits) {
                int here = crop.serves().get(LIMITS.indexOf(limit));
                serves += here;
                // Salt and acid are borne or not: a crop that cannot live there serves nothing.
                harmed |= here == 0 && (limit.equals("salt") || limit.equals("acid"));
            }
            if (!harmed && serves > 0) {
                ranked.add(new Ranked(
                        crop.name(), 100.0 * serves / (3 * limits.size()), crop.isSownIn(northern), crop.caution()));
            }
        }
        ranked.sort(Comparator.comparing((Ranked one) -> !one.inSeason())
                .thenComparing(Ranked::servesPercent, Comparator.reverseOrder())
                .thenComparing(Ranked::crop));
        out.say("crops", List.copyOf(ranked));
        List<Ranked> now = ranked.stream().filter(Ranked::inSeason).toList();
        if (now.isEmpty()) {
            out.because("out-of-season", "Nothing that serves is sown this month; the list is for another.");
        } else {
            Ranked best = now.get(0);
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
