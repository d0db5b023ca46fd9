package morphotera.app.land;

import java.util.List;
import java.util.UUID;
import morphotera.app.api.Changes;
import morphotera.app.people.Viewer;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class LandController {
    private final Land land;
    private final Parts parts;
    private final Splits splits;

    LandController(Land land, Parts parts, Splits splits) {
        this.land = land;
        this.parts = parts;
        this.splits = splits;
    }

    @GetMapping("/api/holdings")
    List<Holding> holdings() {
        return land.holdings(Viewer.current());
    }

    @PatchMapping("/api/holdings/{id}")
    Holding patchHolding(@PathVariable UUID id, @RequestBody Changes changes) {
        return land.patchHolding(Viewer.writing(), id, changes);
    }

    @PutMapping("/api/holdings/{id}")
    Holding putHolding(@PathVariable UUID id, @RequestBody LandBodies.HoldingBody body) {
        return land.putHolding(Viewer.writing(), id, body);
    }

    @GetMapping("/api/fields/{id}")
    Field field(@PathVariable UUID id) {
        return land.field(Viewer.current(), id);
    }

    @PatchMapping("/api/fields/{id}")
    Field patchField(@PathVariable UUID id, @RequestBody Changes changes) {
        return land.patchField(Viewer.writing(), id, changes);
    }

    @PutMapping("/api/fields/{id}")
    Field putField(@PathVariable UUID id, @RequestBody LandBodies.FieldBody body) {
        return land.putField(Viewer.writing(), id, body);
    }

    @PostMapping("/api/fields/{id}/split")
    Splits.Both split(@PathVariable UUID id, @RequestBody Splits.Body body) {
        return splits.split(Viewer.writing(), id, body);
    }

    @PatchMapping("/api/zones/{id}")
    Zone patchZone(@PathVariable UUID id, @RequestBody Changes changes) {
        return parts.patchZone(Viewer.writing(), id, changes);
    }

    @PutMapping("/api/zones/{id}")
    Zone putZone(@PathVariable UUID id, @RequestBody LandBodies.ZoneBody body) {
        return parts.putZone(Viewer.writing(), id, body);
    }

    @PatchMapping("/api/spots/{id}")
    Spot patchSpot(@PathVariable UUID id, @RequestBody Changes changes) {
        return parts.patchSpot(Viewer.writing(), id, changes);
    }

    @PutMapping("/api/spots/{id}")
    Spot putSpot(@PathVariable UUID id, @RequestBody LandBodies.SpotBody body) {
        return parts.putSpot(Viewer.writing(), id, body);
    }
}
