package morphotera.app.decide;

import java.util.List;
import java.util.Map;
import morphotera.app.api.NotFound;
import morphotera.app.people.Viewer;
import morphotera.app.tables.PracticeSheets;
import morphotera.decide.CauseTable;
import morphotera.decide.Remedy;
import morphotera.decide.WaterBudget;
import morphotera.decide.remedies.Remedies;
import morphotera.ground.Nullable;
import morphotera.measure.Entry;
import morphotera.measure.Grade;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Remedies as they describe themselves, and one calculated and not stored. */
@RestController
class RemedyController {
    private final CauseTable table;
    private final PracticeSheets sheets;

    RemedyController(CauseTable table, PracticeSheets sheets) {
        this.table = table;
        this.sheets = sheets;
    }

    /** {@code serves}: the causes it is for, as the cause table has it; {@code fields} empty where there is no sum. */
    record RemedyView(
            String id,
            String name,
            String purpose,
            Grade grade,
            List<String> serves,
            List<Entry> fields,
            List<Integer> months,
            Remedy.Cost cost,
            String effect,
            String range,
            String source,
            List<String> cautions,
            List<String> watch,
            @Nullable String decides,
            Map<String, Object> example) {}

    @GetMapping("/api/remedies")
    List<RemedyView> remedies() {
        return Remedies.ALL.stream().map(remedy -> view(remedy.description())).toList();
    }

    private RemedyView view(Remedy.Description remedy) {
        return new RemedyView(
                remedy.id(),
                remedy.name(),
                remedy.purpose(),
                remedy.grade(),
                table.servedBy(remedy.id()),
                remedy.fields(),
                remedy.months(),
                remedy.cost(),
                remedy.effect(),
                remedy.range(),
                remedy.source(),
                remedy.cautions(),
                remedy.watch(),
                remedy.decides(),
                remedy.example());
    }

    @PostMapping("/api/remedies/{id}/calculate")
    Remedy.Answer calculate(@PathVariable String id, @RequestBody Map<String, Object> input) {
        return Remedy.calculate(
                Remedies.find(id).orElseThrow(() -> new NotFound("remedy", id)), input, sheets.of(Viewer.current()));
    }

    @PostMapping("/api/water-budgets/calculate")
    WaterBudget waterBudget(@RequestBody Map<String, Object> input) {
        return WaterBudget.of(input);
    }
}
