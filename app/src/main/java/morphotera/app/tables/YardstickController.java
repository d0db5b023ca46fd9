package morphotera.app.tables;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.people.Viewer;
import morphotera.ground.LandUse;
import morphotera.ground.Nullable;
import morphotera.read.School;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Yardsticks by which scores are made: copied, edited, versioned. */
@RestController
class YardstickController {
    private static final int MOST_CURVES = 500;

    private final Yardsticks yardsticks;

    YardstickController(Yardsticks yardsticks) {
        this.yardsticks = yardsticks;
    }

    @GetMapping("/api/yardsticks")
    List<Yardsticks.YardstickView> all() {
        return yardsticks.all(Viewer.current());
    }

    @GetMapping("/api/yardsticks/{id}")
    Yardsticks.YardstickView one(@PathVariable UUID id, @RequestParam(required = false) Integer version) {
        return yardsticks.one(Viewer.current(), id, version);
    }

    /** @param x what it runs along, as a file that was taken out has it; it stays that of the curve it replaces */
    record CurveBody(@Nullable String x, List<List<Double>> knots) {}

    /** @param basedOn whose curves it takes over; none: what it was based on, or the one that ships */
    record YardstickBody(
            String name,
            @Nullable String region,
            @Nullable String use,
            @Nullable String school,
            @Nullable Yardsticks.BasedOn basedOn,
            @Nullable Map<String, CurveBody> curves,
            int version)
            implements Checked {
        @Override
        public void check(Findings findings) {
            findings.text("/name", name, "A name", 120);
            findings.atMost("/region", region, "The region", 120);
            findings.word(
                    "/use",
                    use,
                    "land use",
                    Arrays.stream(LandUse.values()).map(LandUse::word).toList());
            findings.word(
                    "/school",
                    school,
                    "school",
                    Arrays.stream(School.values()).map(School::word).toList());
            if (basedOn != null) {
                findings.needed("/basedOn/id", basedOn.id(), "Whose curves it takes over");
            }
            if (curves != null) {
                findings.size("/curves", curves.size(), "Curves", MOST_CURVES);
                curves.forEach((key, curve) -> findings.needed("/curves/" + key, curve, "A curve"));
            }
        }
    }

    @PutMapping("/api/yardsticks/{id}")
    Yardsticks.YardstickView put(@PathVariable UUID id, @RequestBody YardstickBody body) {
        Map<String, List<List<Double>>> curves = new LinkedHashMap<>();
        if (body.curves() != null) {
            body.curves().forEach((key, one) -> curves.put(key, one.knots()));
        }
        return yardsticks.put(
                Viewer.writing(),
                id,
                body.name().strip(),
                body.region(),
                body.use(),
                body.school() == null ? School.BALANCED.word() : body.school(),
                body.basedOn(),
                curves,
                body.version());
    }
}
