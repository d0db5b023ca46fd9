package morphotera.app.devices;

import java.util.List;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The devices that this server reaches; the stand-ins that ship are on in the demo. */
@Component
public class Probes {
    private static final List<Probe> STAND_INS = List.of(
            new SimulatedProbe("salinity-probe", "Salinity probe", "salinity", "dS/m", 0.4, 4.5, 0.003, 0.5, 0.02),
            new SimulatedProbe("ph-probe", "pH probe", "ph", "pH", 4.8, 8.1, 0.004, 0.6, 0.02),
            new SimulatedProbe("thermometer", "Soil thermometer", "temperature", "°C", 7, 18, 0.02, 4, 0.1),
            new SimulatedProbe("cone-logger", "Cone logger", "force", "kPa", 600, 2600, 4, 400, 0));

    private final List<Probe> all;

    Probes(@Value("${morphotera.demo}") boolean demo) {
        this.all = demo ? STAND_INS : List.of();
    }

    public List<Probe> all() {
        return all;
    }

    public Optional<Probe> find(String id) {
        return all.stream().filter(one -> one.id().equals(id)).findFirst();
    }
}
