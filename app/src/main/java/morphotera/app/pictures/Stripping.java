package morphotera.app.pictures;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Set;

/**
 * Takes out of a picture's file all that is not the picture: position, maker, serial, comments, thumbnails, what was hung on behind.
 * The picture itself is not touched.
 */
final class Stripping {
    private static final int MARKER = 0xff;
    private static final int END_OF_IMAGE = 0xd9;
    private static final int START_OF_SCAN = 0xda;
    private static final int APP0 = 0xe0;
    private static final int APP2 = 0xe2;
    private static final int APP14 = 0xee;
    private static final int APP15 = 0xef;
    private static final int COMMENT = 0xfe;
    private static final Set<String> PNG_KEPT =
            Set.of("IHDR", "PLTE", "IDAT", "IEND", "tRNS", "gAMA", "cHRM", "sRGB", "iCCP");
    private static final Set<String> WEBP_KEPT = Set.of("VP8 ", "VP8L", "VP8X", "ALPH", "ICCP");
    private static final int PNG_START = 8;
    private static final int RIFF_START = 12;
    private static final int NOT_ICC_OR_ALPHA = ~(1 << 3 | 1 << 2 | 1 << 1);

    private Stripping() {}

    /** The file has no end where it should: it was cut short. */
    static final class CutShort extends Exception {
        private static final long serialVersionUID = 1L;
    }

    static byte[] of(PictureKind kind, byte[] bytes) throws CutShort {
        try {
            return switch (kind) {
                case JPEG -> jpeg(bytes);
                case PNG -> png(bytes);
                case WEBP -> webp(bytes);
            };
        } catch (IndexOutOfBoundsException fault) {
            throw new CutShort();
        }
    }

    private static byte[] jpeg(byte[] in) throws CutShort {
        ByteArrayOutputStream out = new ByteArrayOutputStream(in.length);
        out.write(in, 0, 2);
        int at = 2;
        while (true) {
            if ((in[at] & 255) != MARKER) {
                throw new CutShort();
            }
            int marker = in[at + 1] & 255;
            if (marker == MARKER) {
                at++;
            } else if (marker == END_OF_IMAGE) {
                out.write(in, at, 2);
                return out.toByteArray();
            } else {
                int length = (in[at + 2] & 255) << 8 | in[at + 3] & 255;
                int end = at + 2 + length;
                if (marker == START_OF_SCAN) {
                    end = endOfScan(in, end);
                }
                if (isKept(marker, in, at + 4)) {
                    out.write(in, at, end - at);
                }
                at = end;
            }
        }
    }

    /** Behind the data of a scan: where the next marker stands that is neither a stuffed byte nor a restart. */
    private static int endOfScan(byte[] in, int from) {
        int at = from;
        while ((in[at] & 255) != MARKER
                || in[at + 1] == 0
                || ((in[at + 1] & 255) >= 0xd0 && (in[at + 1] & 255) <= 0xd7)
                || (in[at + 1] & 255) == MARKER) {
            at++;
        }
        return at;
    }

    private static boolean isKept(int marker, byte[] in, int at) {
        if (marker == APP2) {
            return new String(in, at, 11, StandardCharsets.US_ASCII).equals("ICC_PROFILE");
        }
        boolean app = marker >= APP0 && marker <= APP15;
        return marker != COMMENT && (!app || marker == APP0 || marker == APP14);
    }

    private static byte[] png(byte[] in) throws CutShort {
        ByteArrayOutputStream out = new ByteArrayOutputStream(in.length);
        out.write(in, 0, PNG_START);
        int at = PNG_START;
        while (true) {
            int length = bigEndian(in, at);
            String name = new String(in, at + 4, 4, StandardCharsets.US_ASCII);
            int end = at + 12 + length;
            if (length < 0 || end > in.length) {
                throw new CutShort();
            }
            if (PNG_KEPT.contains(name)) {
                out.write(in, at, end - at);
            }
            if (name.equals("IEND")) {
                return out.toByteArray();
            }
            at = end;
        }
    }

    private static byte[] webp(byte[] in) throws CutShort {
        long said = Integer.toUnsignedLong(littleEndian(in, 4)) + 8;
        if (said > in.length) {
            throw new CutShort();
        }
        ByteArrayOutputStream chunks = new ByteArrayOutputStream(in.length);
        int at = RIFF_START;
        while (at + 8 <= said) {
            String name = new String(in, at, 4, StandardCharsets.US_ASCII);
            int length = littleEndian(in, at + 4);
            int end = at + 8 + length + (length & 1);
            if (length < 0 || at + 8 + length > said) {
                throw new CutShort();
            }
            if (WEBP_KEPT.contains(name)) {
                byte[] chunk = new byte[end - at];
                System.arraycopy(in, at, chunk, 0, Math.min(chunk.length, in.length - at));
                if (name.equals("VP8X")) {
                    chunk[8] &= (byte) NOT_ICC_OR_ALPHA;
                }
                chunks.writeBytes(chunk);
            }
            at = end;
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream(chunks.size() + RIFF_START);
        out.write(in, 0, 4);
        int size = chunks.size() + 4;
        out.writeBytes(new byte[] {(byte) size, (byte) (size >> 8), (byte) (size >> 16), (byte) (size >> 24)});
        out.write(in, 8, 4);
        out.writeBytes(chunks.toByteArray());
        return out.toByteArray();
    }

    private static int bigEndian(byte[] in, int at) {
        return (in[at] & 255) << 24 | (in[at + 1] & 255) << 16 | (in[at + 2] & 255) << 8 | in[at + 3] & 255;
    }

    private static int littleEndian(byte[] in, int at) {
        return in[at] & 255 | (in[at + 1] & 255) << 8 | (in[at + 2] & 255) << 16 | (in[at + 3] & 255) << 24;
    }
}
