package morphotera.app.measure;

import java.util.UUID;
import morphotera.app.people.Viewer;
import morphotera.app.scout.VisitChanged;
import morphotera.app.scout.Visits;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is typed and not yet counted, carried to the other devices: what was typed last stands. */
@Service
class Drafts {
    private final DraftMapper drafts;
    private final Visits visits;

    Drafts(DraftMapper drafts, Visits visits) {
        this.drafts = drafts;
        this.visits = visits;
    }

    @Transactional
    public void keep(Viewer viewer, UUID placeId, DraftMapper.Row draft) {
        visits.lock(viewer, draft.visitId());
        drafts.keep(viewer, placeId, draft);
        visits.changed(viewer, draft.visitId(), VisitChanged.Kind.DRAFT, placeId);
    }
}
