package morphotera.decide;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.ground.Months;
import morphotera.ground.Nullable;
import morphotera.ground.Once;

/** A plan as somebody set it in time, held against the rules: named, never mended. */
public final class PlanCheck {
    private static final int HALF_A_YEAR = 6;

    /** A step with its months, counted from January of the year 0. */
    public record Placed(String id, String remedy, int from, int to) {}

    /** @param other the step it should come after; null where it breaks the rule by itself */
    public record Break(
            String step, Plan.Rule rule, @Nullable String other) {}

    private PlanCheck() {}

    /** @param months by remedy when it is done in the northern half of the world, 1 to 12; none: at any time */
    public static List<Break> of(
            List<Placed> steps,
            Plan.Ground ground,
            Set<String> gates,
            Map<String, List<Integer>> months,
            boolean south) {
        List<String> remedies = Once.of(steps.stream().map(Placed::remedy));
        List<Break> breaks = new ArrayList<>();
        for (Plan.Step rule : Plan.order(remedies, ground, gates)) {
            for (Placed step : steps) {
                if (!step.remedy().equals(rule.remedy())) {
                    continue;
                } else if (!rule.stands()) {
                    breaks.add(new Break(step.id(), rule.struckBy(), null));
                    continue;
                }
                for (Plan.After after : rule.after()) {
                    Placed first = earliest(steps, after.remedy());
                    if (first.to() > step.from()) {
                        breaks.add(new Break(step.id(), after.rule(), first.id()));
                    }
                }
                if (!fits(months.getOrDefault(step.remedy(), List.of()), step, south)) {
                    breaks.add(new Break(step.id(), Plan.Rule.OUT_OF_MONTHS, null));
                }
            }
        }
        return List.copyOf(breaks);
    }

    /** What is given in several dressings holds for what comes after it from the first on. */
    private static Placed earliest(List<Placed> steps, String remedy) {
        return steps.stream()
                .filter(one -> one.remedy().equals(remedy))
                .min((a, b) -> Integer.compare(a.to(), b.to()))
                .orElseThrow();
    }

    /** Whether one of its months lies among those in which it is done. */
    private static boolean fits(List<Integer> months, Placed step, boolean south) {
        for (int month = step.from(); month <= step.to(); month++) {
            if (months.isEmpty() || months.contains((month + (south ? HALF_A_YEAR : 0)) % Months.A_YEAR + 1)) {
                return true;
            }
        }
        return false;
    }
}
