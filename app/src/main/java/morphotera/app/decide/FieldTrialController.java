package morphotera.app.decide;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.land.Corner;
import morphotera.app.land.LandBodies;
import morphotera.app.people.Viewer;
import morphotera.decide.TrialPower;
import morphotera.ground.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The trials of a field and what came of them. */
@RestController
class FieldTrialController {
    private static final int MOST_TREATMENTS = 6;
    private static final int MOST_STRIPS = MOST_TREATMENTS * TrialPower.MOST_REPLICATES;
    private static final int MOST_CORNERS = 200;

    private final Trials trials;

    FieldTrialController(Trials trials) {
        this.trials = trials;
    }

    @GetMapping("/api/fields/{id}/trials")
    List<Trials.TrialView> ofField(@PathVariable UUID id) {
        return trials.ofField(Viewer.current(), id);
    }

    record SpotBody(UUID id, Double lat, Double lon) {}

    /** @param zoneId of the zone that the strip becomes; {@code polygon}: its corners, the first not repeated */
    record StripBody(
            Integer treatment,
            Integer block,
            UUID zoneId,
            List<LandBodies.CornerBody> polygon,
            @Nullable List<SpotBody> spots) {}

    /** @param treatments the first is what the others are held against */
    record TrialBody(
            UUID fieldId,
            String name,
            List<String> treatments,
            @Nullable LocalDate begunOn,
            @Nullable LocalDate endedOn,
            List<StripBody> strips,
            int version)
            implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/fieldId", fieldId, "A field");
            findings.text("/name", name, "A name", 60);
            findings.day("/begunOn", begunOn);
            findings.day("/endedOn", endedOn);
            if (begunOn != null && endedOn != null && endedOn.isBefore(begunOn)) {
                findings.refuse("/endedOn", "out-of-range", "A trial ends after it began.");
            }
            if (treatments == null || treatments.size() < 2 || treatments.size() > MOST_TREATMENTS) {
                findings.refuse("/treatments", "too-few", "A trial has 2 to 6 treatments, the first left as it is.");
                return;
            }
            for (int i = 0; i < treatments.size(); i++) {
                findings.text("/treatments/" + i, treatments.get(i), "A treatment", 60);
            }
            if (strips == null || strips.isEmpty() || strips.size() > MOST_STRIPS) {
                findings.refuse("/strips", "too-few", "A trial has 1 to " + MOST_STRIPS + " strips.");
                return;
            }
            Set<List<Integer>> placed = new HashSet<>();
            Set<UUID> zones = new HashSet<>();
            for (int i = 0; i < strips.size(); i++) {
                strip("/strips/" + i, strips.get(i), placed, zones, findings);
            }
        }

        private void strip(String at, StripBody strip, Set<List<Integer>> placed, Set<UUID> zones, Findings findings) {
            findings.needed(at, strip, "A strip");
            if (strip == null) {
                return;
            }
            findings.needed(at + "/zoneId", strip.zoneId(), "An id for its zone");
            findings.needed(at + "/treatment", strip.treatment(), "Its treatment");
            findings.needed(at + "/block", strip.block(), "Its block");
            if (strip.treatment() != null && strip.block() != null) {
                findings.range(
                        at + "/treatment", strip.treatment().doubleValue(), "A treatment", 0, treatments.size() - 1);
                findings.range(
                        at + "/block", strip.block().doubleValue(), "A block", 0, TrialPower.MOST_REPLICATES - 1);
                if (!placed.add(List.of(strip.block(), strip.treatment()))) {
                    findings.refuse(at, "twice", "This block has a strip of this treatment already, further up.");
                }
            }
            if (strip.zoneId() != null && !zones.add(strip.zoneId())) {
                findings.refuse(at + "/zoneId", "twice", "This zone is a strip already, further up.");
            }
            places(at + "/polygon", strip, findings);
        }

        private static void places(String at, StripBody strip, Findings findings) {
            int corners = strip.polygon() == null ? 0 : strip.polygon().size();
            if (corners < 3 || corners > MOST_CORNERS) {
                findings.refuse(at, "too-few", "A strip has 3 to " + MOST_CORNERS + " corners.");
                return;
            }
            for (int i = 0; i < corners; i++) {
                LandBodies.CornerBody corner = strip.polygon().get(i);
                LandBodies.place(
                        findings,
                        at + "/" + i,
                        corner == null ? null : corner.lat(),
                        corner == null ? null : corner.lon());
            }
            List<SpotBody> spots = strip.spots() == null ? List.of() : strip.spots();
            findings.size(at.replace("/polygon", "/spots"), spots.size(), "Spots of a strip", TrialPower.MOST_SPOTS);
            for (int i = 0; i < Math.min(spots.size(), TrialPower.MOST_SPOTS); i++) {
                SpotBody spot = spots.get(i);
                String here = at.replace("/polygon", "/spots/" + i);
                findings.needed(here + "/id", spot == null ? null : spot.id(), "An id");
                LandBodies.place(findings, here, spot == null ? null : spot.lat(), spot == null ? null : spot.lon());
            }
        }

        Trials.Kept kept() {
            return new Trials.Kept(
                    fieldId,
                    name.strip(),
                    treatments.stream().map(String::strip).toList(),
                    begunOn,
                    endedOn,
                    strips.stream()
                            .map(one -> new Trials.Strip(
                                    one.treatment(),
                                    one.block(),
                                    one.zoneId(),
                                    one.polygon().stream()
                                            .map(corner -> new Corner(corner.lat(), corner.lon()))
                                            .toList()))
                            .toList());
        }

        Map<UUID, List<Trials.NewSpot>> newSpots() {
            Map<UUID, List<Trials.NewSpot>> spots = new LinkedHashMap<>();
            strips.forEach(strip -> spots.put(
                    strip.zoneId(),
                    strip.spots() == null
                            ? List.of()
                            : strip.spots().stream()
                                    .map(one -> new Trials.NewSpot(one.id(), one.lat(), one.lon()))
                                    .toList()));
            return spots;
        }
    }

    @PutMapping("/api/trials/{id}")
    Trials.TrialView put(@PathVariable UUID id, @RequestBody TrialBody body) {
        return trials.put(Viewer.writing(), id, body.kept(), body.newSpots(), body.version());
    }
}
