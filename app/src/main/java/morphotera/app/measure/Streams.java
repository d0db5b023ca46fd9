package morphotera.app.measure;

import java.util.List;
import java.util.UUID;
import morphotera.app.api.Json;
import morphotera.app.api.NotFound;
import morphotera.app.people.Viewer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What probes said before their figures were taken, with the readings those went into. */
@Service
class Streams {
    private final Readings readings;
    private final StreamMapper streams;
    private final Json json;

    Streams(Readings readings, StreamMapper streams, Json json) {
        this.readings = readings;
        this.streams = streams;
        this.json = json;
    }

    KeptStreams of(Viewer viewer, UUID readingId) {
        readings.find(viewer, readingId).orElseThrow(() -> new NotFound("reading", readingId));
        return streams.of(viewer, readingId)
                .map(kept -> json.read(kept, KeptStreams.class))
                .orElse(new KeptStreams(List.of()));
    }

    @Transactional
    public KeptStreams put(Viewer viewer, UUID readingId, KeptStreams body) {
        readings.find(viewer, readingId).orElseThrow(() -> new NotFound("reading", readingId));
        streams.add(viewer, readingId, json.write(body));
        return of(viewer, readingId);
    }
}
