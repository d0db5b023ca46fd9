package morphotera.app.exchange;

import java.util.Arrays;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.exchange.tables.Scope;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import org.springframework.core.io.FileSystemResource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A practice, a holding or a visit taken out as one file. */
@RestController
class ExportController {
    private final Exports exports;
    private final Land land;
    private final Visits visits;

    ExportController(Exports exports, Land land, Visits visits) {
        this.exports = exports;
        this.land = land;
        this.visits = visits;
    }

    /** @param id of the holding or the visit; none for the practice */
    record ExportBody(
            String what, @Nullable UUID id, @Nullable Boolean photographs) implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/what", what, "What is taken out");
            findings.word(
                    "/what",
                    what,
                    "something to take out",
                    Arrays.stream(Scope.What.values()).map(Scope.What::word).toList());
            if ("holding".equals(what) || "visit".equals(what)) {
                findings.needed("/id", id, "Which one");
            }
        }
    }

    record Begun(UUID id) {}

    /** How much of it is written. */
    record Progress(double share) {}

    @PostMapping("/api/exports")
    @ResponseStatus(HttpStatus.ACCEPTED)
    Begun begin(@RequestBody ExportBody body) {
        Viewer viewer = Viewer.writing();
        Scope.What what = Coded.of(Scope.What.values(), body.what());
        boolean pictures = body.photographs() == null || body.photographs();
        return new Begun(
                switch (what) {
                    case PRACTICE ->
                        exports.begin(
                                viewer,
                                new Scope(what, viewer.practiceId(), null, null, null),
                                "A practice of soil advice",
                                pictures);
                    case HOLDING ->
                        exports.begin(
                                viewer,
                                new Scope(what, viewer.practiceId(), body.id(), null, null),
                                land.holding(viewer, body.id()).name(),
                                pictures);
                    case VISIT -> ofVisit(viewer, body.id(), pictures);
                });
    }

    private UUID ofVisit(Viewer viewer, UUID id, boolean pictures) {
        Visit visit = visits.visit(viewer, id);
        var field = land.field(viewer, visit.fieldId());
        return exports.begin(
                viewer,
                new Scope(Scope.What.VISIT, viewer.practiceId(), field.holdingId(), field.id(), id),
                field.name() + ", " + visit.day(),
                pictures);
    }

    /** 202 with how far it is until it is whole; then the file. */
    @GetMapping("/api/exports/{id}")
    ResponseEntity<Object> fetch(@PathVariable UUID id) {
        Exports.Going going = exports.find(Viewer.writing(), id);
        if (going.fault() != null) {
            Findings findings = new Findings();
            findings.refuse("", "not-written", going.fault());
            findings.throwIfAny();
        }
        if (going.file() == null) {
            return ResponseEntity.accepted().body(new Progress(going.share()));
        }
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("morphotera.zip")
                                .build()
                                .toString())
                .body(new FileSystemResource(going.file()));
    }

    /** Stopped, or not wanted any more. */
    @DeleteMapping("/api/exports/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(@PathVariable UUID id) {
        exports.stop(Viewer.writing(), id);
    }
}
