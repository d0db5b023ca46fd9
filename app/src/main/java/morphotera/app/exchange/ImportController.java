package morphotera.app.exchange;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Files are looked at, then confirmed. */
@RestController
class ImportController {
    private final Imports imports;
    private final Savings savings;

    ImportController(Imports imports, Savings savings) {
        this.imports = imports;
        this.savings = savings;
    }

    /**
     * @param state looking, looked-at, saving or saved; while it is looked at or saved, the figures are those so far
     * @param sample the first good rows as they would be saved
     */
    record ImportView(
            UUID id,
            String kind,
            String state,
            long rows,
            long good,
            List<Sifted.Bad> bad,
            List<Map<String, Object>> sample,
            Map<String, String> columns,
            Sifted.Would would) {
        static ImportView of(Imports.Look look) {
            Sifted all = look.sifted();
            return new ImportView(
                    look.id(),
                    look.kind(),
                    look.state(),
                    all.rows(),
                    all.good(),
                    all.bad(),
                    all.sample(),
                    all.columns(),
                    all.would());
        }
    }

    /** The body is the file itself. */
    @PostMapping(value = "/api/imports", consumes = "*/*")
    ResponseEntity<ImportView> receive(
            @RequestParam String kind,
            @RequestParam(required = false) @Nullable UUID holding,
            @RequestParam(required = false) @Nullable UUID field,
            HttpServletRequest request)
            throws IOException {
        Viewer viewer = Viewer.writing();
        UUID id = imports.keep(kind, request.getInputStream());
        return answer(savings.receive(viewer, id, kind, holding, field));
    }

    @GetMapping("/api/imports/{id}")
    ImportView look(@PathVariable UUID id) {
        return ImportView.of(savings.look(Viewer.writing(), id));
    }

    /** @param columns by heading what it is read as; an empty word: not read */
    record ColumnsBody(Map<String, String> columns) implements Checked {
        private static final int MOST = 200;

        @Override
        public void check(Findings findings) {
            findings.needed("/columns", columns, "The columns");
            if (columns != null) {
                findings.size("/columns", columns.size(), "Columns", MOST);
            }
        }
    }

    @PutMapping("/api/imports/{id}/columns")
    ImportView match(@PathVariable UUID id, @RequestBody ColumnsBody body) {
        return ImportView.of(imports.match(Viewer.writing(), id, body.columns()));
    }

    @PostMapping("/api/imports/{id}/confirm")
    ResponseEntity<ImportView> confirm(@PathVariable UUID id) {
        return answer(savings.confirm(Viewer.writing(), id));
    }

    /** 202 while it goes on aside. */
    private static ResponseEntity<ImportView> answer(Imports.Look look) {
        boolean goesOn = look.state().equals(Imports.LOOKING) || look.state().equals(Imports.SAVING);
        return ResponseEntity.status(goesOn ? HttpStatus.ACCEPTED : HttpStatus.OK)
                .body(ImportView.of(look));
    }

    @DeleteMapping("/api/imports/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void drop(@PathVariable UUID id) {
        savings.drop(Viewer.writing(), id);
    }
}
