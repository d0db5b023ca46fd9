package morphotera.app.measure;

import java.util.List;
import java.util.Map;
import morphotera.app.api.NotFound;
import morphotera.ground.Nullable;
import morphotera.measure.Evaluation;
import morphotera.measure.Method;
import morphotera.measure.Methods;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Methods as they describe themselves, and one reading computed and not stored. */
@RestController
class MethodController {
    private final Evaluations evaluations;

    MethodController(Evaluations evaluations) {
        this.evaluations = evaluations;
    }

    /** {@code context}: use, texture, clayPercent, crop, purpose, moisture, soilTemperatureC, daysSinceRain, ph, ece; all may be missing. */
    record EvaluateBody(
            @Nullable Map<String, Object> context, @Nullable Map<String, Object> reading) {}

    @GetMapping("/api/methods")
    List<MethodView> methods() {
        return Methods.ALL.stream()
                .map(method -> MethodView.of(method.description()))
                .toList();
    }

    @GetMapping("/api/methods/{id}")
    MethodView method(@PathVariable String id) {
        return MethodView.of(find(id).description());
    }

    @PostMapping("/api/methods/{id}/evaluate")
    Evaluation evaluate(@PathVariable String id, @RequestBody EvaluateBody body) {
        return evaluations.evaluate(
                find(id),
                body.context() == null ? Map.of() : body.context(),
                body.reading() == null ? Map.of() : body.reading());
    }

    private static Method find(String id) {
        return Methods.find(id).orElseThrow(() -> new NotFound("method", id));
    }
}
