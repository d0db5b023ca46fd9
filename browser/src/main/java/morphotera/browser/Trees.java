package morphotera.browser;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import morphotera.decide.Remedy;
import morphotera.ground.Refusal;
import morphotera.measure.Curves;
import morphotera.measure.Evaluation;

/** What the core found, as the trees that the API answers with. */
final class Trees {
    private Trees() {}

    /** In the order given: key, value, key, value. */
    static Map<String, Object> of(Object... keysAndValues) {
        Map<String, Object> tree = new LinkedHashMap<>();
        for (int i = 0; i < keysAndValues.length; i += 2) {
            tree.put((String) keysAndValues[i], keysAndValues[i + 1]);
        }
        return tree;
    }

    static <T> List<Object> each(List<T> list, Function<T, Object> tree) {
        List<Object> all = new ArrayList<>();
        list.forEach(one -> all.add(tree.apply(one)));
        return all;
    }

    static <T> Object orNull(T one, Function<T, Object> tree) {
        return one == null ? null : tree.apply(one);
    }

    /** What cannot be computed with, as the API's problem. */
    static Map<String, Object> refused(List<Refusal> refusals) {
        return problem(
                422,
                "refused",
                "Some of this cannot be taken",
                "Nothing was saved. Each finding says where and what to do.",
                each(refusals, one -> of("path", one.path(), "code", one.code(), "text", one.text())));
    }

    static Map<String, Object> problem(int status, String code, String title, String detail, List<Object> errors) {
        return of(
                "type",
                "about:blank",
                "title",
                title,
                "status",
                status,
                "code",
                code,
                "detail",
                detail,
                "errors",
                errors,
                "current",
                null);
    }

    static Map<String, Object> evaluation(Evaluation done) {
        return of(
                "method", done.method(),
                "grade", done.grade().name(),
                "group", done.group(),
                "measures", each(done.measures(), Trees::measure),
                "words", done.words(),
                "score", done.score(),
                "band", done.band(),
                "because", each(done.because(), one -> of("code", one.code(), "text", one.text())),
                "flags", each(done.flags(), one -> of("code", one.code(), "level", one.level(), "text", one.text())),
                "placed", placed(done.placed()),
                "hollow", done.hollow());
    }

    private static Object measure(Evaluation.Measure one) {
        return of(
                "key", one.key(),
                "value", one.value(),
                "unit", one.unit(),
                "depthCm", one.depthCm(),
                "index", one.index(),
                "plusMinus", one.plusMinus(),
                "estimated", one.estimated());
    }

    private static Object placed(Curves.Placed placed) {
        return placed == null
                ? null
                : of(
                        "curve", placed.curve(),
                        "xMeaning", placed.xMeaning(),
                        "x", placed.x(),
                        "score", placed.score(),
                        "knots", placed.knots(),
                        "yardstick", placed.yardstick(),
                        "version", placed.version());
    }

    static Map<String, Object> answer(Remedy.Answer answer) {
        return of(
                "remedy", answer.remedy(),
                "grade", answer.grade().name(),
                "answer", answer.answer(),
                "ranges", ranges(answer.ranges()),
                "narrowed", ranges(answer.narrowed()),
                "lines",
                        each(
                                answer.lines(),
                                line -> of(
                                        "key", line.key(),
                                        "label", line.label(),
                                        "formula", line.formula(),
                                        "filled", line.filled(),
                                        "value", line.value(),
                                        "unit", line.unit())),
                "because", each(answer.because(), one -> of("code", one.code(), "text", one.text())),
                "cautions", answer.cautions());
    }

    private static Map<String, Object> ranges(Map<String, Remedy.Range> of) {
        Map<String, Object> ranges = new LinkedHashMap<>();
        of.forEach((key, range) -> ranges.put(key, of("low", range.low(), "high", range.high())));
        return ranges;
    }
}
