package morphotera.decide;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import morphotera.ground.Coded;
import morphotera.ground.Refused;
import morphotera.ground.TextureClass;
import morphotera.ground.TextureTriangle;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.EntryCheck;
import morphotera.measure.WaterHeld;

/**
 * What a root limit costs a spot in water: held by texture × (1 − stones) × depth that roots reach, against the depth they should
 * reach; the difference in mm, and in days at the crop's daily use.
 *
 * @param nowMm held within the roots' depth now
 * @param expectedMm held within the depth the crop should reach
 * @param gainMm what removing the limit is worth; 0 where roots reach further than expected
 * @param daysNow days that lasts at the daily use
 */
public record WaterBudget(
        double wiltingPoint,
        double fieldCapacity,
        double saturation,
        double saturatedKMmPerH,
        double availableMmPer10Cm,
        double nowMm,
        double expectedMm,
        double gainMm,
        double daysNow,
        double gainDays) {

    public static final List<Entry> FIELDS = List.of(
            Entry.choice("texture", "Texture", textures()).optional(),
            Entry.percent("sand", "Sand").optional(),
            Entry.percent("clay", "Clay").optional(),
            Entry.number("organicMatterPercent", "Organic matter", "%", 0, WaterHeld.MOST_ORGANIC_MATTER_PERCENT)
                    .preset(WaterHeld.USUAL_ORGANIC_MATTER_PERCENT),
            Entry.number("stonePercent", "Stones", "%", 0, 90).preset(0.0),
            Entry.cm("rootDepthCm", "Roots reach"),
            Entry.cm("expectedDepthCm", "Roots should reach"),
            Entry.number("useMmPerDay", "The crop's daily use", "mm/day", 0.1, 20));

    public static final Map<String, Object> EXAMPLE =
            Map.of("texture", "loam", "stonePercent", 10, "rootDepthCm", 28, "expectedDepthCm", 60, "useMmPerDay", 4);

    private static Entry.Option[] textures() {
        return Arrays.stream(TextureClass.values())
                .map(texture -> Entry.option(texture.word(), texture.word().replace('-', ' '), null))
                .toArray(Entry.Option[]::new);
    }

    /** @throws Refused with everything that is wrong */
    public static WaterBudget of(Map<String, ?> input) {
        EntryCheck check = new EntryCheck();
        Entered in = check.object("", FIELDS, input);
        TextureTriangle.Shares shares = shares(in, check);
        if (!check.refusals().isEmpty()) {
            throw new Refused(check.refusals());
        }
        WaterHeld held = WaterHeld.of(shares, in.number("organicMatterPercent"));
        double perMm = held.available(in.number("stonePercent") / 100);
        double now = perMm * in.number("rootDepthCm") * 10;
        double expected = perMm * in.number("expectedDepthCm") * 10;
        double gain = Math.max(0, expected - now);
        double use = in.number("useMmPerDay");
        return new WaterBudget(
                held.wiltingPoint(),
                held.fieldCapacity(),
                held.saturation(),
                held.conductivityMmPerH(),
                100 * perMm,
                now,
                expected,
                gain,
                now / use,
                gain / use);
    }

    private static TextureTriangle.Shares shares(Entered in, EntryCheck check) {
        boolean measured = in.has("sand") && in.has("clay");
        if (!measured && !in.has("texture")) {
            check.refuse("/texture", "missing", "Give the texture, or sand and clay.");
            return null;
        }
        if (measured && in.number("sand") + in.number("clay") > 100) {
            check.refuse("/clay", "sum-over-100", "Sand and clay together cannot be over 100 %.");
            return null;
        }
        TextureTriangle.Shares shares = measured
                ? new TextureTriangle.Shares(
                        in.number("sand"), Math.max(0, 100 - in.number("sand") - in.number("clay")), in.number("clay"))
                : TextureTriangle.middleOf(Coded.of(TextureClass.values(), in.word("texture")));
        if (shares.clay() > WaterHeld.MOST_CLAY_PERCENT) {
            check.refuse(
                    measured ? "/clay" : "/texture",
                    "out-of-range",
                    "The sum of water held reaches to 60 % clay; this has more"
                            + (measured ? "." : ": give sand and clay as measured."));
        }
        return shares;
    }
}
