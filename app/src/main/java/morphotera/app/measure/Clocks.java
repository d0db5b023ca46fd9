package morphotera.app.measure;

import java.util.List;
import morphotera.app.api.NotFound;
import morphotera.app.people.Viewer;
import morphotera.app.scout.VisitChanged;
import morphotera.app.scout.Visits;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The clocks that run, kept for the other devices; one that was begun is only ever ended. */
@Service
public class Clocks {
    private final ClockMapper clocks;
    private final Visits visits;

    Clocks(ClockMapper clocks, Visits visits) {
        this.clocks = clocks;
        this.visits = visits;
    }

    public List<Clock> running(Viewer viewer) {
        return clocks.running(viewer);
    }

    @Transactional
    public Clock put(Viewer viewer, Clock clock) {
        visits.lock(viewer, clock.visitId());
        if (clocks.add(viewer, clock) == 0 && clock.endedAt() != null) {
            clocks.end(viewer, clock);
        }
        visits.changed(viewer, clock.visitId(), VisitChanged.Kind.CLOCK, clock.id());
        return clocks.clock(viewer, clock.id()).orElseThrow(() -> new NotFound("clock", clock.id()));
    }
}
