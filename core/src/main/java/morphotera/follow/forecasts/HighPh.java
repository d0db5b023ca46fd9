package morphotera.follow.forecasts;

import java.util.List;
import java.util.Map;
import morphotera.follow.Forecast;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.Grade;

/** High pH from poor drainage, once drained: 1.5 units in 10 to 20 years. Where sulphur was given its dip lasts a season. */
final class HighPh implements Forecast {
    private static final double UNITS = 1.5;
    private static final double SEASON_YEARS = 0.5;

    private static final Description DESCRIPTION = new Description(
            "high-ph",
            "High pH, once drained",
            Grade.B,
            "years",
            "pH",
            List.of(
                    Entry.number("phNow", "pH now, in water", "pH", 7, 10.5),
                    Entry.number("sulphurDip", "Dip by sulphur", "pH", 0, 3)
                            .preset(0.0)
                            .hint("It lasts a season.")),
            "After drainage 1.5 units in 10 to 20 years; sulphur's dip lasts a season.",
            "A field rule",
            Map.of("phNow", 8.6));

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public List<Double> usual(Entered in) {
        return List.of(0.0, 0.25, 0.5, 1.0, 2.0, 5.0, 10.0, 15.0, 20.0);
    }

    @Override
    public Path path(Entered in, Luck luck) {
        double perYear = UNITS / luck.of(10, 15, 20);
        double now = in.number("phNow");
        double dip = in.number("sulphurDip");
        // What happens beyond those 1.5 units is not forecast.
        double floor = now - UNITS;
        return years -> Math.max(floor, now - perYear * years) - (years > 0 && years <= SEASON_YEARS ? dip : 0);
    }
}
