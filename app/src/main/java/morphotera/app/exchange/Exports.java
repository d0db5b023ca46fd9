package morphotera.app.exchange;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import morphotera.app.api.Json;
import morphotera.app.api.NotFound;
import morphotera.app.exchange.tables.Cells;
import morphotera.app.exchange.tables.Column;
import morphotera.app.exchange.tables.Scope;
import morphotera.app.exchange.tables.Table;
import morphotera.app.exchange.tables.TableMapper;
import morphotera.app.exchange.tables.Tables;
import morphotera.app.people.Viewer;
import morphotera.app.pictures.PictureFiles;
import morphotera.ground.Nullable;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.QuoteMode;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * What is kept, taken out: every table as a CSV file, what they mean, and the photographs, in one ZIP. It is written aside by one
 * thread, all of one moment, and fetched when it is whole; a page of rows at a time, however many there are.
 */
@Service
class Exports {
    static final CSVFormat CSV = CSVFormat.RFC4180
            .builder()
            .setNullString("")
            .setQuoteMode(QuoteMode.ALL_NON_NULL)
            .get();

    private static final int PAGE = 2000;
    private static final Duration KEPT = Duration.ofHours(6);

    private final TableMapper tables;
    private final PictureFiles pictures;
    private final Json json;
    private final Clock clock;
    private final Path folder;
    private final TransactionTemplate oneMoment;
    private final ExecutorService thread = Executors.newSingleThreadExecutor();
    private final Map<UUID, Going> all = new ConcurrentHashMap<>();

    Exports(
            TableMapper tables,
            PictureFiles pictures,
            Json json,
            Clock clock,
            PlatformTransactionManager transactions,
            @Value("${morphotera.data}") Path data) {
        this.tables = tables;
        this.pictures = pictures;
        this.json = json;
        this.clock = clock;
        this.folder = data.toAbsolutePath().normalize().resolve("exports");
        this.oneMoment = new TransactionTemplate(transactions);
        oneMoment.setReadOnly(true);
        oneMoment.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
        forgetAll();
    }

    /** What a server before this one left cannot be asked for any more. */
    private void forgetAll() {
        if (!Files.isDirectory(folder)) {
            return;
        }
        try (Stream<Path> left = Files.list(folder)) {
            for (Path one : left.toList()) {
                Files.deleteIfExists(one);
            }
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    /** One that is being written, or waits to be fetched. */
    static final class Going {
        private final UUID practiceId;
        private final Instant asked;
        private volatile long rows;
        private volatile long written;
        private volatile Path file;
        private volatile boolean stopped;
        private volatile String fault;

        private Going(UUID practiceId, Instant asked) {
            this.practiceId = practiceId;
            this.asked = asked;
        }

        double share() {
            return rows == 0 ? 0 : Math.min(0.99, (double) written / rows);
        }

        @Nullable
        Path file() {
            return file;
        }

        @Nullable
        String fault() {
            return fault;
        }
    }

    UUID begin(Viewer viewer, Scope scope, String title, boolean withPictures) {
        dropOld();
        UUID id = NewId.now();
        Going going = new Going(viewer.practiceId(), clock.instant());
        all.put(id, going);
        thread.submit(() -> write(id, going, scope, title, withPictures));
        return id;
    }

    Going find(Viewer viewer, UUID id) {
        Going going = all.get(id);
        if (going == null || !going.practiceId.equals(viewer.practiceId())) {
            throw new NotFound("export", id);
        }
        return going;
    }

    void stop(Viewer viewer, UUID id) {
        find(viewer, id).stopped = true;
        forget(id);
    }

    private void write(UUID id, Going going, Scope scope, String title, boolean withPictures) {
        Path part = folder.resolve(id + ".part");
        try {
            Files.createDirectories(folder);
            try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(part), StandardCharsets.UTF_8)) {
                oneMoment.executeWithoutResult(now -> tables(zip, going, scope, title, withPictures));
            }
            Path whole = folder.resolve(id + ".zip");
            Files.move(part, whole, StandardCopyOption.ATOMIC_MOVE);
            going.file = whole;
            if (going.stopped) {
                forget(id);
            }
        } catch (IOException | RuntimeException fault) {
            going.fault = going.stopped ? "It was stopped." : "It could not be written: is the disk full?";
            try {
                Files.deleteIfExists(part);
            } catch (IOException left) {
                going.fault += " A part of it was left in the folder of exports.";
            }
        }
    }

    private void tables(ZipOutputStream zip, Going going, Scope scope, String title, boolean withPictures) {
        try {
            for (Table table : Tables.ALL) {
                going.rows += tables.count(table.from(scope.what()), table.where(scope.what()), scope);
            }
            zip.putNextEntry(new ZipEntry(DataPackage.FILE));
            zip.write(json.pretty(DataPackage.of(title)).getBytes(StandardCharsets.UTF_8));
            zip.closeEntry();
            List<String> shas = new ArrayList<>();
            for (Table table : Tables.ALL) {
                zip.putNextEntry(new ZipEntry(table.name() + ".csv"));
                table(zip, table, going, scope, shas);
                zip.closeEntry();
            }
            if (withPictures) {
                for (String sha : shas.stream().distinct().sorted().toList()) {
                    zip.putNextEntry(new ZipEntry("photographs/" + sha));
                    zip.write(pictures.read(sha, false));
                    zip.closeEntry();
                }
            }
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    private void table(OutputStream zip, Table table, Going going, Scope scope, List<String> shas) throws IOException {
        // Not closed: that would close the package.
        Writer text = new OutputStreamWriter(zip, StandardCharsets.UTF_8);
        CSVPrinter csv = new CSVPrinter(text, CSV);
        List<Column> columns = table.columns();
        csv.printRecord(columns.stream().map(Column::name).toList());
        int sha = table.name().equals("photographs") ? columns.indexOf(table.column("sha256")) : -1;
        List<String> after = null;
        while (true) {
            List<Map<String, Object>> page =
                    tables.page(table, table.from(scope.what()), table.where(scope.what()), scope, after, PAGE);
            for (Map<String, Object> row : page) {
                for (int i = 0; i < columns.size(); i++) {
                    csv.print(Cells.written(columns.get(i), (String) row.get("C" + i)));
                }
                csv.println();
                if (sha >= 0) {
                    shas.add((String) row.get("C" + sha));
                }
            }
            going.written += page.size();
            if (going.stopped) {
                throw new IOException("stopped");
            }
            if (page.size() < PAGE) {
                break;
            }
            Map<String, Object> last = page.get(page.size() - 1);
            after = table.keyColumns().stream()
                    .map(column -> (String) last.get("C" + columns.indexOf(column)))
                    .toList();
        }
        csv.flush();
    }

    private void dropOld() {
        Instant before = clock.instant().minus(KEPT);
        all.forEach((id, one) -> {
            if (one.asked.isBefore(before)) {
                forget(id);
            }
        });
    }

    private void forget(UUID id) {
        all.remove(id);
        try {
            Files.deleteIfExists(folder.resolve(id + ".zip"));
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    @PreDestroy
    void end() {
        thread.shutdownNow();
    }
}
