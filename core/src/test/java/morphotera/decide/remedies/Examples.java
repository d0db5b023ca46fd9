package morphotera.decide.remedies;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.decide.Remedy;
import morphotera.ground.Refused;

/** The remedies' own examples, changed a little and calculated. */
final class Examples {
    private Examples() {}

    /** The remedy's example with some of it changed; null takes a value out. */
    static Map<String, Object> input(String remedy, Object... changes) {
        Map<String, Object> input = new LinkedHashMap<>(
                Remedies.find(remedy).orElseThrow().description().example());
        for (int i = 0; i < changes.length; i += 2) {
            if (changes[i + 1] == null) {
                input.remove((String) changes[i]);
            } else {
                input.put((String) changes[i], changes[i + 1]);
            }
        }
        return input;
    }

    static Remedy.Answer answer(String remedy, Object... changes) {
        return Remedy.calculate(Remedies.find(remedy).orElseThrow(), input(remedy, changes));
    }

    static double number(String key, String remedy, Object... changes) {
        return (Double) answer(remedy, changes).answer().get(key);
    }

    static List<String> reasons(String remedy, Object... changes) {
        return answer(remedy, changes).because().stream()
                .map(Remedy.Reason::code)
                .toList();
    }

    static List<String> refusals(String remedy, Object... changes) {
        try {
            answer(remedy, changes);
            return List.of();
        } catch (Refused refused) {
            return refused.refusals().stream()
                    .map(one -> one.path() + " " + one.code())
                    .toList();
        }
    }
}
