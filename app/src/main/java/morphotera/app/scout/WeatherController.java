package morphotera.app.scout;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.people.Viewer;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Rain and warmth by day, as a field's weather gate judges them. */
@RestController
class WeatherController {
    private static final int MOST_DAYS = 800;
    private static final int LONGEST_TEXT = 900_000;

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

    /** {@code keep} false looks only. */
    record RainBody(String text, Boolean keep) implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/text", text, "The table");
            findings.atMost("/text", text, "The table", LONGEST_TEXT);
        }
    }

    record RainRead(List<Weather.Kept> days, List<RainFile.BadRow> bad, int kept) {}

    /** Rows that cannot be read are listed and left out; nothing is kept until it is asked for. */
    @PostMapping("/api/holdings/{id}/rain")
    RainRead rain(@PathVariable UUID id, @RequestBody RainBody body) {
        RainFile file = RainFile.read(body.text());
        boolean keep = Boolean.TRUE.equals(body.keep());
        if (keep) {
            weather.keep(Viewer.writing(), id, file.days());
        }
        return new RainRead(file.days(), file.bad(), keep ? file.days().size() : 0);
    }
}
