package morphotera.decide;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.ground.Refused;
import morphotera.measure.Entered;
import morphotera.measure.Field;
import morphotera.measure.FieldCheck;
import morphotera.measure.Grade;

/** An action with a sum: one file holds what it is, what it takes and how much of it. */
public interface Remedy {
    Description description();

    /** Refuses what single fields cannot know; values may be absent here. */
    void check(Entered in, FieldCheck check);

    void calculate(Entered in, Draft out);

    /**
     * @param from where a value may be taken from: field key to {@code method.measure}, {@code field.clayPercent} or {@code
     *     texture.density}
     * @param effect how long until it shows
     * @param range where the sum holds
     */
    record Description(
            String id,
            String name,
            String purpose,
            Grade grade,
            List<Field> fields,
            Map<String, String> from,
            String effect,
            String range,
            String source,
            List<String> watch) {}

    /** One line of the sum: the formula in words, and the same with the numbers in it. */
    record Line(String key, String label, String formula, String filled, double value, String unit) {}

    record Said(String code, String text) {}

    /** The answer, why, and what to mind. */
    record Answer(
            String remedy,
            Grade grade,
            Map<String, Object> answer,
            List<Line> lines,
            List<Said> because,
            List<String> cautions) {}

    /** Collects an answer. */
    final class Draft {
        private final Map<String, Object> answer = new LinkedHashMap<>();
        private final List<Line> lines = new ArrayList<>();
        private final List<Said> because = new ArrayList<>();
        private final List<String> cautions = new ArrayList<>();

        void line(String key, String label, String formula, String filled, double value, String unit) {
            answer.put(key, value);
            lines.add(new Line(key, label, formula, filled, value, unit));
        }

        void because(String code, String text) {
            because.add(new Said(code, text));
        }

        void caution(String text) {
            cautions.add(text);
        }
    }

    /** @throws Refused with everything that is wrong */
    static Answer calculate(Remedy remedy, Map<String, ?> input) {
        FieldCheck check = new FieldCheck();
        Entered in = check.object("", remedy.description().fields(), input);
        remedy.check(in, check);
        if (!check.refusals().isEmpty()) {
            throw new Refused(check.refusals());
        }
        Draft out = new Draft();
        remedy.calculate(in, out);
        return new Answer(
                remedy.description().id(),
                remedy.description().grade(),
                out.answer,
                List.copyOf(out.lines),
                List.copyOf(out.because),
                List.copyOf(out.cautions));
    }
}
