package morphotera.decide;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.ground.Coded;

/** Remedies in an order that holds, and those that break a rule struck out with it. Rules alone, no table and no field. */
public final class Plan {
    private static final double LIME_TO_PH = 6.8;
    /** What acid leaves unseen; with more than that sulphur cannot lower the pH. */
    private static final double CARBONATE_FROM_PERCENT = 0.5;

    private static final double SODIC_FROM_ESP = 6;
    private static final double DISPERSES_UNDER = 60;

    /** What the ground is; null where it is not known, and then no rule speaks of it. */
    public record Ground(
            Boolean outlet,
            Double phInWater,
            Double carbonatePercent,
            Double esp,
            Double dispersionScore,
            String moistureAtDepth,
            boolean aimIsLowerPh) {
        boolean isSodic() {
            return (esp != null && esp >= SODIC_FROM_ESP)
                    || (dispersionScore != null && dispersionScore < DISPERSES_UNDER);
        }
    }

    /** Why one remedy waits for another, goes with something, or must not be. */
    public enum Rule implements Coded {
        GATE_FIRST("What a gate asks for comes before anything else."),
        GATE_FORBIDS("A gate stands: not before the laboratory and the authority have been asked."),
        WATER_BEFORE_SALT("Water must have a way out before salt is washed."),
        OUTLET("No leaching without an outlet: the salt would come back up."),
        CALCIUM_WITH_WATER("On sodic ground calcium goes before or with the water, or the clay seals."),
        SALT_BEFORE_SEED("Salt and sodium are dealt with before seed."),
        LIME_TO_6_8("No lime where the pH in water is over 6.8."),
        SULPHUR_NOT_ON_CARBONATE("Sulphur does not lower the pH on carbonate."),
        NITROGEN_WITH_CARBON("Fresh carbon goes with nitrogen, or is composted first."),
        NOT_IN_WET_SOIL("No subsoiling in wet soil: it smears and makes the next pan."),
        ROOTS_AFTER("No subsoiling without roots after it: it would close again."),
        WATER_AND_EROSION_FIRST("Drainage and erosion come before building topsoil."),
        ACID_BEFORE_LEGUME("Legumes are sown once the acid is mended."),
        OUT_OF_MONTHS("It lies outside the months in which it is done."),
        NO_WINDOW("Its months do not come again within the years of the plan, after what it waits for.");

        private final String text;

        Rule(String text) {
            this.text = text;
        }

        public String text() {
            return text;
        }
    }

    /** A remedy that comes first, and why. */
    public record After(String remedy, Rule rule) {}

    /**
     * One remedy in its place.
     *
     * @param after what comes first, of this plan
     * @param with what must go with it; null mostly
     * @param struckBy the rule it breaks; null where it stands
     */
    public record Step(String remedy, List<After> after, Rule with, Rule struckBy) {
        public boolean stands() {
            return struckBy == null;
        }
    }

    private record Order(Set<String> first, Set<String> then, Rule rule) {}

    private static final Set<String> BUILDS_TOPSOIL =
            Set.of("organic-matter", "manure", "mulch", "cover-crop", "less-tillage", "crop-order");
    private static final Set<String> ROOTS = Set.of("cover-crop", "crop-order", "legume");
    private static final Set<String> FRESH_CARBON = Set.of("organic-matter", "mulch");
    private static final Set<String> OF_A_GATE = Set.of("sampling-laboratory", "leave-it");

    /** By the cause that raises the gate, what must not be done until it is lifted. */
    private static final Map<String, Set<String>> FORBIDDEN = Map.of(
            "acid-sulphate",
            Set.of("drains", "leaching", "compaction", "rain-garden", "aeration"),
            "contamination",
            Set.of(
                    "drains",
                    "compaction",
                    "rain-garden",
                    "raised-bed",
                    "aeration",
                    "organic-matter",
                    "manure",
                    "mulch",
                    "lime",
                    "gypsum",
                    "sulphur",
                    "straw-in-salt"));

    private static final List<Order> ORDERS = List.of(
            new Order(Set.of("drains"), Set.of("leaching"), Rule.WATER_BEFORE_SALT),
            new Order(Set.of("gypsum"), Set.of("leaching"), Rule.CALCIUM_WITH_WATER),
            new Order(Set.of("leaching", "gypsum"), Set.of("cover-crop", "legume"), Rule.SALT_BEFORE_SEED),
            new Order(Set.of("drains", "contour"), BUILDS_TOPSOIL, Rule.WATER_AND_EROSION_FIRST),
            new Order(Set.of("lime"), Set.of("legume"), Rule.ACID_BEFORE_LEGUME),
            new Order(Set.of("compaction"), ROOTS, Rule.ROOTS_AFTER));

    private Plan() {}

    /**
     * @param remedies in the order wished for, the likeliest cause's first; it is kept where no rule speaks
     * @param gates the causes whose gate is raised
     */
    public static List<Step> order(List<String> remedies, Ground ground, Set<String> gates) {
        return order(remedies, ground, gates, Map.of());
    }

    /** @param struckAlready remedies that something else rules out, with why: what rests on them looks elsewhere */
    static List<Step> order(List<String> remedies, Ground ground, Set<String> gates, Map<String, Rule> struckAlready) {
        Map<String, Rule> struck = struck(remedies, ground, gates, struckAlready);
        List<String> standing =
                remedies.stream().filter(remedy -> !struck.containsKey(remedy)).toList();
        List<Step> steps = new ArrayList<>();
        List<String> left = new ArrayList<>(standing);
        while (!left.isEmpty()) {
            String next = left.stream()
                    .filter(remedy ->
                            after(remedy, standing, gates).stream().noneMatch(first -> left.contains(first.remedy())))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException("the rules go in a circle at " + left));
            left.remove(next);
            boolean bridged = FRESH_CARBON.contains(next);
            steps.add(new Step(next, after(next, standing, gates), bridged ? Rule.NITROGEN_WITH_CARBON : null, null));
        }
        struck.forEach((remedy, rule) -> steps.add(new Step(remedy, List.of(), null, rule)));
        return List.copyOf(steps);
    }

    private static List<After> after(String remedy, List<String> standing, Set<String> gates) {
        List<After> after = new ArrayList<>();
        if (!gates.isEmpty() && !OF_A_GATE.contains(remedy)) {
            standing.stream()
                    .filter(OF_A_GATE::contains)
                    .forEach(first -> after.add(new After(first, Rule.GATE_FIRST)));
        }
        for (Order order : ORDERS) {
            if (order.then().contains(remedy)) {
                standing.stream()
                        .filter(order.first()::contains)
                        .forEach(first -> after.add(new After(first, order.rule())));
            }
        }
        return List.copyOf(after);
    }

    /** Struck again and again until nothing more is: what rests on another looks at what still stands. */
    private static Map<String, Rule> struck(
            List<String> remedies, Ground ground, Set<String> gates, Map<String, Rule> already) {
        Map<String, Rule> struck = new LinkedHashMap<>(already);
        int before;
        do {
            before = struck.size();
            List<String> standing =
                    remedies.stream().filter(one -> !struck.containsKey(one)).toList();
            for (String remedy : standing) {
                Rule rule = broken(remedy, standing, ground, gates);
                if (rule != null) {
                    struck.put(remedy, rule);
                }
            }
        } while (struck.size() > before);
        return struck;
    }

    private static Rule broken(String remedy, List<String> standing, Ground ground, Set<String> gates) {
        if (gates.stream()
                .anyMatch(gate -> FORBIDDEN.getOrDefault(gate, Set.of()).contains(remedy))) {
            return Rule.GATE_FORBIDS;
        }
        return switch (remedy) {
            case "leaching" -> leaching(standing, ground);
            case "lime" -> ground.phInWater() != null && ground.phInWater() > LIME_TO_PH ? Rule.LIME_TO_6_8 : null;
            case "sulphur" ->
                ground.aimIsLowerPh()
                                && ground.carbonatePercent() != null
                                && ground.carbonatePercent() > CARBONATE_FROM_PERCENT
                        ? Rule.SULPHUR_NOT_ON_CARBONATE
                        : null;
            case "compaction" ->
                "wet".equals(ground.moistureAtDepth())
                        ? Rule.NOT_IN_WET_SOIL
                        : standing.stream().noneMatch(ROOTS::contains) ? Rule.ROOTS_AFTER : null;
            default -> null;
        };
    }

    private static Rule leaching(List<String> standing, Ground ground) {
        if (Boolean.FALSE.equals(ground.outlet()) && !standing.contains("drains")) {
            return Rule.OUTLET;
        }
        return ground.isSodic() && !standing.contains("gypsum") ? Rule.CALCIUM_WITH_WATER : null;
    }
}
