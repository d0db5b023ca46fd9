package morphotera.app.tables;

import java.util.List;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.people.Viewer;
import morphotera.decide.sheets.Sheet;
import morphotera.ground.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Tables of the practice: salt, cover crops, pH of crops, pH coefficients, water held. */
@RestController
class SheetController {
    private final PracticeSheets sheets;

    SheetController(PracticeSheets sheets) {
        this.sheets = sheets;
    }

    @GetMapping("/api/tables")
    List<PracticeSheets.SheetView> all() {
        return sheets.all(Viewer.current());
    }

    @GetMapping("/api/tables/{id}")
    PracticeSheets.SheetView one(@PathVariable String id, @RequestParam @Nullable Integer version) {
        return sheets.one(Viewer.current(), id, version);
    }

    record SheetBody(List<Sheet.Row> rows, int version) implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/rows", rows, "The rows");
            findings.size("/rows", rows == null ? 0 : rows.size(), "Rows", Sheet.MOST_ROWS);
            for (int i = 0; rows != null && i < Math.min(rows.size(), Sheet.MOST_ROWS); i++) {
                findings.needed("/rows/" + i, rows.get(i), "A row");
            }
        }
    }

    /** Each save is a new version; those before stay readable. */
    @PutMapping("/api/tables/{id}")
    PracticeSheets.SheetView put(@PathVariable String id, @RequestBody SheetBody body) {
        return sheets.put(Viewer.writing(), id, body.rows(), body.version());
    }
}
