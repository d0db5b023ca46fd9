package morphotera.app.decide;

import java.util.List;
import java.util.Map;
import morphotera.app.api.NotFound;
import morphotera.decide.Remedies;
import morphotera.decide.Remedy;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Remedies as they describe themselves, and one calculated and not stored. */
@RestController
class RemedyController {
    @GetMapping("/api/remedies")
    List<Remedy.Description> remedies() {
        return Remedies.ALL.stream().map(Remedy::description).toList();
    }

    @PostMapping("/api/remedies/{id}/calculate")
    Remedy.Answer calculate(@PathVariable String id, @RequestBody Map<String, Object> input) {
        return Remedy.calculate(Remedies.find(id).orElseThrow(() -> new NotFound("remedy", id)), input);
    }
}
