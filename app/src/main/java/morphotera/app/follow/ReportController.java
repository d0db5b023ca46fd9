package morphotera.app.follow;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.people.Readers;
import morphotera.app.people.Viewer;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Reports that went out to growers. */
@RestController
class ReportController {
    private final Reports reports;

    ReportController(Reports reports) {
        this.reports = reports;
    }

    record ReportBody(UUID visitId, String zone, Map<String, Object> content, int version) implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/visitId", visitId, "The visit it is of");
            findings.needed("/zone", zone, "The zone it is of");
            findings.needed("/content", content, "What stands in it");
        }
    }

    @GetMapping("/api/visits/{id}/reports")
    List<Reports.Sent> ofVisit(@PathVariable UUID id) {
        return reports.ofVisit(Viewer.current(), id);
    }

    @GetMapping("/api/visits/{id}/readers")
    List<Readers.Reader> readers(@PathVariable UUID id) {
        return reports.readers(Viewer.current(), id);
    }

    @GetMapping("/api/reports/{id}")
    Reports.ReportView one(@PathVariable UUID id) {
        return reports.one(Viewer.current(), id);
    }

    @PutMapping("/api/reports/{id}")
    Reports.ReportView put(@PathVariable UUID id, @RequestBody ReportBody body) {
        return reports.put(Viewer.writing(), id, body.visitId(), body.zone(), body.content(), body.version());
    }
}
