package morphotera.decide;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A plan in the calendar: each remedy that stands in the first run of its own months that comes after what it waits for. One
 * whose months do not come within the years is struck out, and what rests on it with it.
 */
public final class Schedule {
    private static final int MONTHS = 12;
    private static final int HALF_A_YEAR = 6;

    /** A step with the months it is done in, counted from January of the year 0. */
    public record Step(String remedy, List<Plan.After> after, Plan.Rule with, int from, int to) {}

    public record Struck(String remedy, Plan.Rule rule) {}

    private final List<Step> steps;
    private final List<Struck> struckOut;

    private Schedule(List<Step> steps, List<Struck> struckOut) {
        this.steps = List.copyOf(steps);
        this.struckOut = List.copyOf(struckOut);
    }

    public List<Step> steps() {
        return steps;
    }

    public List<Struck> struckOut() {
        return struckOut;
    }

    /**
     * @param months by remedy when it is done in the northern half of the world, 1 to 12; none: at any time
     * @param from the first month of the plan, counted from January of the year 0
     */
    public static Schedule of(
            List<String> remedies,
            Plan.Ground ground,
            Set<String> gates,
            Map<String, List<Integer>> months,
            boolean south,
            int from,
            int years) {
        Map<String, Plan.Rule> late = new LinkedHashMap<>();
        while (true) {
            List<Plan.Step> order = Plan.order(remedies, ground, gates, late);
            Map<String, Step> placed = new LinkedHashMap<>();
            String first = null;
            for (Plan.Step step : order) {
                if (step.stands() && first == null) {
                    int earliest = from;
                    for (Plan.After after : step.after()) {
                        earliest = Math.max(earliest, placed.get(after.remedy()).to());
                    }
                    Step at = place(
                            step,
                            months.getOrDefault(step.remedy(), List.of()),
                            south,
                            earliest,
                            from + years * MONTHS);
                    if (at == null) {
                        first = step.remedy();
                    } else {
                        placed.put(step.remedy(), at);
                    }
                }
            }
            if (first == null) {
                return new Schedule(
                        new ArrayList<>(placed.values()),
                        order.stream()
                                .filter(step -> !step.stands())
                                .map(step -> new Struck(step.remedy(), step.struckBy()))
                                .toList());
            }
            late.put(first, Plan.Rule.NO_WINDOW);
        }
    }

    /** In the first run of its months from then on, begun or not; null where none begins before the end. */
    private static Step place(Plan.Step step, List<Integer> months, boolean south, int earliest, int end) {
        for (int month = earliest; month < end; month++) {
            if (isIts(months, south, month)) {
                int to = month;
                while (to - month < MONTHS - 1 && isIts(months, south, to + 1)) {
                    to++;
                }
                return new Step(step.remedy(), step.after(), step.with(), month, to);
            }
        }
        return null;
    }

    private static boolean isIts(List<Integer> months, boolean south, int month) {
        int ofYear = (month + (south ? HALF_A_YEAR : 0)) % MONTHS + 1;
        return months.isEmpty() || months.contains(ofYear);
    }
}
