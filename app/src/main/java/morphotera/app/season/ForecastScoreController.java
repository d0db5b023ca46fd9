package morphotera.app.season;

import morphotera.app.people.Viewer;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** How often what was promised came, and what was called a cause was one. */
@RestController
class ForecastScoreController {
    private final ForecastScore score;

    ForecastScoreController(ForecastScore score) {
        this.score = score;
    }

    @GetMapping("/api/forecasts/score")
    ForecastScore.View score() {
        return score.of(Viewer.current());
    }
}
