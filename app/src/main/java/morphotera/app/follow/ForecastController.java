package morphotera.app.follow;

import java.util.List;
import java.util.Map;
import morphotera.app.api.NotFound;
import morphotera.follow.Forecast;
import morphotera.follow.forecasts.Forecasts;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Forecasts as they describe themselves, and one drawn as a band and not stored. */
@RestController
class ForecastController {
    @GetMapping("/api/forecasts")
    List<Forecast.Description> forecasts() {
        return Forecasts.ALL.stream().map(Forecast::description).toList();
    }

    @PostMapping("/api/forecasts/{id}")
    Forecast.Result forecast(@PathVariable String id, @RequestBody Map<String, Object> input) {
        return Forecast.of(Forecasts.find(id).orElseThrow(() -> new NotFound("forecast", id)), input);
    }
}
