package morphotera.app.exchange;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.app.scout.RainFile;
import morphotera.app.scout.Weather;
import org.springframework.stereotype.Component;

/** Rain and warmth by day, for one holding or for all of the practice's. */
@Component
class RainImporter implements Importer {
    private static final long MOST_BYTES = 20_000_000;

    private final Weather weather;
    private final Land land;

    RainImporter(Weather weather, Land land) {
        this.weather = weather;
        this.land = land;
    }

    @Override
    public String kind() {
        return "rain";
    }

    @Override
    public void read(Viewer viewer, Incoming incoming, Sifted sifted, boolean save) {
        RainFile file = RainFile.read(text(incoming));
        List<morphotera.app.land.Holding> holdings = incoming.holdingId() == null
                ? land.holdings(viewer)
                : List.of(land.holding(viewer, incoming.holdingId()));
        if (holdings.isEmpty()) {
            throw Sifted.refused("missing", "There is no holding yet that rain could fall on.");
        }
        Map<java.time.LocalDate, Weather.Kept> known = weather
                .kept(viewer, holdings.get(0).id())
                .stream()
                .collect(Collectors.toMap(Weather.Kept::day, Function.identity()));
        for (Weather.Kept day : file.days()) {
            Map<String, Object> shown = Sifted.shown(
                    "day",
                    day.day(),
                    "rainMm",
                    day.rainMm(),
                    "irrigationMm",
                    day.irrigationMm(),
                    "airMeanC",
                    day.airMeanC());
            Weather.Kept before = known.get(day.day());
            if (before == null) {
                sifted.add(shown);
            } else if (before.equals(day)) {
                sifted.same(shown);
            } else {
                sifted.change(shown);
            }
        }
        file.bad().forEach(row -> sifted.bad(row.line(), null, "not-readable", row.why()));
        if (save) {
            holdings.forEach(one -> weather.keep(viewer, one.id(), file.days()));
        }
    }

    private static String text(Incoming incoming) {
        try {
            if (Files.size(incoming.file()) > MOST_BYTES) {
                throw Sifted.refused("too-large", "A table of rain takes 20 MB at most.");
            }
            return Files.readString(incoming.file(), StandardCharsets.UTF_8).replace("\uFEFF", "");
        } catch (IOException fault) {
            throw Sifted.refused("not-readable", "The file is not text in UTF-8.");
        }
    }
}
