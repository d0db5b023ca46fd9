package morphotera.app.scout;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import morphotera.app.people.Viewer;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Rain and warmth by day, as a field's weather gate judges them. */
@RestController
class WeatherController {
    private static final int MOST_DAYS = 800;

    private final Weather weather;

    WeatherController(Weather weather) {
        this.weather = weather;
    }

    @GetMapping("/api/fields/{id}/weather")
    Weather.Record of(@PathVariable UUID id, @RequestParam LocalDate from, @RequestParam LocalDate to) {
        if (to.isBefore(from) || to.toEpochDay() - from.toEpochDay() >= MOST_DAYS) {
            throw new Refused(List.of(new Refusal(
                    "/to",
                    "out-of-range",
                    "The last day is not before the first, and at most " + MOST_DAYS + " after it.")));
        }
        return weather.of(Viewer.current(), id, from, to);
    }
}
