package morphotera.app.api;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import morphotera.ground.Decimal;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;

/** Collects everything wrong with a body, each with its JSON pointer. */
public final class Findings {
    private final List<Refusal> refusals = new ArrayList<>();

    public void refuse(String path, String code, String text) {
        // What could not be read is not also missing.
        if (refusals.stream().noneMatch(one -> one.path().equals(path))) {
            refusals.add(new Refusal(path, code, text));
        }
    }

    /** Refuses with all that was found, or goes on. */
    public void throwIfAny() {
        if (!refusals.isEmpty()) {
            throw new Refused(refusals);
        }
    }

    public void needed(String path, Object value, String label) {
        if (value == null) {
            refuse(path, "missing", label + " is needed here.");
        }
    }

    /** A name or a line of text that must be there and may not be longer than that. */
    public void text(String path, String value, String label, int longest) {
        if (value == null || value.isBlank()) {
            refuse(path, "missing", label + " is needed here.");
        } else {
            atMost(path, value, label, longest);
        }
    }

    public void atMost(String path, String value, String label, int longest) {
        if (value != null && value.length() > longest) {
            refuse(
                    path,
                    "too-long",
                    label + " takes " + longest + " characters at most; it has " + value.length() + ".");
        }
    }

    public void range(String path, Double value, String label, double min, double max) {
        if (value != null && !(value >= min && value <= max)) {
            refuse(
                    path,
                    "out-of-range",
                    label + " goes from " + Decimal.show(min, 2) + " to " + Decimal.show(max, 2) + ".");
        }
    }

    public void word(String path, String value, String label, Collection<String> words) {
        if (value != null && !words.contains(value)) {
            refuse(
                    path,
                    "unknown-word",
                    "'" + value + "' is not known as " + label + "; choose one of " + String.join(", ", words) + ".");
        }
    }
}
