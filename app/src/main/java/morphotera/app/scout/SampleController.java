package morphotera.app.scout;

import java.util.UUID;
import morphotera.app.api.Changes;
import morphotera.app.land.Sample;
import morphotera.app.people.Viewer;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SampleController {
    private final Samples samples;

    SampleController(Samples samples) {
        this.samples = samples;
    }

    @PutMapping("/api/samples/{id}")
    Sample put(@PathVariable UUID id, @RequestBody SampleBody body) {
        return samples.put(Viewer.writing(), id, body);
    }

    @PatchMapping("/api/samples/{id}")
    Sample patch(@PathVariable UUID id, @RequestBody Changes changes) {
        return samples.patch(Viewer.writing(), id, changes);
    }
}
