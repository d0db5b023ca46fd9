package morphotera.app.api;

import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Ready when the data file answers. */
@RestController
class Health {
    private final JdbcTemplate data;

    Health(JdbcTemplate data) {
        this.data = data;
    }

    @GetMapping("/api/health")
    Map<String, String> health() {
        data.queryForObject("select 1", Integer.class);
        return Map.of("status", "ready");
    }
}
