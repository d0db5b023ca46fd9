package morphotera.browser;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import morphotera.decide.Remedy;
import morphotera.decide.remedies.Remedies;
import morphotera.ground.Refused;
import morphotera.measure.Bench;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;
import morphotera.read.School;

/** JSON in, a core function, JSON out. */
final class Calls {
    private Calls() {}

    static String evaluate(String method, String body) {
        return answer(body, in -> {
            Optional<Method> known = Methods.find(method);
            if (known.isEmpty()) {
                return notHere("There is no method '" + method + "' here.");
            }
            return Trees.evaluation(Bench.evaluate(
                    known.get(), object(in, "context"), object(in, "reading"), Shipped.yardstick(School.BALANCED)));
        });
    }

    static String remedy(String id, String input) {
        return answer(input, in -> {
            Optional<Remedy> known = Remedies.find(id);
            return known.isEmpty()
                    ? notHere("There is no remedy '" + id + "' here.")
                    : Trees.answer(Remedy.calculate(known.get(), in));
        });
    }

    private interface Sum {
        Object of(Map<String, Object> in);
    }

    @SuppressWarnings("unchecked")
    private static String answer(String body, Sum sum) {
        Object in;
        try {
            in = JsonReader.read(body);
        } catch (IllegalArgumentException fault) {
            return notReadable();
        }
        if (!(in instanceof Map)) {
            return notReadable();
        }
        return said(() -> sum.of((Map<String, Object>) in));
    }

    private static String said(Supplier<Object> tree) {
        try {
            return JsonWriter.write(tree.get());
        } catch (Refused refused) {
            return JsonWriter.write(Trees.refused(refused.refusals()));
        }
    }

    private static String notReadable() {
        return JsonWriter.write(Trees.problem(
                400, "not-readable", "Not readable", "The body is not JSON that can be read here.", List.of()));
    }

    private static Map<String, Object> notHere(String detail) {
        return Trees.problem(404, "not-here", "Not here", detail, List.of());
    }

    /** A part that is an object; nothing where it is missing. */
    @SuppressWarnings("unchecked")
    static Map<String, Object> object(Map<String, Object> in, String key) {
        return in.get(key) instanceof Map ? (Map<String, Object>) in.get(key) : Map.of();
    }
}
