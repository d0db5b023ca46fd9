package morphotera.app.backup;

import java.io.IOException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Optional;

/** The note a running server leaves beside its data, for those who may read the folder. */
final class Running {
    private static final String NOTE = "running";

    private Running() {}

    static void write(Path folder, String address) throws IOException {
        Files.createDirectories(folder);
        Path note = folder.resolve(NOTE);
        Files.deleteIfExists(note);
        if (FileSystems.getDefault().supportedFileAttributeViews().contains("posix")) {
            Files.createFile(note, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        }
        Files.writeString(note, address);
    }

    static Optional<String> read(Path folder) throws IOException {
        Path note = folder.resolve(NOTE);
        return Files.exists(note) ? Optional.of(Files.readString(note)) : Optional.empty();
    }

    static void forget(Path folder) throws IOException {
        Files.deleteIfExists(folder.resolve(NOTE));
    }
}
