package morphotera.app.measure;

import java.util.List;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The last minute of a probe before its figure was taken, kept with the reading. */
@RestController
class StreamController {
    private final Streams streams;

    StreamController(Streams streams) {
        this.streams = streams;
    }

    /** @param id of the reading: what waits on a device counts as sent only where the answer names it */
    record OfReading(UUID id, List<KeptStreams.Stream> streams) {}

    /** Nothing where its figures were typed. */
    @GetMapping("/api/readings/{id}/streams")
    OfReading of(@PathVariable UUID id) {
        return new OfReading(id, streams.of(Viewer.current(), id).streams());
    }

    /** Kept once: what is sent again changes nothing. */
    @PutMapping("/api/readings/{id}/streams")
    OfReading put(@PathVariable UUID id, @RequestBody KeptStreams body) {
        return new OfReading(id, streams.put(Viewer.writing(), id, body).streams());
    }
}
