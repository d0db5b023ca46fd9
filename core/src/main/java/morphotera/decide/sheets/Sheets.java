package morphotera.decide.sheets;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import morphotera.ground.Decimal;
import morphotera.ground.Nullable;
import morphotera.ground.TextureClass;
import morphotera.ground.TextureTriangle;
import morphotera.measure.SaltTable;
import morphotera.measure.WaterHeld;

/** All the tables that sums and advice go by: those that ship, some of them replaced by a practice's own. */
public record Sheets(List<Sheet> all) {
    public static final String SALT = "salt-tolerance";
    public static final String COVER_CROPS = "cover-crops";
    public static final String PH_BUFFER = "ph-buffer";
    public static final String WATER = "water-held";
    public static final String CROP_PH = "crop-ph";

    public static final Sheets SHIPPED = new Sheets(List.of(salt(), coverCrops(), cropPh(), phBuffer(), water()));

    public Optional<Sheet> find(String id) {
        return all.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    public Sheet sheet(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("no table '" + id + "'"));
    }

    /** The same with some tables' rows replaced. */
    public Sheets with(Map<String, List<Sheet.Row>> own) {
        return new Sheets(all.stream()
                .map(one -> own.containsKey(one.id()) ? one.with(own.get(one.id())) : one)
                .toList());
    }

    /** How a crop bears salt; null where the table does not know it. */
    @Nullable
    public SaltTable.Tolerance bears(@Nullable String crop) {
        return crop == null
                ? null
                : sheet(SALT)
                        .row(crop)
                        .map(row -> new SaltTable.Tolerance(row.get("fromDSPerM"), row.get("percentPerDSPerM")))
                        .orElse(null);
    }

    /** What the plain row of the pH coefficients makes of carbon and clay, cmol(+)/kg/pH. */
    public double buffer(double organicCarbonPercent, double clayPercent) {
        return perCarbon() * organicCarbonPercent + perClay() * clayPercent;
    }

    public double perCarbon() {
        return sheet(PH_BUFFER).row("soil").orElseThrow().get("perCarbon");
    }

    public double perClay() {
        return sheet(PH_BUFFER).row("soil").orElseThrow().get("perClay");
    }

    /** Water that plants can take, mm in 10 cm of a texture. */
    public @Nullable Double availableMmPer10Cm(@Nullable String texture) {
        return texture == null
                ? null
                : sheet(WATER).row(texture).map(row -> row.get("mmPer10Cm")).orElse(null);
    }

    private static Sheet salt() {
        List<Sheet.Row> rows = new ArrayList<>();
        for (String crop : SaltTable.all()) {
            SaltTable.Tolerance one = SaltTable.of(crop).orElseThrow();
            rows.add(row(crop, one.fromDSPerM(), one.percentPerDSPerM()));
        }
        return new Sheet(
                SALT,
                "Salt that crops bear",
                "From which salt a crop's yield falls, and how fast. Advice and the list of crops go by it; scores go by the yardstick.",
                "Maas and Hoffman 1977",
                true,
                List.of(
                        column("fromDSPerM", "Yield falls from", "dS/m", 0, 20, false),
                        column("percentPerDSPerM", "For each dS/m more", "%", 0.1, 100, false)),
                rows);
    }

    /** A first judgement from common guides, meant to be edited. */
    private static Sheet coverCrops() {
        return new Sheet(
                COVER_CROPS,
                "Cover crops",
                "How well each serves against what limits the soil, 0 (useless or harmed) to 3 (best), and when it is sown in the northern half of the world.",
                "A table of this product's own",
                true,
                List.of(
                        column("from", "Sown from month", null, 1, 12, true),
                        column("to", "to month", null, 1, 12, true),
                        column("salt", "Salt", null, 0, 3, true),
                        column("compaction", "Compaction", null, 0, 3, true),
                        column("low-life", "Little life", null, 0, 3, true),
                        column("bare", "Bare ground", null, 0, 3, true),
                        column("acid", "Acid", null, 0, 3, true),
                        column("nitrogen", "Nitrogen", null, 0, 3, true)),
                List.of(
                        row("barley", 8, 10, 3, 1, 1, 3, 1, 0),
                        row("rye", 8, 11, 2, 2, 2, 3, 3, 0),
                        row("oats", 3, 9, 1, 1, 2, 3, 2, 0),
                        row("ryegrass", 8, 10, 2, 1, 2, 3, 2, 0),
                        row("oil-radish", 7, 9, 1, 3, 1, 2, 1, 0),
                        row("white-mustard", 7, 9, 1, 1, 1, 3, 1, 0),
                        row("phacelia", 4, 9, 0, 1, 2, 2, 1, 0),
                        row("winter-vetch", 8, 10, 0, 1, 3, 2, 1, 3),
                        row("crimson-clover", 8, 9, 0, 1, 2, 2, 1, 3),
                        row("white-clover", 4, 8, 0, 0, 3, 2, 1, 3),
                        row("sweet-clover", 4, 8, 3, 3, 2, 1, 0, 3),
                        row("lucerne", 4, 8, 1, 3, 2, 1, 0, 3),
                        row("faba-bean", 9, 11, 0, 2, 2, 1, 1, 3),
                        row("blue-lupin", 3, 5, 0, 3, 1, 1, 3, 3),
                        row("sorghum-sudan", 5, 7, 2, 2, 2, 2, 1, 0),
                        row("buckwheat", 5, 8, 0, 0, 1, 3, 3, 0),
                        row("sunflower", 4, 7, 2, 3, 1, 1, 1, 0)));
    }

    private static Sheet cropPh() {
        return new Sheet(
                CROP_PH,
                "pH that crops like",
                "Between which pH in water a crop does well. A first judgement from common guides, meant to be edited.",
                "A table of this product's own",
                true,
                List.of(column("low", "From pH", null, 3, 9, false), column("high", "to pH", null, 3, 9, false)),
                List.of(
                        row("barley", 6.3, 8.0),
                        row("wheat", 5.8, 7.8),
                        row("oats", 5.0, 7.5),
                        row("rye", 5.0, 7.5),
                        row("maize", 5.6, 7.8),
                        row("sugar-beet", 6.5, 8.0),
                        row("potato", 5.0, 6.8),
                        row("ryegrass", 5.6, 7.5),
                        row("fescue", 5.0, 7.5),
                        row("white-clover", 5.6, 7.5),
                        row("lucerne", 6.4, 8.0),
                        row("bean", 6.0, 7.5),
                        row("cabbage", 6.0, 7.8),
                        row("carrot", 5.6, 7.0),
                        row("onion", 6.0, 7.5),
                        row("lettuce", 6.0, 7.5),
                        row("tomato", 5.5, 7.2),
                        row("strawberry", 5.3, 6.8),
                        row("vine", 5.5, 8.0),
                        row("almond", 6.0, 8.2),
                        row("acid-loving", 4.2, 5.5)));
    }

    private static Sheet phBuffer() {
        return new Sheet(
                PH_BUFFER,
                "How hard a soil holds its pH",
                "cmol(+)/kg for each step of pH = carbon % × the first + clay % × the second. Lime, sulphur and the pH after lime go by it.",
                "Aitken et al. 1990, weathered subtropical soils",
                false,
                List.of(
                        column("perCarbon", "Each % of organic carbon", "cmol(+)/kg/pH", 0.05, 5, false),
                        column("perClay", "Each % of clay", "cmol(+)/kg/pH", 0, 1, false)),
                List.of(row("soil", 0.955, 0.011)));
    }

    /** From the middle of each texture's area, at the usual organic matter; clay richer than the regression knows is cut to it. */
    private static Sheet water() {
        List<Sheet.Row> rows = new ArrayList<>();
        for (TextureClass texture : TextureClass.values()) {
            TextureTriangle.Shares middle = TextureTriangle.middleOf(texture);
            double clay = Math.min(middle.clay(), WaterHeld.MOST_CLAY_PERCENT);
            WaterHeld held = WaterHeld.of(
                    new TextureTriangle.Shares(middle.sand(), 100 - middle.sand() - clay, clay),
                    WaterHeld.USUAL_ORGANIC_MATTER_PERCENT);
            double mm = (held.fieldCapacity() - held.wiltingPoint()) * 100;
            rows.add(row(texture.word(), Decimal.round(mm, 1)));
        }
        return new Sheet(
                WATER,
                "Water that textures hold",
                "What plants can take from 10 cm of soil without stones: field capacity less wilting point. The irrigation sum begins with it.",
                "Saxton and Rawls 2006, at the middle of each texture and 2.5 % organic matter",
                false,
                List.of(column("mmPer10Cm", "In 10 cm", "mm", 1, 40, false)),
                rows);
    }

    private static Sheet.Column column(
            String key, String label, @Nullable String unit, double min, double max, boolean whole) {
        return new Sheet.Column(key, label, unit, min, max, whole);
    }

    private static Sheet.Row row(String key, double... values) {
        List<Double> all = new ArrayList<>();
        for (double value : values) {
            all.add(value);
        }
        return new Sheet.Row(key, List.copyOf(all));
    }
}
