package morphotera.app.pictures;

import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.api.NotFound;
import morphotera.app.api.Stale;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.VisitChanged;
import morphotera.app.scout.Visits;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Photographs of a visit, kept once however often they are sent. */
@Service
public class Photographs {
    private final PhotographMapper photographs;
    private final PictureFiles files;
    private final Visits visits;
    private final Land land;
    private final Clock clock;

    Photographs(PhotographMapper photographs, PictureFiles files, Visits visits, Land land, Clock clock) {
        this.photographs = photographs;
        this.files = files;
        this.visits = visits;
        this.land = land;
        this.clock = clock;
    }

    public List<Photograph> ofVisit(Viewer viewer, UUID visitId) {
        return photographs.ofVisit(viewer, visitId).stream().map(Photograph::of).toList();
    }

    /** One for each spot that has any, to find it again by: the newest of the place itself, or else of a test there. */
    List<Photograph> ofSpots(Viewer viewer, UUID fieldId) {
        Map<UUID, Photograph> newest = new LinkedHashMap<>();
        photographs.ofSpots(viewer, fieldId).forEach(row -> newest.putIfAbsent(row.spotId(), Photograph.of(row)));
        return List.copyOf(newest.values());
    }

    /** What is said of a picture in its address. */
    public record About(
            UUID visitId,
            @Nullable UUID spotId,
            @Nullable String method,
            @Nullable Instant takenAt,
            boolean keepPlace) {

        public About(UUID visitId, @Nullable UUID spotId, @Nullable String method, @Nullable Instant takenAt) {
            this(visitId, spotId, method, takenAt, false);
        }
    }

    @Transactional
    public Photograph put(Viewer viewer, UUID id, About about, byte[] sent) {
        Visit visit = visitOf(viewer, about.visitId());
        if (about.spotId() != null
                && land.fieldAt(viewer, visit.fieldId(), about.spotId()).isEmpty()) {
            throw refused("/spotId", "There is no such spot in this field.");
        }
        String sentSha256 = PictureFiles.sha256(sent);
        Optional<PhotographMapper.Row> there = photographs.find(viewer, id);
        if (there.isPresent()) {
            return sameOrStale(there.get(), about, sentSha256);
        }
        Picture picture = Picture.of(sent);
        String sha256 = PictureFiles.sha256(picture.bytes());
        files.keep(sha256, picture);
        visits.lock(viewer, visit.id());
        Photograph.Place place = about.keepPlace() ? picture.place() : null;
        PhotographMapper.Row row = new PhotographMapper.Row(
                id,
                visit.id(),
                about.spotId(),
                about.method(),
                sentSha256,
                sha256,
                picture.kind().word(),
                picture.width(),
                picture.height(),
                picture.bytes().length,
                about.takenAt() == null ? clock.instant() : about.takenAt(),
                picture.removed().stream()
                        .filter(what -> place == null || !what.equals(Picture.POSITION))
                        .collect(Collectors.joining(" ")),
                place == null ? null : place.lat(),
                place == null ? null : place.lon());
        if (photographs.add(viewer, row, clock.instant()) == 0) {
            return sameOrStale(
                    photographs
                            .find(viewer, id)
                            .orElseThrow(() -> refused("", "This id is taken. Send it under a new one.")),
                    about,
                    sentSha256);
        }
        visits.changed(viewer, visit.id(), VisitChanged.Kind.PHOTOGRAPH, id);
        return Photograph.of(photographs.find(viewer, id).orElseThrow());
    }

    private static Photograph sameOrStale(PhotographMapper.Row known, About about, String sentSha256) {
        boolean same = known.sentSha256().equals(sentSha256)
                && known.visitId().equals(about.visitId())
                && Objects.equals(known.spotId(), about.spotId())
                && Objects.equals(known.method(), about.method());
        if (!same) {
            throw new Stale("There is another photograph under this id.", Photograph.of(known));
        }
        return Photograph.of(known);
    }

    public Photograph find(Viewer viewer, UUID id) {
        return photographs.find(viewer, id).map(Photograph::of).orElseThrow(() -> new NotFound("photograph", id));
    }

    byte[] bytes(Photograph photograph, boolean small) {
        return files.read(photograph.sha256(), small);
    }

    private Visit visitOf(Viewer viewer, UUID visitId) {
        try {
            return visits.visit(viewer, visitId);
        } catch (NotFound none) {
            throw refused("/visitId", "There is no such visit here.");
        }
    }

    private static Refused refused(String path, String text) {
        return new Refused(List.of(new Refusal(path, "unknown-id", text)));
    }
}
