package morphotera.scout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.ground.Decimal;
import morphotera.ground.Nullable;
import morphotera.measure.Description;
import morphotera.measure.Step;
import morphotera.scout.runsheet.Outing;
import morphotera.scout.runsheet.RunSheet;

/**
 * What to carry for a visit: tools once, or as many as stand at one time on its run sheet; what is used up summed, with a
 * quarter to spare, rounded up to what one carries.
 *
 * @param labels bags, boxes and jars that leave the field and want a name
 */
public record Kit(
        List<Tool> tools, List<Consumable> consumables, List<Protection> protection, int labels, double carryKg) {
    private static final double SPARE = 0.25;
    private static final double LITRE_STEP = 0.5;
    private static final String GOGGLES = "goggles";

    public record Tool(String item, int count, List<String> methods) {}

    /** @param spare how much of the quantity is to spare */
    public record Consumable(
            String item, double quantity, @Nullable String unit, double spare, List<String> methods) {}

    /** @param because the method that asks for it */
    public record Protection(String item, String because) {}

    /**
     * @param sheet when what is done, by which as many tools are carried as are at work at one time
     * @param sizesMm holes and rings that differ from the usual, by field key
     */
    public static Kit of(Outing outing, RunSheet sheet, Map<String, Double> sizesMm) {
        return new Packing(outing, sheet, sizesMm).pack();
    }

    private static final class Packing {
        private final Outing outing;
        private final Map<String, Double> sizesMm;
        private final RunSheet sheet;
        private final Map<String, Set<String>> methodsOf = new LinkedHashMap<>();
        private final Map<String, Description.Gear> gearOf = new LinkedHashMap<>();
        private final Map<String, Double> amounts = new LinkedHashMap<>();

        Packing(Outing outing, RunSheet sheet, Map<String, Double> sizesMm) {
            this.outing = outing;
            this.sheet = sheet;
            this.sizesMm = sizesMm;
        }

        Kit pack() {
            Map<String, Protection> protection = new LinkedHashMap<>();
            Map<String, Description> methods = new LinkedHashMap<>();
            Map<String, Integer> spots = new LinkedHashMap<>();
            for (Outing.Test test : outing.tests()) {
                methods.put(test.method().id(), test.method());
                spots.merge(test.method().id(), 1, Integer::sum);
            }
            methods.forEach((id, method) -> {
                for (Description.Gear gear : method.gear()) {
                    if (gear.item().contains(GOGGLES)) {
                        protection.putIfAbsent(gear.item(), new Protection(gear.item(), id));
                        continue;
                    }
                    methodsOf
                            .computeIfAbsent(gear.item(), any -> new LinkedHashSet<>())
                            .add(id);
                    gearOf.putIfAbsent(gear.item(), gear);
                    amounts.merge(gear.item(), gear.amount(spots.get(id), sizesMm), Double::sum);
                }
            });
            List<Tool> tools = new ArrayList<>();
            List<Consumable> consumables = new ArrayList<>();
            double kg = 0;
            for (Map.Entry<String, Description.Gear> one : gearOf.entrySet()) {
                String item = one.getKey();
                List<String> of = List.copyOf(methodsOf.get(item));
                if (isUsedUp(one.getValue())) {
                    Consumable consumable = consumable(item, one.getValue().unit(), of);
                    consumables.add(consumable);
                    kg += Weights.kg(item, consumable.unit()) * consumable.quantity();
                } else {
                    Tool tool = new Tool(item, count(one.getValue(), methodsOf.get(item)), of);
                    tools.add(tool);
                    kg += Weights.kg(item, null) * tool.count();
                }
            }
            return new Kit(tools, consumables, List.copyOf(protection.values()), labels(), Decimal.round(kg, 1));
        }

        private static boolean isUsedUp(Description.Gear gear) {
            return gear.unit() != null || gear.perVisit() == 0 && Weights.isUsedUp(gear.item());
        }

        private Consumable consumable(String item, @Nullable String unit, List<String> of) {
            double needed = amounts.get(item);
            double step = "l".equals(unit) ? LITRE_STEP : 1;
            double carried = Math.ceil(needed * (1 + SPARE) / step - 1e-9) * step;
            return new Consumable(item, carried, unit, Decimal.round(carried - needed, 3), of);
        }

        /** As many as people or places have in use at one moment of the sheet, times what one place needs. */
        private int count(Description.Gear gear, Set<String> methods) {
            List<int[]> uses = gear.perVisit() > 0 ? byPerson(methods) : byPlace(methods);
            int most = 1;
            for (int[] one : uses) {
                Set<Integer> at = new LinkedHashSet<>();
                for (int[] other : uses) {
                    if (other[0] <= one[0] && one[0] < other[1]) {
                        at.add(other[2]);
                    }
                }
                most = Math.max(most, at.size());
            }
            return gear.perVisit() > 0 ? most : most * (int) Math.ceil(gear.perSpot());
        }

        /** From, to, who: whose hands are on it. */
        private List<int[]> byPerson(Set<String> methods) {
            List<int[]> uses = new ArrayList<>();
            for (RunSheet.Timed step : sheet.steps()) {
                boolean used = step.methods().stream().anyMatch(methods::contains);
                boolean alone = !isByTwo(step);
                if (used && (alone || uses.stream().noneMatch(one -> one[0] == step.startS()))) {
                    uses.add(new int[] {step.startS(), step.endS(), step.person()});
                }
            }
            return uses;
        }

        /** Two who do one thing together need one of everything. */
        private boolean isByTwo(RunSheet.Timed step) {
            return outing.tests().stream()
                    .filter(test -> test.spot().equals(step.spot())
                            && step.methods().contains(test.method().id()))
                    .flatMap(test -> test.variant().steps().stream())
                    .anyMatch(one -> one.id().equals(step.step()) && one.minPeople() > 1);
        }

        /** From the first step to the last of each test: what stands in the field meanwhile. */
        private List<int[]> byPlace(Set<String> methods) {
            List<int[]> uses = new ArrayList<>();
            int number = 0;
            for (Outing.Test test : outing.tests()) {
                if (!methods.contains(test.method().id())) {
                    continue;
                }
                List<RunSheet.Timed> own = sheet.steps().stream()
                        .filter(step -> step.spot().equals(test.spot())
                                && step.methods().equals(List.of(test.method().id())))
                        .toList();
                if (!own.isEmpty()) {
                    int from = own.stream()
                            .min(Comparator.comparingInt(RunSheet.Timed::startS))
                            .orElseThrow()
                            .startS();
                    int to = own.stream()
                            .max(Comparator.comparingInt(RunSheet.Timed::endS))
                            .orElseThrow()
                            .endS();
                    uses.add(new int[] {from, to, number++});
                }
            }
            return uses;
        }

        private int labels() {
            int labels = 0;
            for (Outing.Test test : outing.tests()) {
                boolean field = false;
                boolean home = false;
                for (Step step : test.variant().steps()) {
                    field |= step.when() == Step.When.FIELD;
                    home |= field && step.when() == Step.When.LATER;
                }
                // What drains on at night is not carried home.
                labels += home && !test.method().id().equals("drain-down") ? 1 : 0;
            }
            return labels;
        }
    }
}
