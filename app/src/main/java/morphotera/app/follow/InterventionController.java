package morphotera.app.follow;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import morphotera.app.api.Changes;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
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

    private final Interventions interventions;

    InterventionController(Interventions interventions) {
        this.interventions = interventions;
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
            findings.word("/unit", unit, "unit", Intervention.UNITS);
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
        return interventions.of(Viewer.current(), id);
    }

    @PatchMapping("/api/interventions/{id}")
    Intervention patch(@PathVariable UUID id, @RequestBody Changes changes) {
        return interventions.patch(Viewer.writing(), id, changes);
    }

    @PutMapping("/api/interventions/{id}")
    Intervention put(@PathVariable UUID id, @RequestBody InterventionBody body) {
        return interventions.put(Viewer.writing(), id, body);
    }
}
