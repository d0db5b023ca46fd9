package morphotera.app.follow;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.NotFound;
import morphotera.app.land.Land;
import morphotera.app.land.Zone;
import morphotera.app.papers.Paper;
import morphotera.app.papers.PaperKind;
import morphotera.app.papers.PaperShape;
import morphotera.app.papers.Papers;
import morphotera.app.people.Readers;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Service;

/** Reports as they were sent: all that stood in one is kept with it, so that what is measured later changes none. */
@Service
class Reports {
    private final Papers papers;
    private final Visits visits;
    private final Land land;
    private final Readers readers;

    Reports(Papers papers, Visits visits, Land land, Readers readers) {
        this.papers = papers;
        this.visits = visits;
        this.land = land;
        this.readers = readers;
    }

    /** @param content all that stood in it */
    record Kept(UUID visitId, UUID zoneId, Map<String, Object> content) {}

    @Configuration
    static class Shape {
        @Bean
        PaperShape reportShape() {
            return new PaperShape(PaperKind.REPORT, Kept.class);
        }
    }

    record ReportView(
            UUID id,
            UUID visitId,
            UUID zoneId,
            int version,
            String sentBy,
            Instant sentAt,
            Map<String, Object> content) {}

    record Sent(UUID id, UUID zoneId, int version, String sentBy, Instant sentAt) {}

    ReportView one(Viewer viewer, UUID id) {
        Paper<Kept> paper =
                papers.newest(viewer, PaperKind.REPORT, id, Kept.class).orElseThrow(() -> new NotFound("report", id));
        // Whoever may not see the visit may not see what was written of it.
        visits.visit(viewer, paper.body().visitId());
        return view(paper);
    }

    /** For whom one is written: those who read the holding. */
    List<Readers.Reader> readers(Viewer viewer, UUID visitId) {
        UUID fieldId = visits.visit(viewer, visitId).fieldId();
        return readers.of(viewer, land.field(viewer, fieldId).holdingId());
    }

    /** Those of a visit, newest first. */
    List<Sent> ofVisit(Viewer viewer, UUID visitId) {
        visits.visit(viewer, visitId);
        return papers.all(viewer, PaperKind.REPORT, Kept.class).stream()
                .filter(one -> one.body().visitId().equals(visitId))
                .map(one -> new Sent(one.id(), one.body().zoneId(), one.version(), one.keptBy(), one.keptAt()))
                .sorted(Comparator.comparing(Sent::sentAt).reversed())
                .toList();
    }

    ReportView put(Viewer viewer, UUID id, UUID visitId, String zone, Map<String, Object> content, int version) {
        Visit visit = visits.visit(viewer, visitId);
        Zone where = land.field(viewer, visit.fieldId()).zone(zone);
        return view(papers.keep(
                viewer,
                PaperKind.REPORT,
                id,
                visit.fieldId(),
                version,
                new Kept(visitId, where.id(), content),
                Reports::view));
    }

    private static ReportView view(Paper<Kept> paper) {
        return new ReportView(
                paper.id(),
                paper.body().visitId(),
                paper.body().zoneId(),
                paper.version(),
                paper.keptBy(),
                paper.keptAt(),
                paper.body().content());
    }
}
