package morphotera.follow.forecasts;

import java.util.List;
import java.util.Map;
import morphotera.follow.Forecast;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.EntryCheck;
import morphotera.measure.Grade;

/**
 * pH after lime: 40, 80, 100 % of the rise after 6, 12, 24 months, straight between, then falling 0.04 a year, nine of ten between
 * 0.02 and 0.08. The rise itself is good to a quarter where no buffer test was made.
 */
final class LimedPh implements Forecast {
    private static final double[] YEARS = {0, 0.5, 1, 2};
    private static final double[] SHARE = {0, 0.4, 0.8, 1};
    private static final double RISE_WITHIN = 0.25;

    private static final Description DESCRIPTION = new Description(
            "lime",
            "pH after lime",
            Grade.B,
            "years",
            "pH",
            List.of(
                    Entry.number("phNow", "pH now, in water", "pH", 3.5, 8),
                    Entry.number("phTarget", "pH reckoned with, in water", "pH", 3.5, 8),
                    Entry.number("fallPerYear", "Falls again by", "pH a year", 0.02, 0.3)
                            .preset(0.04)
                            .hint("More with ammonium nitrogen.")),
            "40, 80 and 100 % of the rise after 6, 12 and 24 months, then it falls again.",
            "Rates of reaction after common liming trials",
            Map.of(
                    "phNow",
                    5.2,
                    "phTarget",
                    6.2,
                    "readingSpread",
                    0.1,
                    "observed",
                    List.of(Map.of("at", 1, "value", 5.9))));

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Entered in, EntryCheck check) {
        if (in.has("phNow") && in.has("phTarget") && in.number("phTarget") <= in.number("phNow")) {
            check.refuse("/phTarget", "nothing-to-do", "Lime raises pH: the pH reckoned with lies above the pH now.");
        }
    }

    @Override
    public List<Double> usual(Entered in) {
        return List.of(0.0, 0.5, 1.0, 1.5, 2.0, 3.0, 4.0, 5.0);
    }

    @Override
    public Path path(Entered in, Luck luck) {
        double now = in.number("phNow");
        double rise = (in.number("phTarget") - now) * luck.of(1 - RISE_WITHIN, 1, 1 + RISE_WITHIN);
        double middle = in.number("fallPerYear");
        double fall = luck.of(middle / 2, middle, 2 * middle);
        return years -> now + rise * share(years) - fall * Math.max(0, years - 2);
    }

    private static double share(double years) {
        for (int i = 1; i < YEARS.length; i++) {
            if (years <= YEARS[i]) {
                double part = (years - YEARS[i - 1]) / (YEARS[i] - YEARS[i - 1]);
                return SHARE[i - 1] + part * (SHARE[i] - SHARE[i - 1]);
            }
        }
        return 1;
    }
}
