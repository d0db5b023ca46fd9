package morphotera.app.scout;

import java.util.ArrayList;
import java.util.List;
import morphotera.scout.Boundary;
import morphotera.scout.Plot;
import morphotera.scout.SpotPlan;
import morphotera.scout.runsheet.Asked;
import morphotera.scout.runsheet.RunSheet;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * A made-up visit planned behind the first screen, so that the first real one is not planned by cold code:
 * the search takes three times as long the first time.
 */
@Component
@ConditionalOnProperty("morphotera.rehearse")
class Rehearsal {
    private static final int SPOTS = 5;
    private static final List<String> METHODS =
            List.of("structure-spade", "slaking", "infiltration-ring", "penetration", "ph", "percolation-hole");
    private static final int TIMES = 2;

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        Thread aside = new Thread(Rehearsal::play, "rehearsal");
        aside.setDaemon(true);
        aside.setPriority(Thread.MIN_PRIORITY);
        aside.start();
    }

    static RunSheet play() {
        Plot field = Plot.field("/polygon", List.of(List.of(corner(0, 0), corner(0, 6), corner(4, 6), corner(4, 0))));
        RunSheet sheet = null;
        for (int time = 0; time < TIMES; time++) {
            SpotPlan placed =
                    SpotPlan.place(field, List.of(), SPOTS, SpotPlan.MARGIN_M, SpotPlan.Way.SPREAD, time, corner(0, 0));
            sheet = RunSheet.plan(visit(placed.spots()).outing());
        }
        return sheet;
    }

    private static Asked visit(List<Boundary.Corner> at) {
        List<Asked.Spot> spots = new ArrayList<>();
        List<Asked.Test> tests = new ArrayList<>();
        for (Boundary.Corner spot : at) {
            String id = String.valueOf(spots.size());
            spots.add(new Asked.Spot(id, spot.lat(), spot.lon()));
            METHODS.forEach(method -> tests.add(new Asked.Test(id, method, null)));
        }
        return new Asked(1, null, null, spots, tests, null, null, null);
    }

    /** In thousandths of a degree from a corner in the open sea. */
    private static Boundary.Corner corner(int north, int east) {
        return new Boundary.Corner(47.6 + north / 1000.0, -29.1 + east / 1000.0);
    }
}
