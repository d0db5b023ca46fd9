package morphotera.app.backup;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import morphotera.app.api.Forbidden;
import morphotera.app.people.Viewer;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/**
 * All of the data folder in one file, of one moment, while people save. A running server leaves beside its data where it listens
 * and a key, so that who may read the folder may have it backed up.
 */
@Service
class Backups {
    static final String PICTURES = "photographs";
    private static final int KEY_BYTES = 32;

    private final BackupMapper data;
    private final Path folder;
    private final String key;

    Backups(BackupMapper data, @Value("${morphotera.data}") Path folder) {
        this.data = data;
        this.folder = folder.toAbsolutePath().normalize();
        byte[] chance = new byte[KEY_BYTES];
        new SecureRandom().nextBytes(chance);
        this.key = HexFormat.of().formatHex(chance);
    }

    /** An owner's, where the practice is alone here: a backup holds all there is. */
    void allow(Viewer owner) {
        if (data.practices() > 1) {
            throw new Forbidden(
                    "Several practices share this server: whoever keeps it makes the backup with ./backup. Take your own practice out as a package.");
        }
    }

    void allow(String said) {
        boolean same =
                MessageDigest.isEqual(key.getBytes(StandardCharsets.US_ASCII), said.getBytes(StandardCharsets.UTF_8));
        if (!same) {
            throw new Forbidden("This key is not the one beside the data.");
        }
    }

    /** Pictures are on disk before they are named, so those named in the data are all there. */
    void write(OutputStream to) throws IOException {
        Path aside = Files.createDirectories(folder.resolve("backups")).resolve(UUID.randomUUID() + ".zip");
        try (ZipOutputStream zip = new ZipOutputStream(to, StandardCharsets.UTF_8)) {
            // Trying harder takes twice as long, for data a seventh smaller and pictures that are no smaller at all.
            zip.setLevel(Deflater.BEST_SPEED);
            data.backup(aside.toString());
            try (ZipInputStream in = new ZipInputStream(Files.newInputStream(aside))) {
                for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                    put(zip, entry.getName(), in);
                }
            }
            for (Path picture : pictures()) {
                try (InputStream in = Files.newInputStream(picture)) {
                    put(zip, PICTURES + "/" + picture.getFileName(), in);
                }
            }
        } finally {
            Files.deleteIfExists(aside);
        }
    }

    private static void put(ZipOutputStream zip, String name, InputStream in) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        in.transferTo(zip);
        zip.closeEntry();
    }

    private List<Path> pictures() throws IOException {
        Path all = folder.resolve(PICTURES);
        if (!Files.isDirectory(all)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(all)) {
            return files.filter(file -> file.getFileName().toString().matches("[0-9a-f]{64}(\\.small)?"))
                    .sorted()
                    .toList();
        }
    }

    @EventListener
    void listening(WebServerInitializedEvent event) {
        try {
            Running.write(folder, "http://127.0.0.1:" + event.getWebServer().getPort() + "/api/backups/" + key);
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    @PreDestroy
    void end() throws IOException {
        Running.forget(folder);
    }
}
