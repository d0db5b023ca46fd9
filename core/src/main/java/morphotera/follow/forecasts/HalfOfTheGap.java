package morphotera.follow.forecasts;

import java.util.List;
import java.util.Map;
import morphotera.follow.Forecast;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.EntryCheck;
import morphotera.measure.Grade;

/** Structure, worms and cover left in peace under living roots: half of the gap to the best in 3 years, 2 to 6, drawn wide. */
final class HalfOfTheGap implements Forecast {
    private static final Description DESCRIPTION = new Description(
            "structure",
            "Structure, worms and cover",
            Grade.C,
            "years",
            "score",
            List.of(
                    Entry.number("scoreNow", "Score now", "score", 0, 100),
                    Entry.number("scoreBest", "Score it may reach", "score", 0, 100)
                            .preset(100.0)),
            "Under no disturbance and living roots half of the gap closes in 3 years, 2 to 6. A heuristic, drawn wide.",
            "A practitioner's heuristic",
            Map.of("scoreNow", 44, "scoreBest", 90));

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Entered in, EntryCheck check) {
        if (in.has("scoreNow") && in.has("scoreBest") && in.number("scoreBest") <= in.number("scoreNow")) {
            check.refuse("/scoreBest", "nothing-to-do", "The score it may reach lies above the score now.");
        }
    }

    @Override
    public List<Double> usual(Entered in) {
        return List.of(0.0, 1.0, 2.0, 3.0, 4.0, 6.0, 8.0, 10.0);
    }

    @Override
    public Path path(Entered in, Luck luck) {
        // Half-lives cannot be negative, so they are drawn on their logarithm.
        double half = Math.exp(luck.of(Math.log(2), Math.log(3), Math.log(6)));
        double best = in.number("scoreBest");
        double gap = best - in.number("scoreNow");
        return years -> best - gap * Math.pow(2, -years / half);
    }
}
