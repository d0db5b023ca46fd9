package morphotera.decide.remedies;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.decide.Remedy;
import morphotera.ground.Decimal;
import morphotera.measure.Entered;
import morphotera.measure.Entry;

/** What several sums have in common: how much soil there is, and how hard its pH is to move. */
final class SoilSum {
    private static final Map<String, List<String>> SOIL = Map.of(
            "clayPercent",
            List.of("laboratory.clayPercent", "texture-jar.clay", "field.clayPercent", "texture-feel.clay"),
            "organicCarbonPercent",
            List.of("laboratory.organicCarbon"),
            "bulkDensity",
            List.of("texture.density"));

    private SoilSum() {}

    /** Where the soil's own figures come from, and what else the remedy takes from readings. */
    static Map<String, List<String>> from(Map<String, List<String>> own) {
        Map<String, List<String>> all = new LinkedHashMap<>(SOIL);
        all.putAll(own);
        return all;
    }

    static Entry depth(String what) {
        return Entry.number("depthCm", what, "cm", 5, 30);
    }

    static Entry density() {
        return Entry.number("bulkDensity", "Bulk density", "g/cm³", 0.7, 1.9).hint("Without the stones.");
    }

    static Entry purity() {
        return Entry.number("purityPercent", "Purity", "%", 5, 100);
    }

    static Entry organicCarbon() {
        return Entry.number("organicCarbonPercent", "Organic carbon", "%", 0.1, 10);
    }

    static Entry clay() {
        return Entry.number("clayPercent", "Clay", "%", 1, 80);
    }

    /** Soil, t/ha = depth cm · density g/cm³ · 100. */
    static double mass(Entered in, Remedy.Draft out) {
        double mass = in.number("depthCm") * in.number("bulkDensity") * 100;
        out.line(
                "soilMassTPerHa",
                "Soil to treat",
                "depth × density × 100",
                Decimal.show(in.number("depthCm"), 1) + " × " + Decimal.show(in.number("bulkDensity"), 2) + " × 100",
                mass,
                "t/ha");
        return mass;
    }

    /** pH buffer capacity, cmol(+)/kg/pH = 0.955·organic carbon % + 0.011·clay % (Aitken et al. 1990), or by the practice's own coefficients. */
    static double buffer(Entered in, Remedy.Draft out) {
        double carbon = in.number("organicCarbonPercent");
        double clay = in.number("clayPercent");
        double buffer = out.sheets().buffer(carbon, clay);
        String perCarbon = Decimal.show(out.sheets().perCarbon(), 3);
        String perClay = Decimal.show(out.sheets().perClay(), 3);
        out.line(
                "bufferCapacity",
                "pH buffer capacity",
                perCarbon + " × carbon % + " + perClay + " × clay %",
                perCarbon + " × " + Decimal.show(carbon, 2) + " + " + perClay + " × " + Decimal.show(clay, 1),
                buffer,
                "cmol(+)/kg/pH");
        return buffer;
    }
}
