package morphotera.app.api;

import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Ready when the data can be worked with: its tables are there and a row of them is read. */
@RestController
class Health {
    private final HealthMapper data;

    Health(HealthMapper data) {
        this.data = data;
    }

    @GetMapping("/api/health")
    Map<String, String> health() {
        data.installation();
        return Map.of("status", "ready");
    }
}
