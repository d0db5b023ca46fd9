package morphotera.app.follow;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.api.NotFound;
import morphotera.app.api.Put;
import morphotera.app.land.Field;
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
    private static final List<String> KINDS = List.of(
            "lime",
            "gypsum",
            "sulphur",
            "nitrogen",
            "manure",
            "compost",
            "mulch",
            "drains",
            "tillage",
            "subsoiling",
            "sowing",
            "cover-crop",
            "grazing",
            "irrigation",
            "other");
    private static final List<String> UNITS =
            List.of("t/ha", "kg/ha", "m³/ha", "mm", "t", "kg", "m", "animals/ha", "days");

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
            @Nullable Double amount,
            @Nullable String unit,
            @Nullable String product,
            @Nullable UUID zoneId,
            @Nullable Double depthCm,
            @Nullable String crop,
            @Nullable String note,
            int version)
            implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/fieldId", fieldId, "A field");
            findings.needed("/doneOn", doneOn, "The day");
            findings.needed("/kind", kind, "The kind");
            findings.word("/kind", kind, "kind", KINDS);
            findings.day("/doneOn", doneOn);
            findings.range("/amount", amount, "An amount", 0, 100_000);
            findings.word("/unit", unit, "unit", UNITS);
            if (amount != null && unit == null) {
                findings.refuse("/unit", "missing", "An amount needs its unit.");
            }
            findings.atMost("/product", product, "The product", 120);
            findings.range("/depthCm", depthCm, "A depth, cm,", 0, 300);
            findings.atMost("/crop", crop, "The crop", 40);
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
        Field field = field(viewer, body.fieldId());
        boolean known = body.zoneId() == null
                || field.zones().stream().anyMatch(zone -> zone.id().equals(body.zoneId()));
        if (!known) {
            throw refused("/zoneId", "There is no such zone in this field.");
        }
        Intervention it = new Intervention(
                id,
                body.fieldId(),
                body.doneOn(),
                body.kind(),
                body.amount(),
                body.unit(),
                body.product(),
                body.zoneId(),
                body.depthCm(),
                body.crop(),
                body.note(),
                body.version());
        Intervention saved = new Put<Intervention>() {
            @Override
            protected Optional<Intervention> find() {
                return interventions.intervention(viewer, id);
            }

            @Override
            protected boolean same(Intervention known) {
                return known.equals(sameVersion(it, known.version()));
            }

            @Override
            protected int insert() {
                return interventions.add(viewer, it);
            }

            @Override
            protected int update() {
                return interventions.update(viewer, it);
            }
        }.put("intervention", id, body.version());
        land.touch(viewer, field.id());
        return saved;
    }

    private Field field(Viewer viewer, UUID id) {
        try {
            return land.field(viewer, id);
        } catch (NotFound none) {
            throw refused("/fieldId", "There is no such field here.");
        }
    }

    private static Intervention sameVersion(Intervention it, int version) {
        return new Intervention(
                it.id(),
                it.fieldId(),
                it.doneOn(),
                it.kind(),
                it.amount(),
                it.unit(),
                it.product(),
                it.zoneId(),
                it.depthCm(),
                it.crop(),
                it.note(),
                version);
    }

    private static Refused refused(String path, String text) {
        return new Refused(List.of(new Refusal(path, "unknown-id", text)));
    }
}
