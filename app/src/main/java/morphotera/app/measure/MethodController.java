package morphotera.app.measure;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import morphotera.app.api.Findings;
import morphotera.app.api.NotFound;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.ground.TextureGroup;
import morphotera.measure.Evaluation;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
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
    List<MethodView> methods(@RequestParam(defaultValue = "medium") String textureGroup) {
        TextureGroup group = group(textureGroup);
        return Methods.ALL.stream().map(method -> MethodView.of(method, group)).toList();
    }

    @GetMapping("/api/methods/{id}")
    MethodView method(@PathVariable String id, @RequestParam(defaultValue = "medium") String textureGroup) {
        return MethodView.of(find(id), group(textureGroup));
    }

    private static TextureGroup group(String word) {
        List<String> words =
                Arrays.stream(TextureGroup.values()).map(TextureGroup::word).toList();
        Findings findings = new Findings();
        findings.word("/textureGroup", word, "texture group", words);
        findings.throwIfAny();
        return Coded.of(TextureGroup.values(), word);
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
