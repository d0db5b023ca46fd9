package morphotera.decide.sheets;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import morphotera.ground.Nullable;

/** Cover crops ranked by the table for what limits the soil and the month they are sown in. */
public final class CoverCrops {
    /** What goes with a crop, whatever its figures. */
    private static final Map<String, String> CAUTIONS = Map.ofEntries(
            Map.entry("barley", "Awns for stock when ripe."),
            Map.entry("rye", "Dries the ground in spring: end it in time on dry land."),
            Map.entry("oats", "Nitrate for stock after drought."),
            Map.entry("ryegrass", "Seeds itself; end it before it heads."),
            Map.entry("oil-radish", "Nitrate and bloat for stock."),
            Map.entry("white-mustard", "Not before or after other cabbages."),
            Map.entry("phacelia", "Frost ends it."),
            Map.entry("winter-vetch", "Seeds are poisonous to horses."),
            Map.entry("crimson-clover", "Bloat for stock."),
            Map.entry("white-clover", "Bloat for stock."),
            Map.entry("sweet-clover", "Spoiled hay poisons; tall in its second year."),
            Map.entry("lucerne", "Bloat for stock; dries deep ground."),
            Map.entry("blue-lupin", "Bitter kinds poison stock."),
            Map.entry("sorghum-sudan", "Prussic acid for stock when young or frosted."),
            Map.entry("buckwheat", "Frost ends it; light-skinned stock burn."));

    private static final int MOST_POINTS = 3;

    private CoverCrops() {}

    /** A crop with how well it serves: the sum over what limits, each 0 to 3, of the most there could be. */
    public record Ranked(
            String crop,
            double servesPercent,
            boolean inSeason,
            @Nullable String caution) {}

    /** Those sown this month first, the best first. */
    public static List<Ranked> rank(Sheets sheets, List<String> limits, int month, boolean south) {
        int northern = south ? (month + 5) % 12 + 1 : month;
        List<Ranked> ranked = new ArrayList<>();
        Sheet crops = sheets.sheet(Sheets.COVER_CROPS);
        for (Sheet.Row row : crops.rows()) {
            Map<String, Double> crop = crops.named(row);
            int serves = 0;
            boolean harmed = false;
            for (String limit : limits) {
                int here = crop.get(limit).intValue();
                serves += here;
                // Salt and acid are borne or not: a crop that cannot live there serves nothing.
                harmed |= here == 0 && (limit.equals("salt") || limit.equals("acid"));
            }
            if (!harmed && serves > 0) {
                ranked.add(new Ranked(
                        row.key(),
                        100.0 * serves / (MOST_POINTS * limits.size()),
                        isSownIn(crop.get("from").intValue(), crop.get("to").intValue(), northern),
                        CAUTIONS.get(row.key())));
            }
        }
        ranked.sort(Comparator.comparing((Ranked one) -> !one.inSeason())
                .thenComparing(Ranked::servesPercent, Comparator.reverseOrder())
                .thenComparing(Ranked::crop));
        return List.copyOf(ranked);
    }

    private static boolean isSownIn(int from, int to, int month) {
        return from <= to ? month >= from && month <= to : month >= from || month <= to;
    }
}
