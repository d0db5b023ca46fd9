package morphotera.app.measure;

import java.util.List;
import java.util.UUID;
import morphotera.app.devices.Laboratory;
import morphotera.app.land.Sample;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The laboratory's port: what it measures, and samples sent to it. */
@RestController
class SampleOrderController {
    private final SampleOrders orders;

    SampleOrderController(SampleOrders orders) {
        this.orders = orders;
    }

    /** @param name null where none is connected */
    record LaboratoryView(@Nullable String name, boolean standIn, List<Laboratory.Test> tests) {}

    @GetMapping("/api/laboratory")
    LaboratoryView laboratory() {
        Viewer.current();
        return orders.laboratory()
                .map(one -> new LaboratoryView(one.name(), one.isStandIn(), one.tests()))
                .orElse(new LaboratoryView(null, false, List.of()));
    }

    /** Sends it now; what comes back stands with the sample until a person takes it as a reading. */
    @PutMapping("/api/samples/{id}/order")
    Sample send(@PathVariable UUID id, @RequestBody SampleOrders.OrderBody body) {
        return orders.send(Viewer.writing(), id, body);
    }
}
