package morphotera.follow.forecasts;

import static morphotera.measure.Entry.option;

import java.util.List;
import java.util.Map;
import morphotera.follow.Forecast;
import morphotera.ground.Coded;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.Grade;

/**
 * What comes if nothing is done: pH falls 0.04 a year (0.02 to 0.08), salt without an outlet stays about where it is, structure
 * does not mend by itself. A plan's remedies are held beside it.
 */
final class LeftAlone implements Forecast {
    /** How fast each moves by itself, a year: low, middle, high. */
    private enum Of implements Coded {
        PH(-0.08, -0.04, -0.02),
        SALT(-0.1, 0, 0.1),
        SCORE(-2, 0, 2);

        private final double low;
        private final double middle;
        private final double high;

        Of(double low, double middle, double high) {
            this.low = low;
            this.middle = middle;
            this.high = high;
        }
    }

    private static final double HIGHEST_SCORE = 100;

    private static final Description DESCRIPTION = new Description(
            "left-alone",
            "Nothing done",
            Grade.C,
            "years",
            "as it is",
            List.of(
                    Entry.choice(
                            "of",
                            "Of",
                            option("ph", "pH", null),
                            option("salt", "Salt", null),
                            option("score", "A score", null)),
                    Entry.number("now", "Now", null, 0, 100)),
            "What nothing is done to: pH falls slowly, salt without an outlet stays, structure does not mend by itself.",
            "The fall of limed pH, and field rules",
            Map.of("of", "ph", "now", 5.2));

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public List<Double> usual(Entered in) {
        return List.of(0.0, 1.0, 2.0, 3.0, 4.0, 5.0);
    }

    @Override
    public Path path(Entered in, Luck luck) {
        Of of = Coded.of(Of.values(), in.word("of"));
        double perYear = luck.of(of.low, of.middle, of.high);
        double now = in.number("now");
        double most = of == Of.SCORE ? HIGHEST_SCORE : Double.MAX_VALUE;
        return years -> Math.max(0, Math.min(most, now + perYear * years));
    }
}
