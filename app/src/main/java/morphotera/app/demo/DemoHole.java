package morphotera.app.demo;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import morphotera.app.api.Json;
import morphotera.app.measure.ClockMapper;
import morphotera.app.measure.DraftMapper;
import morphotera.app.people.Viewer;
import org.springframework.stereotype.Component;

/** A hole that is being read now: what was typed so far, and the clock for the next reading. */
@Component
class DemoHole {
    private final ClockMapper clocks;
    private final DraftMapper drafts;
    private final Json json;
    private final Clock clock;

    DemoHole(ClockMapper clocks, DraftMapper drafts, Json json, Clock clock) {
        this.clocks = clocks;
        this.drafts = drafts;
        this.json = json;
        this.clock = clock;
    }

    void begin(Viewer observer, UUID visitId, UUID spotId, Scenario.RunningHole hole, Function<Instant, UUID> ids) {
        double first = hole.levels().get(0).get(0);
        double last = hole.levels().get(hole.levels().size() - 1).get(0);
        Instant zero = clock.instant().minusSeconds((long) (first * 60));
        Instant began = clock.instant().minusSeconds((long) (last * 60));
        List<Object> levels = hole.levels().stream()
                .map(level -> (Object) Simulator.map("minutes", first - level.get(0), "depthMm", level.get(1)))
                .toList();
        Map<String, Object> body = Simulator.map(
                "version",
                1,
                "variant",
                "ruler",
                "step",
                hole.next(),
                "zeroAt",
                zero.toString(),
                "values",
                Simulator.map(
                        "holeDiameterMm",
                        150,
                        "holeDepthMm",
                        300,
                        "square",
                        false,
                        "presoaked",
                        true,
                        "levels",
                        levels));
        drafts.keep(
                observer,
                spotId,
                new DraftMapper.Row(
                        visitId, spotId, null, "percolation-hole", 1, "ruler", null, json.write(body), began));
        clocks.add(
                observer,
                new morphotera.app.measure.Clock(
                        ids.apply(began),
                        visitId,
                        null,
                        null,
                        spotId,
                        null,
                        null,
                        "percolation-hole",
                        "ruler",
                        1,
                        hole.step(),
                        began,
                        null));
    }
}
