package morphotera.app.papers;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import morphotera.app.api.Json;
import morphotera.app.api.NotFound;
import morphotera.app.api.Stale;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Plans, prices, yardsticks, rulings and reports: what people of a practice write and keep whole. Each save is a new version and
 * none is ever changed, so that what rested on an old one can still be read.
 */
@Service
public class Papers {
    private final PaperMapper papers;
    private final Json json;
    private final Clock clock;

    Papers(PaperMapper papers, Json json, Clock clock) {
        this.papers = papers;
        this.json = json;
        this.clock = clock;
    }

    public <T> Optional<Paper<T>> newest(Viewer viewer, PaperKind kind, UUID id, Class<T> type) {
        return papers.newest(viewer, kind.word(), id).map(row -> paper(row, type));
    }

    public boolean isThere(Viewer viewer, PaperKind kind, UUID id) {
        return papers.newest(viewer, kind.word(), id).isPresent();
    }

    public <T> Optional<Paper<T>> version(Viewer viewer, PaperKind kind, UUID id, int version, Class<T> type) {
        return papers.version(viewer, kind.word(), id, version).map(row -> paper(row, type));
    }

    /** The newest version of each. */
    public <T> List<Paper<T>> all(Viewer viewer, PaperKind kind, Class<T> type) {
        return papers.all(viewer, kind.word()).stream()
                .map(row -> paper(row, type))
                .toList();
    }

    /**
     * Keeps a new version; the same again is the same.
     *
     * @param version that it was written on, 0 where it is new
     * @param shown what a person who comes too late is shown of the one that stands
     */
    @Transactional
    public <T> Paper<T> keep(
            Viewer viewer,
            PaperKind kind,
            UUID id,
            @Nullable UUID fieldId,
            int version,
            T body,
            Function<Paper<T>, Object> shown) {
        papers.lock(viewer);
        @SuppressWarnings("unchecked")
        Class<T> type = (Class<T>) body.getClass();
        Optional<Paper<T>> stands = newest(viewer, kind, id, type);
        if (stands.isEmpty() && version != 0) {
            throw new NotFound(kind.word(), id);
        }
        String written = json.write(body);
        if (stands.isPresent() && json.write(stands.get().body()).equals(written)) {
            return stands.get();
        }
        int last = stands.map(Paper::version).orElse(0);
        if (version != last) {
            throw new Stale(
                    "Somebody changed this " + kind.word() + " meanwhile: yours is version " + version + ".",
                    shown.apply(stands.orElseThrow()));
        }
        papers.add(
                viewer,
                kind.word(),
                new PaperMapper.Row(id, last + 1, fieldId, written, viewer.personId(), null, clock.instant()));
        return newest(viewer, kind, id, type).orElseThrow();
    }

    private <T> Paper<T> paper(PaperMapper.Row row, Class<T> type) {
        return new Paper<>(
                row.id(),
                row.version(),
                row.fieldId(),
                json.read(row.bodyJson(), type),
                row.keptByName(),
                row.keptAt());
    }
}
