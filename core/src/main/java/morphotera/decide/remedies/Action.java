package morphotera.decide.remedies;

import java.util.List;
import java.util.Map;
import morphotera.decide.Remedy;
import morphotera.measure.Entered;
import morphotera.measure.Grade;

/** A remedy without a sum: what it is, when, what it costs, how long it takes, what to mind and to watch. */
record Action(Description description) implements Remedy {
    static Action of(
            String id,
            String name,
            String purpose,
            Grade grade,
            List<Integer> months,
            Cost cost,
            String effect,
            List<String> cautions,
            List<String> watch) {
        return new Action(new Description(
                id, name, purpose, grade, List.of(), Map.of(), months, cost, effect, "", "", cautions, watch, null,
                Map.of()));
    }

    @Override
    public void calculate(Entered in, Draft out) {
        out.because("no-sum", description.purpose() + ".");
    }
}
