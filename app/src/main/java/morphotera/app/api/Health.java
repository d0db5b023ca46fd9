package morphotera.app.api;

import java.util.Map;
import org.springframework.boot.availability.ApplicationAvailability;
import org.springframework.boot.availability.ReadinessState;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Ready when the data can be worked with: what the start lays out is there, and a row of it is read. */
@RestController
class Health {
    private final HealthMapper data;
    private final ApplicationAvailability start;

    Health(HealthMapper data, ApplicationAvailability start) {
        this.data = data;
        this.start = start;
    }

    @GetMapping("/api/health")
    ResponseEntity<Map<String, String>> health() {
        if (start.getReadinessState() != ReadinessState.ACCEPTING_TRAFFIC) {
            return ResponseEntity.status(503).header("Retry-After", "1").body(Map.of("status", "starting"));
        }
        data.installation();
        return ResponseEntity.ok(Map.of("status", "ready"));
    }
}
