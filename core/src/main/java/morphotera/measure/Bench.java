package morphotera.measure;

import java.util.List;
import java.util.Map;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;

/** Evaluates one reading: checks the context and every field, computes, and flags the day where the method asks for it. */
public final class Bench {
    /** Raised when any method comes to another result than before; it stands beside every result. */
    public static final String RULES = "core 0.2.0";

    private Bench() {}

    /**
     * @throws Refused with everything that is wrong, each with its JSON pointer under {@code /context} and {@code /reading}
     */
    public static Evaluation evaluate(Method method, Map<String, ?> context, Map<String, ?> reading, Curves curves) {
        EntryCheck check = new EntryCheck();
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
        if (!method.day(entered).suits(known)) {
            out.wrongDay();
        }
        Sample.flag(known, entered, out);
        return out.done();
    }
}
