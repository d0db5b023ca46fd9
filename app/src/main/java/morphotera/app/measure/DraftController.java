package morphotera.app.measure;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.api.Json;
import morphotera.app.api.NotFound;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import morphotera.measure.methods.Methods;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class DraftController {
    private static final int MOST_CHARACTERS = 200_000;

    private final Drafts drafts;
    private final Places places;
    private final Json json;

    DraftController(Drafts drafts, Places places, Json json) {
        this.drafts = drafts;
        this.places = places;
        this.json = json;
    }

    record DraftBody(
            @Nullable String variant,
            @Nullable Integer repeat,
            @Nullable String note,
            @Nullable UUID sampleId,
            Map<String, Object> body,
            Instant changedAt)
            implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/body", body, "What was typed");
            findings.atMost("/note", note, "A note", ReadingBody.LONGEST_NOTE);
            CellCheck.variantAndRepeat(findings, null, null, repeat);
            findings.atMost("/variant", variant, "A way of doing it", 40);
            findings.instant("/changedAt", changedAt);
            findings.needed("/changedAt", changedAt, "When it was typed");
        }
    }

    @PutMapping("/api/visits/{visitId}/drafts/{placeId}/{method}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(
            @PathVariable UUID visitId,
            @PathVariable UUID placeId,
            @PathVariable String method,
            @RequestBody DraftBody body) {
        Viewer viewer = Viewer.writing();
        if (Methods.find(method).isEmpty()) {
            throw new NotFound("method", method);
        }
        places.inAddress(viewer, visitId, placeId);
        if (body.sampleId() != null && !body.sampleId().equals(placeId)) {
            throw new Refused(List.of(new Refusal(
                    "/sampleId", "other-place", "What is typed for a sample is kept under the sample's address.")));
        }
        String text = json.write(body.body());
        Findings findings = new Findings();
        findings.atMost("/body", text, "What was typed", MOST_CHARACTERS);
        findings.throwIfAny();
        drafts.keep(
                viewer,
                placeId,
                new DraftMapper.Row(
                        visitId,
                        null,
                        null,
                        method,
                        CellCheck.repeatOrFirst(body.repeat()),
                        body.variant(),
                        body.note(),
                        text,
                        body.changedAt()));
    }
}
