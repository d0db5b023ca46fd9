package morphotera.app.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import morphotera.app.api.Json;
import morphotera.app.api.NotFound;
import morphotera.app.api.NotTaken;
import morphotera.app.people.Viewer;
import morphotera.app.pictures.PictureFiles;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;
import tools.jackson.core.type.TypeReference;

/**
 * Files that come in: looked at first, with nothing saved; when the person who brought one confirms it, its good rows are saved
 * in one transaction, or nothing is. What nobody confirmed is dropped after a day.
 */
@Service
class Imports {
    private static final long MOST_BYTES = 200_000_000;
    private static final TypeReference<Map<String, String>> COLUMNS = new TypeReference<>() {};
    private static final Duration KEPT = Duration.ofDays(1);
    static final String LOOKING = "looking";
    static final String LOOKED_AT = "looked-at";
    static final String SAVING = "saving";
    static final String SAVED = "saved";

    private final ImportMapper imports;
    private final Map<String, Importer> byKind;
    private final Path folder;
    private final Json json;
    private final Clock clock;

    Imports(ImportMapper imports, List<Importer> all, Json json, @Value("${morphotera.data}") Path data, Clock clock) {
        this.imports = imports;
        this.json = json;
        this.byKind = all.stream().collect(Collectors.toMap(Importer::kind, Function.identity()));
        this.folder = data.toAbsolutePath().normalize().resolve("imports");
        this.clock = clock;
    }

    /** @param state {@code looking}, {@code saving}: {@code sifted} counts on; {@code looked-at}: nothing is saved yet; {@code saved} */
    record Look(UUID id, String kind, String state, Sifted sifted) {}

    /** Puts a file on disk, however long it takes to come: no connection is held meanwhile. Its id. */
    UUID keep(String kind, InputStream body) {
        if (!byKind.containsKey(kind)) {
            throw new Refused(List.of(new Refusal(
                    "/kind",
                    "unknown-word",
                    "Files are read as "
                            + String.join(
                                    ", ", byKind.keySet().stream().sorted().toList()) + ".")));
        }
        UUID id = NewId.now();
        write(id, body);
        return id;
    }

    /** Looks at a file that was kept; one that cannot be read as a whole, or whose counting is stopped, goes at once. */
    @Transactional
    public Look receive(
            Viewer viewer, UUID id, String kind, @Nullable UUID holdingId, @Nullable UUID fieldId, Sifted sifted) {
        dropOld();
        try {
            String remembered = headings(kind, id)
                    .flatMap(headings -> imports.remembered(viewer, kind, headings))
                    .orElse(null);
            ImportMapper.Row row =
                    new ImportMapper.Row(id, kind, holdingId, fieldId, LOOKED_AT, clock.instant(), remembered);
            lookAt(viewer, row, sifted);
            imports.add(viewer, row);
            return new Look(id, kind, LOOKED_AT, sifted);
        } catch (RuntimeException fault) {
            forget(id);
            throw fault;
        }
    }

    /** Whatever reading it touched is undone: only what was found is kept. */
    private Sifted lookAt(Viewer viewer, ImportMapper.Row row, Sifted sifted) {
        Object before = TransactionAspectSupport.currentTransactionStatus().createSavepoint();
        try {
            byKind.get(row.kind()).read(viewer, incoming(row), sifted, false);
            return sifted;
        } finally {
            TransactionAspectSupport.currentTransactionStatus().rollbackToSavepoint(before);
        }
    }

    /** As it would be saved now; others may have saved the same meanwhile. */
    @Transactional
    public Look look(Viewer viewer, UUID id) {
        ImportMapper.Row row = find(viewer, id);
        return row.state().equals(SAVED)
                ? new Look(id, row.kind(), SAVED, new Sifted())
                : new Look(id, row.kind(), LOOKED_AT, lookAt(viewer, row, new Sifted()));
    }

    /** Says what the columns are read as; remembered for the next file with these headings. */
    @Transactional
    public Look match(Viewer viewer, UUID id, Map<String, String> columns) {
        ImportMapper.Row row = find(viewer, id);
        if (imports.lock(viewer, id).orElse(SAVED).equals(SAVED)) {
            return new Look(id, row.kind(), SAVED, new Sifted());
        }
        Importer importer = byKind.get(row.kind());
        if (importer.targets() == null) {
            throw Sifted.refused("no-columns", "This kind of file has no columns to be matched.");
        }
        String written = json.write(columns);
        imports.match(viewer, id, written);
        headings(row.kind(), id).ifPresent(headings -> imports.remember(viewer, row.kind(), headings, written));
        return new Look(id, row.kind(), LOOKED_AT, lookAt(viewer, find(viewer, id), new Sifted()));
    }

    /** The fingerprint of a table's headings. */
    private Optional<String> headings(String kind, UUID id) {
        Importer importer = byKind.get(kind);
        return importer.targets() == null
                ? Optional.empty()
                : Optional.of(PictureFiles.sha256(Sheet.open(file(id), importer.targets(), Map.of())
                        .headings()
                        .getBytes(StandardCharsets.UTF_8)));
    }

    /** All good rows, or none: what stops the counting takes back what was saved. */
    @Transactional
    public Look save(Viewer viewer, UUID id, Sifted sifted) {
        ImportMapper.Row row = find(viewer, id);
        if (imports.lock(viewer, id).orElse(SAVED).equals(SAVED)) {
            return new Look(id, row.kind(), SAVED, new Sifted());
        }
        byKind.get(row.kind()).read(viewer, incoming(row), sifted, true);
        imports.saved(viewer, id);
        return new Look(id, row.kind(), SAVED, sifted);
    }

    /** What sort of file it is; nobody else's is known. */
    @Transactional(readOnly = true)
    public String kind(Viewer viewer, UUID id) {
        return find(viewer, id).kind();
    }

    @Transactional
    public void drop(Viewer viewer, UUID id) {
        find(viewer, id);
        imports.drop(viewer, id);
        forget(id);
    }

    private ImportMapper.Row find(Viewer viewer, UUID id) {
        return imports.find(viewer, id).orElseThrow(() -> new NotFound("import", id));
    }

    private Importer.Incoming incoming(ImportMapper.Row row) {
        return new Importer.Incoming(file(row.id()), row.holdingId(), row.fieldId(), columns(row));
    }

    private Map<String, String> columns(ImportMapper.Row row) {
        return row.columnsJson() == null ? Map.of() : json.read(row.columnsJson(), COLUMNS);
    }

    private Path file(UUID id) {
        return folder.resolve(id.toString());
    }

    private void write(UUID id, InputStream body) {
        try {
            Files.createDirectories(folder);
            try (OutputStream out = Files.newOutputStream(file(id))) {
                byte[] part = new byte[65_536];
                long all = 0;
                for (int n = body.read(part); n >= 0; n = body.read(part)) {
                    all += n;
                    if (all > MOST_BYTES) {
                        throw NotTaken.tooLarge("A file takes 200 MB at most.");
                    }
                    out.write(part, 0, n);
                }
            } catch (NotTaken fault) {
                forget(id);
                throw fault;
            }
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    private void dropOld() {
        imports.older(clock.instant().minus(KEPT)).forEach(this::forget);
        imports.dropOlder(clock.instant().minus(KEPT));
    }

    private void forget(UUID id) {
        try {
            Files.deleteIfExists(file(id));
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }
}
