package morphotera.app.decide;

import java.util.ArrayList;
import java.util.List;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.people.Viewer;
import morphotera.app.scout.PolygonBody;
import morphotera.decide.TrialPower;
import morphotera.ground.Nullable;
import morphotera.scout.Boundary;
import morphotera.scout.Plot;
import morphotera.scout.TrialStrips;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Strips that would show whether a remedy does what it promises. */
@RestController
class TrialController {
    private static final double USUAL_STRIP_SD = 5;

    private final Trials trials;

    TrialController(Trials trials) {
        this.trials = trials;
    }

    /**
     * @param difference what the remedy promises, points
     * @param spotSd from spot to spot, as observed
     * @param stripSd from strip to strip of one treatment; null: as earlier trials show, 5 where there are none
     * @param bearingDeg from north; null: the field's longest side
     */
    record DesignBody(
            PolygonBody polygon,
            @Nullable List<PolygonBody> avoid,
            Integer treatments,
            Integer replicates,
            Double stripM,
            Double marginM,
            @Nullable Double bearingDeg,
            Double difference,
            Double spotSd,
            Double observerSpread,
            @Nullable Double stripSd,
            @Nullable Integer seed)
            implements Checked {
        @Override
        public void check(Findings findings) {
            PolygonBody.check(polygon, avoid, findings);
            number(findings, "/treatments", treatments == null ? null : treatments.doubleValue(), "Treatments", 2, 6);
            number(
                    findings,
                    "/replicates",
                    replicates == null ? null : replicates.doubleValue(),
                    "Replicates",
                    TrialPower.FEWEST_REPLICATES,
                    TrialPower.MOST_REPLICATES);
            number(findings, "/stripM", stripM, "A strip's width, m,", 0.5, 200);
            number(findings, "/marginM", marginM, "The margin, m,", 0, 500);
            findings.range("/bearingDeg", bearingDeg, "A bearing", 0, 360);
            number(findings, "/difference", difference, "The difference, points,", 0.1, 100);
            number(findings, "/spotSd", spotSd, "The spread from spot to spot", 0, 100);
            number(findings, "/observerSpread", observerSpread, "The observer's spread", 0, 100);
            findings.range("/stripSd", stripSd, "The spread from strip to strip", 0, 100);
        }

        private static void number(
                Findings findings, String path, @Nullable Double value, String label, double min, double max) {
            findings.needed(path, value, label.replace(",", ""));
            findings.range(path, value, label, min, max);
        }
    }

    /** GeoJSON places: longitude first. */
    record StripView(int treatment, int block, PolygonBody polygon, List<List<Double>> spots) {}

    /** @param why {@code no-room}, {@code too-few-replicates} */
    record DesignView(
            List<StripView> strips,
            int spotsPerStrip,
            double power,
            double differenceAt80,
            @Nullable Integer replicatesNeeded,
            boolean fits,
            List<String> why) {}

    @PostMapping("/api/trials/design")
    DesignView design(@RequestBody DesignBody body) {
        TrialPower power = TrialPower.of(
                body.replicates(),
                body.difference(),
                new TrialPower.Noise(
                        body.spotSd(),
                        body.observerSpread(),
                        body.stripSd() != null
                                ? body.stripSd()
                                : trials.learnedStripSd(Viewer.current()).orElse(USUAL_STRIP_SD)));
        Plot field = Plot.field("/polygon", body.polygon().rings());
        List<TrialStrips.Strip> strips = TrialStrips.place(
                        field,
                        PolygonBody.on(field, body.avoid()),
                        body.treatments(),
                        body.replicates(),
                        body.stripM(),
                        body.marginM(),
                        body.bearingDeg(),
                        power.spotsPerStrip(),
                        body.seed() == null ? 1 : body.seed())
                .strips();
        List<String> why = new ArrayList<>();
        if (strips.isEmpty()) {
            why.add("no-room");
        }
        if (power.power() < TrialPower.ENOUGH) {
            why.add("too-few-replicates");
        }
        return new DesignView(
                strips.stream().map(TrialController::view).toList(),
                power.spotsPerStrip(),
                power.power(),
                power.differenceAt80(),
                power.replicatesNeeded(),
                !strips.isEmpty(),
                why);
    }

    private static StripView view(TrialStrips.Strip strip) {
        List<List<Double>> ring = new ArrayList<>();
        strip.polygon().forEach(corner -> ring.add(place(corner)));
        ring.add(ring.get(0));
        return new StripView(
                strip.treatment(),
                strip.block(),
                new PolygonBody("Polygon", List.of(ring)),
                strip.spots().stream().map(TrialController::place).toList());
    }

    private static List<Double> place(Boundary.Corner corner) {
        return List.of(corner.lon(), corner.lat());
    }
}
