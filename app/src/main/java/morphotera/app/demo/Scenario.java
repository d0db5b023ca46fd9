package morphotera.app.demo;

import java.util.List;
import java.util.Map;

/**
 * A made-up practice as it truly is: what the ground is like at each visit, from which readings are drawn with noise. Days
 * are counted back from the demo's first day; places are metres east and north of the field's own corner.
 */
record Scenario(String practice, List<Login> people, List<FieldOf> fields) {

    record Login(String email, String name, String role, List<String> holdings) {}

    /** {@code outlineM} and {@code waterM}: metres east and north of {@code corner}; the gate is the first of the outline. */
    record FieldOf(
            String holding,
            String name,
            String use,
            String texture,
            Double clayPercent,
            String crop,
            String purpose,
            Boolean coastal,
            Integer sulphideClearDaysAgo,
            Place corner,
            List<List<Double>> outlineM,
            List<Double> waterM,
            List<ZoneOf> zones,
            List<VisitOf> visits,
            List<Done> done) {}

    record Place(double lat, double lon) {}

    record ZoneOf(String name, String kind, List<SpotOf> spots) {}

    /**
     * {@code deeperCm}: how much deeper than the zone's its pan and layers lie; {@code harder} and {@code saltier}: times
     * the zone's hardness and salt.
     */
    record SpotOf(
            String label, String note, double eastM, double northM, double deeperCm, double harder, Double saltier) {}

    record Done(int daysAgo, String kind, Double amount, String unit, String note) {}

    /** {@code ground}: by zone name, how it truly is at this visit; {@code sent}: the zone a bag of which went to the
     * laboratory; {@code pictured}: the spot and method of a photograph. */
    record VisitOf(
            int daysAgo,
            String state,
            String question,
            String observer,
            List<String> methods,
            String moisture,
            Double soilTemperatureC,
            Double daysSinceRain,
            Double rainMm,
            String weather,
            Map<String, Ground> ground,
            Map<String, Map<String, Boolean>> ticks,
            List<RunningHole> running,
            String corrected,
            String sent,
            String pictured) {}

    /** A hole being read: its levels so far as minutes ago and mm of water, which step its clock runs for and which comes next. */
    record RunningHole(String spot, List<List<Double>> levels, String step, String next) {}

    /** The ground itself. */
    record Ground(
            Hardness hardness,
            List<Layer> layers,
            Double crumbStrength,
            List<List<Double>> ph,
            String phBasis,
            Roots roots,
            Double wallKMmPerH,
            Double ece,
            Double organicMatterPercent,
            Signs signs) {}

    /** Resistance rises from the surface; a pan stands out between two depths. */
    record Hardness(double surfaceKPa, double kPaPerCm, Double panTopCm, Double panBaseCm, Double panKPa) {}

    /** A layer; {@code bottomCm} moves with the spot. */
    record Layer(double bottomCm, String shape, String effort, String pores, String roots) {}

    record Roots(String crop, double root80Cm, double maxCm, double flatShare, double bentShare) {}

    /**
     * What stands beside the ground itself.
     *
     * @param cover percent live, litter, stone, bare
     * @param worms of a block
     * @param ringMmPerH how fast a ring drinks at last
     * @param halo how milky a crumb's water gets, 0 clear to 2 strong
     * @param colour Munsell value of the field, and of its reference
     * @param jar percent sand, silt, clay
     * @param kit what a nutrient kit says of nitrogen, phosphorus, potassium
     */
    record Signs(
            List<Double> cover,
            Double worms,
            Double ringMmPerH,
            Double halo,
            String smell,
            List<Double> colour,
            Double ribbonMm,
            String feel,
            String fizz,
            List<Double> jar,
            List<String> kit,
            Plants plants) {}

    record Plants(
            Double greenPercent,
            Double deadPercent,
            Double legumePercent,
            Double weedPercent,
            Integer species,
            String evenness,
            String growth,
            String leaf) {}
}
