package morphotera.measure;

import java.util.List;

/**
 * A test kit's printed colours or numbers, entered once: ordered steps with the value each stands for. A reading may lie
 * between two steps; then it lies as far between their values.
 *
 * @param steps two or more, values rising or falling all the way
 */
public record KitChart(String name, String quantity, List<Step> steps) {
    /** One printed step: its value and its colour or number as printed. */
    public record Step(double value, String swatch) {}

    public static final Entry FIELD = Entry.group(
            "kitChart",
            "Kit chart",
            Entry.text("name", "Kit"),
            Entry.text("quantity", "What it shows"),
            Entry.list(
                    "steps",
                    "Printed steps",
                    2,
                    4,
                    Entry.number("value", "Value", null, 0, 100_000),
                    Entry.text("swatch", "Colour or number printed").optional()));

    public KitChart {
        if (steps.size() < 2) {
            throw new IllegalArgumentException("a kit chart has two steps or more, has " + steps.size());
        }
        steps = List.copyOf(steps);
    }

    public static KitChart of(Entered in) {
        return new KitChart(
                in.word("name"),
                in.word("quantity"),
                in.list("steps").stream()
                        .map(step -> new Step(step.number("value"), step.wordOrNull("swatch")))
                        .toList());
    }

    /** Refuses a chart whose values turn back, and a position that lies off it. */
    public static void check(String path, Entered chart, String positionPath, Double position, EntryCheck check) {
        List<Entered> steps = chart.list("steps");
        Boolean rising = null;
        for (int i = 1; i < steps.size(); i++) {
            Double before = steps.get(i - 1).numberOrNull("value");
            Double here = steps.get(i).numberOrNull("value");
            if (before == null || here == null) {
                continue;
            }
            boolean up = here > before;
            if (here.equals(before) || (rising != null && rising != up)) {
                check.refuse(
                        path + "/steps/" + i + "/value", "backward", "The chart's values rise all the way, or fall.");
            }
            rising = up;
        }
        if (position != null && !steps.isEmpty() && !(position >= 1 && position <= steps.size())) {
            check.refuse(
                    positionPath,
                    "out-of-range",
                    "The chart has steps 1 to " + steps.size() + "; 2.5 lies between the second and the third.");
        }
    }

    /** The value at a position: 1 is the first step, 2.5 lies between the second and the third. */
    public double at(double position) {
        if (!(position >= 1 && position <= steps.size())) {
            throw new IllegalArgumentException("steps 1 to " + steps.size() + ", was " + position);
        }
        int below = (int) Math.min(steps.size() - 1.0, Math.floor(position));
        double from = steps.get(below - 1).value();
        double to = steps.get(below).value();
        return from + (to - from) * (position - below);
    }
}
