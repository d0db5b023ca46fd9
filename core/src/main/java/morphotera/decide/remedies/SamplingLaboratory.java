package morphotera.decide.remedies;

import static morphotera.measure.Entry.option;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.decide.Remedy;
import morphotera.ground.Decimal;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.Grade;

/** What to ask a laboratory for each cause: the test, how many cores, from what depth, and a made-up price. */
final class SamplingLaboratory implements Remedy {
    /** One thing to ask for. */
    record Ask(String test, int subsamples, String depthCm, double cost, String why) {}

    private static final Ask BASIC =
            new Ask("pH in water and CaCl₂, organic matter, clay, CEC", 15, "0 to 15", 38, "the base of every sum");
    private static final Ask BUFFER =
            new Ask("lime requirement by buffer test", 15, "0 to 15", 14, "decides the dressing of lime");
    private static final Ask SUBSOIL_PH =
            new Ask("pH in water and CaCl₂, exchangeable aluminium", 10, "20 to 40", 22, "what roots meet below");
    private static final Ask SODIUM =
            new Ask("exchangeable cations and ESP", 15, "0 to 15 and 15 to 30", 32, "whether sodium holds the clay");
    private static final Ask SALT = new Ask(
            "EC of the saturated paste, chloride", 15, "0 to 15 and 30 to 60", 24, "what crops are held against");
    private static final Ask NUTRIENTS = new Ask(
            "phosphorus by bicarbonate, potassium, magnesium, trace elements", 15, "0 to 15", 36, "what runs short");
    private static final Ask CARBONATE = new Ask("total carbonate", 15, "0 to 15", 16, "whether sulphur can work");
    private static final Ask CARBON = new Ask("organic carbon, clay", 15, "0 to 15", 26, "carbon to clay");
    private static final Ask SULPHIDE = new Ask(
            "sulphide: chromium reducible sulphur",
            6,
            "each 50 cm to 2 m, kept cold and airless",
            95,
            "before any drain");
    private static final Ask POLLUTION = new Ask(
            "metals, oil and tar, by what stood there", 10, "0 to 10 and below the fill", 180, "before any digging");
    private static final Ask PESTS =
            new Ask("nematodes and root disease, with roots", 20, "0 to 20, moist and cool", 85, "what eats the roots");

    private static final Map<String, List<Ask>> FOR = asks();

    private static Map<String, List<Ask>> asks() {
        Map<String, List<Ask>> asks = new LinkedHashMap<>();
        asks.put("sodicity", List.of(SODIUM, SALT));
        asks.put("salinity", List.of(SALT, SODIUM));
        asks.put("acid-topsoil", List.of(BASIC, BUFFER));
        asks.put("acid-subsoil", List.of(SUBSOIL_PH, BUFFER));
        asks.put("alkaline-carbonate", List.of(BASIC, CARBONATE));
        asks.put("nutrient-shortage", List.of(NUTRIENTS, BASIC));
        asks.put("low-organic-matter", List.of(CARBON));
        asks.put("acid-sulphate", List.of(SULPHIDE));
        asks.put("contamination", List.of(POLLUTION));
        asks.put("root-pest", List.of(PESTS));
        return asks;
    }

    private static final Description DESCRIPTION = Description.of("sampling-laboratory", "Laboratory sample")
            .purpose("What to ask a laboratory for")
            .grade(Grade.A)
            .fields(Entry.words(
                    "causes",
                    "Causes in question",
                    1,
                    FOR.keySet().stream()
                            .map(cause -> option(cause, cause.replace('-', ' '), null))
                            .toArray(Entry.Option[]::new)))
            .from(Map.of("causes", List.of("causes.open")))
            .months(2, 3, 4, 8, 9, 10)
            .cost(new Cost(38, "sample"))
            .effect("Days to weeks.")
            .range("One depth, one zone in one bag; cool, and handed over within two days.")
            .source("Common laboratory lists; prices are made up")
            .cautions("Before the main sowing and before lime, gypsum or manure, not after.")
            .watch("that field, spot and depth on the sheet match the bag")
            .example(Map.of("causes", List.of("sodicity", "acid-topsoil")))
            .build();

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void calculate(Entered in, Draft out) {
        List<Ask> asks = new ArrayList<>();
        for (String cause : in.words("causes")) {
            FOR.get(cause).stream().filter(ask -> !asks.contains(ask)).forEach(asks::add);
        }
        double cost = asks.stream().mapToDouble(Ask::cost).sum();
        out.say("asks", List.copyOf(asks));
        out.line(
                "cost",
                "Cost of one sample",
                "Σ price of each test",
                asks.stream()
                        .map(ask -> Decimal.show(ask.cost(), 0))
                        .reduce((a, b) -> a + " + " + b)
                        .orElse("0"),
                cost,
                "a sample, made up");
        asks.forEach(ask -> out.because(
                "ask",
                ask.test() + ": " + ask.subsamples() + " cores from " + ask.depthCm() + " cm; " + ask.why() + "."));
    }
}
