package morphotera.measure;

import java.util.List;
import java.util.Map;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;

/** Evaluates one reading: checks the context and every field, computes, and flags the day where the method asks for it. */
public final class Bench {
    private static final String CONDITIONS =
            "The soil was not right for this test that day; the reading is kept and shown, but is no evidence.";

    private Bench() {}

    /**
     * @throws Refused with everything that is wrong, each with its JSON pointer under {@code /context} and {@code /reading}
     */
    public static Evaluation evaluate(Method method, Map<String, ?> context, Map<String, ?> reading, Curves curves) {
        FieldCheck check = new FieldCheck();
        Entered contextIn = check.object("/context", Context.FIELDS, context);
        Context known = Context.of(contextIn);
        Description description = method.description();
        Entered entered = check.object("/reading", description.fields(), reading);
        method.check(known, entered, check);
        List<Refusal> refusals = check.refusals();
        if (!refusals.isEmpty()) {
            throw new Refused(refusals);
        }
        Evaluation.Draft out = new Evaluation.Draft(description);
        method.evaluate(known, entered, curves, out);
        Evaluation done = out.done();
        return description.onTheDay() && !known.validDay() ? withConditions(done) : done;
    }

    private static Evaluation withConditions(Evaluation done) {
        List<Evaluation.Flag> flags = new java.util.ArrayList<>(done.flags());
        flags.add(new Evaluation.Flag("conditions", Evaluation.Level.WARNING, CONDITIONS));
        return new Evaluation(
                done.method(),
                done.grade(),
                done.group(),
                done.measures(),
                done.words(),
                done.score(),
                done.band(),
                done.because(),
                List.copyOf(flags),
                done.placed());
    }
}
