package morphotera.measure;

import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.ground.Decimal;
import morphotera.ground.Nullable;

/**
 * A method described once: the bench, the run sheet, the kit list and the method page are made from this.
 *
 * @param day what the day must be like for the results that need it to count
 * @param judged whether an eye judges it on a scale; observers differ more on these than on what is counted or measured
 * @param ofSamples whether it may be read from soil of several spots mixed: the zone's one value
 * @param heedFirst whether its cautions must be heeded before the first step is even shown: acid, pits, polluted ground
 * @param cost what one test uses up, in the money of the made-up list of prices
 * @param variants the ways to do it; the first is the usual one
 * @param checks asked before a reading counts
 * @param results what comes of it, with the formula in words, for "why"
 * @param curves of the yardstick, those that its scores are read from
 * @param words templates for every reason and flag code of this method
 */
public record Description(
        String id,
        String name,
        String purpose,
        Group group,
        Grade grade,
        Day day,
        boolean judged,
        boolean ofSamples,
        String about,
        List<Gear> gear,
        List<String> cautions,
        boolean heedFirst,
        double cost,
        List<Variant> variants,
        List<Entry> fields,
        List<Check> checks,
        List<Result> results,
        List<String> curves,
        String source,
        Map<String, String> words) {

    /** A way of doing the method, step by step. */
    public record Variant(String id, String name, List<Step> steps) {}

    /** Something to carry: so many for a visit and so many more for each spot; litres for a hole or ring come from its size. */
    public record Gear(
            String item,
            double perVisit,
            double perSpot,
            @Nullable String unit,
            @Nullable Fill fill) {

        /**
         * How much to carry for so many spots.
         *
         * @param sizesMm the sizes that differ from the usual ones, by field key
         */
        public double amount(int spots, Map<String, Double> sizesMm) {
            return perVisit + spots * (fill == null ? perSpot : fill.litres(sizesMm));
        }
    }

    /** A round hole or ring filled so many times: across and down in mm, each by the field that has it, and its usual size. */
    public record Fill(String acrossKey, double usualAcrossMm, String downKey, double usualDownMm, int times) {
        double litres(Map<String, Double> sizesMm) {
            double radius = sizesMm.getOrDefault(acrossKey, usualAcrossMm) / 2;
            return times * Math.PI * radius * radius * sizesMm.getOrDefault(downKey, usualDownMm) / 1e6;
        }
    }

    /** A score that this method gives to another group under a name of its own, from one of its measures. */
    public record Beside(String id, String name, Group group, String measure) {}

    /** A question to answer yes to before the reading counts. */
    public record Check(String id, String question) {}

    public static Gear tool(String item) {
        return new Gear(item, 1, 0, null, null);
    }

    public static Gear perSpot(String item, double quantity, String unit) {
        return new Gear(item, 0, quantity, unit, null);
    }

    /** Water for a hole or ring, litres by its size. */
    public static Gear water(String item, Fill fill) {
        return new Gear(item, 0, Decimal.round(fill.litres(Map.of()), 1), "l", fill);
    }

    /** The steps of the usual way. */
    public List<Step> steps() {
        return variants.get(0).steps();
    }

    /** Hands-on minutes for one spot, without the shared steps already done there. */
    public double handsOnMinutes(Set<String> sharedDone) {
        double seconds = 0;
        for (Step step : steps()) {
            seconds += step.sharedAs() != null && sharedDone.contains(step.sharedAs()) ? 0 : step.handsOnS();
        }
        return seconds / 60;
    }

    /** Litres that a test at one spot takes, holes and rings of the usual size. */
    public double waterL() {
        double litres = 0;
        for (Gear one : gear) {
            litres += "l".equals(one.unit()) ? one.amount(1, Map.of()) : 0;
        }
        return Decimal.round(litres, 2);
    }

    public static Builder of(String id, String name) {
        return new Builder(id, name);
    }

    /** Says a method part by part; what is not said is empty. Any day will do, and nobody judges by eye, unless said. */
    public static final class Builder {
        private final String id;
        private final String name;
        private String purpose;
        private Group group;
        private Grade grade;
        private Day day = Day.ANY;
        private boolean judged;
        private boolean ofSamples;
        private String about;
        private List<Gear> gear = List.of();
        private List<String> cautions = List.of();
        private boolean heedFirst;
        private double cost;
        private List<Variant> variants = List.of();
        private List<Entry> fields = List.of();
        private List<Check> checks = List.of();
        private List<Result> results = List.of();
        private List<String> curves = List.of();
        private String source;
        private Map<String, String> words = Map.of();

        private Builder(String id, String name) {
            this.id = id;
            this.name = name;
        }

        public Builder purpose(String says) {
            purpose = says;
            return this;
        }

        public Builder group(Group of) {
            group = of;
            return this;
        }

        public Builder grade(Grade of) {
            grade = of;
            return this;
        }

        public Builder day(Day needed) {
            day = needed;
            return this;
        }

        public Builder judged() {
            judged = true;
            return this;
        }

        /** Mixing does not spoil it. */
        public Builder ofSamples() {
            ofSamples = true;
            return this;
        }

        public Builder about(String says) {
            about = says;
            return this;
        }

        public Builder gear(Gear... all) {
            gear = List.of(all);
            return this;
        }

        public Builder cautions(String... all) {
            cautions = List.of(all);
            return this;
        }

        /** No step before its cautions are heeded. */
        public Builder heedFirst() {
            heedFirst = true;
            return this;
        }

        /** What one test uses up: reagents, a card, a paddle. */
        public Builder cost(double each) {
            cost = each;
            return this;
        }

        public Builder variants(Variant... all) {
            variants = List.of(all);
            return this;
        }

        public Builder fields(Entry... all) {
            fields = List.of(all);
            return this;
        }

        public Builder checks(Check... all) {
            checks = List.of(all);
            return this;
        }

        public Builder results(Result... all) {
            return results(List.of(all));
        }

        public Builder results(List<Result> all) {
            results = all;
            return this;
        }

        public Builder curves(String... keys) {
            curves = List.of(keys);
            return this;
        }

        public Builder source(String says) {
            source = says;
            return this;
        }

        public Builder words(Map<String, String> templates) {
            words = templates;
            return this;
        }

        public Description build() {
            return new Description(
                    id, name, purpose, group, grade, day, judged, ofSamples, about, gear, cautions, heedFirst, cost,
                    variants, fields, checks, results, curves, source, words);
        }
    }
}
