package morphotera.app.demo;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import morphotera.app.learn.Specimens;
import morphotera.app.people.Viewer;
import org.springframework.stereotype.Component;

/** Two observers who practised on specimens: one steady, one who sees too much green and too much held together. */
@Component
class DemoPractice {
    private static final int SPECIMENS = 8;

    private final Specimens specimens;

    DemoPractice(Specimens specimens) {
        this.specimens = specimens;
    }

    /** @param lean how much of the whole is seen too kindly; {@code slips} how unsteadily */
    void practise(Viewer observer, double lean, double slips, long seed) {
        Random noise = new Random(seed);
        for (int number = 1; number <= SPECIMENS; number++) {
            specimens.answer(
                    observer,
                    "ground-cover",
                    number,
                    cover(specimens.truth("ground-cover", number), lean + slips * noise.nextGaussian()));
            specimens.answer(
                    observer,
                    "slaking",
                    number,
                    crumbs(specimens.truth("slaking", number), lean + slips * noise.nextGaussian()));
        }
    }

    private static Map<String, Object> cover(Map<String, Object> truth, double more) {
        double litter = (Double) truth.get("litter");
        double live = Math.max(0, Math.min(100 - litter, Math.rint((Double) truth.get("live") + 100 * more)));
        return Simulator.map("live", live, "litter", litter, "stone", 0.0, "bare", 100 - live - litter);
    }

    private static Map<String, Object> crumbs(Map<String, Object> truth, double more) {
        List<Object> seen = new ArrayList<>();
        for (Object one : (List<?>) truth.get("crumbs")) {
            Map<?, ?> crumb = (Map<?, ?>) one;
            double share = (Double) crumb.get("share") - more;
            seen.add(Simulator.map(
                    "fellAt", "gentle", "share", Math.max(0.05, Math.min(1, Math.rint(20 * share) / 20))));
        }
        Map<String, Object> reading = new LinkedHashMap<>(truth);
        reading.put("crumbs", seen);
        return reading;
    }
}
