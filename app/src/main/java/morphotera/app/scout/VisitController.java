package morphotera.app.scout;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Changes;
import morphotera.app.people.Viewer;
import morphotera.decide.CauseTable;
import morphotera.ground.TextureClass;
import morphotera.scout.Question;
import morphotera.scout.StartCard;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class VisitController {
    private final Visits visits;
    private final CauseTable causes;

    VisitController(Visits visits, CauseTable causes) {
        this.visits = visits;
        this.causes = causes;
    }

    record QuestionView(String id, String label, String purpose, List<String> methods) {}

    record TickView(String id, String text) {}

    /** What a visit is planned with: questions with their tests, the start card, and what only eyes can see. */
    record Planning(
            List<QuestionView> questions,
            List<StartCard.Item> startCard,
            List<TickView> ticks,
            Map<String, String> textureGroups) {}

    @GetMapping("/api/planning")
    Planning planning() {
        return new Planning(
                Arrays.stream(Question.values())
                        .map(one -> new QuestionView(one.word(), one.label(), one.purpose(), one.methods()))
                        .toList(),
                StartCard.ITEMS,
                causes.findings().stream()
                        .filter(CauseTable.Finding::isTicked)
                        .map(finding -> new TickView(finding.id(), finding.text()))
                        .toList(),
                textureGroups());
    }

    private static Map<String, String> textureGroups() {
        Map<String, String> groups = new LinkedHashMap<>();
        for (TextureClass texture : TextureClass.values()) {
            groups.put(texture.word(), texture.group().word());
        }
        return groups;
    }

    @GetMapping("/api/fields/{id}/visits")
    List<Visit> visits(@PathVariable UUID id) {
        return visits.ofField(Viewer.current(), id);
    }

    @PatchMapping("/api/visits/{id}")
    Visit patch(@PathVariable UUID id, @RequestBody Changes changes) {
        return visits.patch(Viewer.writing(), id, changes);
    }

    @PutMapping("/api/visits/{id}")
    Visit put(@PathVariable UUID id, @RequestBody VisitBody body) {
        return visits.put(Viewer.writing(), id, body);
    }
}
