package morphotera.follow.forecasts;

import java.util.List;
import java.util.Map;
import morphotera.follow.Forecast;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.Grade;

/** Salt with drains and rain alone: 0.2 dS/m a year, nine of ten between 0.1 and 0.3; never under 0. */
final class SaltDrained implements Forecast {
    private static final Description DESCRIPTION = new Description(
            "salt",
            "Salt, with drains and rain",
            Grade.B,
            "years",
            "dS/m",
            List.of(Entry.number("eceNow", "Salt now, saturated paste", "dS/m", 0, 60)),
            "With drains and rain alone salt falls by about 0.2 dS/m a year, 0.1 to 0.3.",
            "A field rule; where drained water is known, salt-by-water is better",
            Map.of("eceNow", 9.5, "readingSpread", 0.4));

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public List<Double> usual(Entered in) {
        return List.of(0.0, 1.0, 2.0, 3.0, 4.0, 5.0, 7.0, 10.0);
    }

    @Override
    public Path path(Entered in, Luck luck) {
        double fall = luck.of(0.1, 0.2, 0.3);
        double now = in.number("eceNow");
        return years -> Math.max(0, now - fall * years);
    }
}
