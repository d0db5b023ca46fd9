package morphotera.app.together;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.land.Land;
import morphotera.app.people.Names;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.VisitChanged;
import morphotera.app.scout.Visits;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Two on one visit: each hears what the other wrote, and sees where they stand. */
@RestController
class TogetherController {
    private final Visits visits;
    private final Land land;
    private final Names names;
    private final VisitStreams streams;
    private final Presence presence;

    TogetherController(Visits visits, Land land, Names names, VisitStreams streams, Presence presence) {
        this.visits = visits;
        this.land = land;
        this.names = names;
        this.streams = streams;
        this.presence = presence;
    }

    /** One stream a device: a session is signed in on one. */
    @GetMapping(path = "/api/visits/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(
            @PathVariable UUID id,
            @RequestHeader(name = "Last-Event-ID", required = false) @Nullable Integer after,
            HttpServletRequest request) {
        Visit visit = visits.visit(Viewer.current(), id);
        return streams.open(request.getSession(false).getId(), id, visit.revision(), after);
    }

    record StandsAt(UUID spotId) implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/spotId", spotId, "A spot");
        }
    }

    @PutMapping("/api/visits/{id}/presence")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stand(@PathVariable UUID id, @RequestBody StandsAt body) {
        Viewer viewer = Viewer.writing();
        Visit visit = visits.visit(viewer, id);
        if (land.fieldAt(viewer, visit.fieldId(), body.spotId()).isEmpty()) {
            throw new Refused(List.of(new Refusal("/spotId", "unknown-id", "There is no such spot in this field.")));
        }
        presence.at(id, viewer.personId(), names.of(viewer.personId()), body.spotId());
        streams.told(new VisitChanged(id, visit.revision(), VisitChanged.Kind.PRESENCE, viewer.personId()));
    }

    /** Who stands where; what is older than two minutes is not said. */
    @GetMapping("/api/visits/{id}/presence")
    List<Presence.Stands> stands(@PathVariable UUID id) {
        return presence.of(visits.visit(Viewer.current(), id).id());
    }
}
