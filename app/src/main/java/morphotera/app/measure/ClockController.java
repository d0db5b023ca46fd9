package morphotera.app.measure;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.land.Field;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import morphotera.measure.methods.Methods;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Clocks live on the device that started them; here they are kept for the others and for a lost phone. */
@RestController
class ClockController {
    private final Clocks clocks;
    private final Places places;

    ClockController(Clocks clocks, Places places) {
        this.clocks = clocks;
        this.places = places;
    }

    record ClockBody(
            UUID visitId,
            @Nullable UUID spotId,
            @Nullable UUID sampleId,
            String method,
            @Nullable String variant,
            @Nullable Integer repeat,
            String step,
            Instant beganAt,
            @Nullable Instant endedAt)
            implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/visitId", visitId, "A visit");
            if ((spotId == null) == (sampleId == null)) {
                findings.refuse(
                        "/spotId",
                        spotId == null ? "missing" : "one-of",
                        "A clock runs at a spot, or for a sample under sampleId; one of the two is needed here.");
            }
            findings.needed("/method", method, "A method");
            findings.needed("/beganAt", beganAt, "When it began");
            findings.text("/step", step, "A step", 40);
            CellCheck.variantAndRepeat(findings, method, variant, repeat);
            findings.instant("/beganAt", beganAt);
            findings.instant("/endedAt", endedAt);
            if (method != null && Methods.find(method).isEmpty()) {
                findings.refuse("/method", "unknown-word", "There is no method '" + method + "'.");
            }
            if (beganAt != null && endedAt != null && endedAt.isBefore(beganAt)) {
                findings.refuse("/endedAt", "backward", "A clock ends after it began.");
            }
        }
    }

    @GetMapping("/api/clocks")
    List<Clock> running() {
        return clocks.running(Viewer.current());
    }

    @PutMapping("/api/clocks/{id}")
    Clock put(@PathVariable UUID id, @RequestBody ClockBody body) {
        Viewer viewer = Viewer.writing();
        Field field = places.inBody(viewer, body.visitId(), body.spotId(), body.sampleId())
                .field();
        Clock clock = new Clock(
                id,
                body.visitId(),
                field.id(),
                field.name(),
                body.spotId(),
                body.sampleId(),
                null,
                body.method(),
                body.variant(),
                CellCheck.repeatOrFirst(body.repeat()),
                body.step(),
                body.beganAt(),
                body.endedAt());
        return clocks.put(viewer, clock);
    }
}
