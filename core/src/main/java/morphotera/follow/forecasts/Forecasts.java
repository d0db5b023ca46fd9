package morphotera.follow.forecasts;

import java.util.List;
import java.util.Optional;
import morphotera.follow.Forecast;

/** All forecasts. The one line a new forecast adds outside its own file. */
public final class Forecasts {
    public static final List<Forecast> ALL = List.of(
            new SaltDrained(), new SaltByWater(), new LimedPh(), new HighPh(), new CarbonPools(), new HalfOfTheGap());

    /** What a remedy's promise is held beside. */
    public static final Forecast NOTHING = new LeftAlone();

    private Forecasts() {}

    public static Optional<Forecast> find(String id) {
        return ALL.stream()
                .filter(forecast -> forecast.description().id().equals(id))
                .findFirst();
    }
}
