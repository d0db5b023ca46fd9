package morphotera.app.land;

import java.util.List;
import java.util.UUID;
import morphotera.app.api.Changes;
import morphotera.app.people.Viewer;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class LandController {
    private final Land land;

    LandController(Land land) {
        this.land = land;
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

    @PatchMapping("/api/zones/{id}")
    Zone patchZone(@PathVariable UUID id, @RequestBody Changes changes) {
        return land.patchZone(Viewer.writing(), id, changes);
    }

    @PutMapping("/api/zones/{id}")
    Zone putZone(@PathVariable UUID id, @RequestBody LandBodies.ZoneBody body) {
        return land.putZone(Viewer.writing(), id, body);
    }

    @PatchMapping("/api/spots/{id}")
    Spot patchSpot(@PathVariable UUID id, @RequestBody Changes changes) {
        return land.patchSpot(Viewer.writing(), id, changes);
    }

    @PutMapping("/api/spots/{id}")
    Spot putSpot(@PathVariable UUID id, @RequestBody LandBodies.SpotBody body) {
        return land.putSpot(Viewer.writing(), id, body);
    }
}
