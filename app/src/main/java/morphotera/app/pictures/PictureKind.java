package morphotera.app.pictures;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The kinds of picture that are kept, told by their first bytes. */
enum PictureKind {
    JPEG,
    PNG,
    WEBP;

    private static final byte[] OF_JPEG = {(byte) 0xff, (byte) 0xd8, (byte) 0xff};
    private static final byte[] OF_PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};

    static Optional<PictureKind> of(byte[] bytes) {
        if (starts(bytes, 0, OF_JPEG)) {
            return Optional.of(JPEG);
        }
        if (starts(bytes, 0, OF_PNG)) {
            return Optional.of(PNG);
        }
        boolean webp = starts(bytes, 0, "RIFF".getBytes(StandardCharsets.US_ASCII))
                && starts(bytes, 8, "WEBP".getBytes(StandardCharsets.US_ASCII));
        return webp ? Optional.of(WEBP) : Optional.empty();
    }

    private static boolean starts(byte[] bytes, int at, byte[] with) {
        return bytes.length >= at + with.length && Arrays.equals(bytes, at, at + with.length, with, 0, with.length);
    }

    String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    String mediaType() {
        return "image/" + word();
    }
}
