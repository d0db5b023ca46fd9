package morphotera.app.follow;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.api.NotFound;
import morphotera.app.api.Put;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The log of what was done to a field. */
@RestController
class InterventionController {
    private static final List<String> KINDS =
            List.of("lime", "gypsum", "drains", "tillage", "cover-crop", "compost", "grazing", "irrigation");

    private final InterventionMapper interventions;
    private final Land land;

    InterventionController(InterventionMapper interventions, Land land) {
        this.interventions = interventions;
        this.land = land;
    }

    record InterventionBody(
            UUID fieldId,
            LocalDate doneOn,
            String kind,
            @Nullable String note,
            int version) implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/fieldId", fieldId, "A field");
            findings.needed("/doneOn", doneOn, "The day");
            findings.needed("/kind", kind, "The kind");
            findings.word("/kind", kind, "kind", KINDS);
            findings.atMost("/note", note, "A note", 300);
        }
    }

    @GetMapping("/api/fields/{id}/interventions")
    List<Intervention> of(@PathVariable UUID id) {
        Viewer viewer = Viewer.current();
        return interventions.of(viewer, land.field(viewer, id).id());
    }

    @PutMapping("/api/interventions/{id}")
    @Transactional
    public Intervention put(@PathVariable UUID id, @RequestBody InterventionBody body) {
        Viewer viewer = Viewer.writing();
        try {
            land.field(viewer, body.fieldId());
        } catch (NotFound none) {
            throw new Refused(List.of(new Refusal("/fieldId", "unknown-id", "There is no such field here.")));
        }
        Intervention it = new Intervention(id, body.fieldId(), body.doneOn(), body.kind(), body.note(), body.version());
        return new Put<Intervention>() {
            @Override
            protected Optional<Intervention> find() {
                return interventions.intervention(viewer, id);
            }

            @Override
            protected boolean same(Intervention known) {
                return known.doneOn().equals(it.doneOn())
                        && known.kind().equals(it.kind())
                        && Objects.equals(known.note(), it.note());
            }

            @Override
            protected void insert() {
                interventions.add(viewer, it);
            }

            @Override
            protected int update() {
                return interventions.update(viewer, it);
            }
        }.put("intervention", id, body.version());
    }
}
