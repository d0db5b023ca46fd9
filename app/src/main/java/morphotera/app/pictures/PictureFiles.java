package morphotera.app.pictures;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Pictures as files beside the data, each named by the SHA-256 of what is in it; the same picture is one file. */
@Component
public class PictureFiles {
    private final Path folder;

    PictureFiles(@Value("${morphotera.data}") Path data) {
        this.folder = data.toAbsolutePath().normalize().resolve("photographs");
    }

    public static String sha256(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException fault) {
            throw new IllegalStateException(fault);
        }
    }

    /** One that came out of another practice, under its own name: false where it is not just what would be kept of it. */
    public boolean bring(String sha256, byte[] bytes) {
        Picture picture = Picture.of(bytes);
        if (!sha256(bytes).equals(sha256) || !Arrays.equals(picture.bytes(), bytes)) {
            return false;
        }
        keep(sha256, picture);
        return true;
    }

    public boolean isThere(String sha256) {
        return Files.exists(folder.resolve(sha256));
    }

    /** On disk, whole, before it is spoken of. */
    void keep(String sha256, Picture picture) {
        write(sha256, picture.bytes());
        write(sha256 + ".small", picture.small());
    }

    public byte[] read(String sha256, boolean small) {
        try {
            return Files.readAllBytes(folder.resolve(small ? sha256 + ".small" : sha256));
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    private void write(String name, byte[] bytes) {
        try {
            Files.createDirectories(folder);
            Path whole = folder.resolve(name);
            if (Files.exists(whole)) {
                return;
            }
            Path part = Files.createTempFile(folder, "part", null);
            try {
                Files.write(part, bytes);
                Files.move(part, whole, StandardCopyOption.ATOMIC_MOVE);
            } catch (FileAlreadyExistsException same) {
                Files.deleteIfExists(part);
            }
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }
}
