package morphotera.decide.remedies;

import java.util.List;
import java.util.Map;
import morphotera.decide.Remedy;
import morphotera.measure.Entered;
import morphotera.measure.Grade;

/** A remedy without a sum: what it is, when, what it costs, how long it takes, what to mind and to watch. */
record Action(Description description) implements Remedy {
    /** @param uses of the land that it is for; none: any */
    static Action on(
            List<String> uses,
            String id,
            String name,
            String purpose,
            Grade grade,
            List<Integer> months,
            Cost cost,
            String effect,
            List<String> cautions,
            List<String> watch) {
        return new Action(Description.of(id, name)
                .purpose(purpose)
                .grade(grade)
                .months(months)
                .cost(cost)
                .effect(effect)
                .cautions(cautions)
                .watch(watch)
                .uses(uses)
                .example(Map.of())
                .build());
    }

    @Override
    public void calculate(Entered in, Draft out) {
        out.because("no-sum", description.purpose() + ".");
    }
}
