package morphotera.app.measure;

import java.util.List;
import morphotera.app.api.NotFound;
import morphotera.app.devices.CameraRoll;
import morphotera.app.people.Viewer;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Drawn pictures for who tries the benches without a field in sight; none outside the demo. */
@RestController
class CameraRollController {
    private final CameraRoll roll;

    CameraRollController(CameraRoll roll) {
        this.roll = roll;
    }

    @GetMapping("/api/camera-roll")
    List<CameraRoll.Shot> all() {
        Viewer.current();
        return roll.all();
    }

    @GetMapping(value = "/api/camera-roll/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
    byte[] take(@PathVariable String id) {
        Viewer.current();
        return roll.take(id).orElseThrow(() -> new NotFound("picture", id));
    }
}
