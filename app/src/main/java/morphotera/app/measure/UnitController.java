package morphotera.app.measure;

import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.ground.Figure;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Figures as people type them, in the one unit that is kept. */
@RestController
class UnitController {
    record Typed(String text, String unit) implements Checked {
        @Override
        public void check(Findings findings) {
            findings.text("/text", text, "What was typed", 60);
            findings.text("/unit", unit, "The unit it is kept in", 20);
        }
    }

    @PostMapping("/api/units/read")
    Figure read(@RequestBody Typed typed) {
        return Figure.read(typed.text(), typed.unit());
    }
}
