package morphotera.app.pictures;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Objects;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import morphotera.app.api.NotTaken;
import morphotera.app.pictures.Photograph.Place;
import morphotera.ground.Nullable;
import morphotera.measure.picture.Pixels;

/**
 * A picture as it is kept: turned upright, with nothing in its file but the picture, and a small version for lists.
 *
 * @param removed what its file told beside the picture
 * @param place where its file says it was taken
 */
record Picture(
        PictureKind kind,
        byte[] bytes,
        byte[] small,
        int width,
        int height,
        List<String> removed,
        @Nullable Place place) {
    static final String POSITION = "position";

    private static final long MOST_PIXELS = 50_000_000;
    private static final int SMALL = 480;
    private static final float QUALITY = 0.92f;
    private static final float SMALL_QUALITY = 0.8f;

    /** @throws NotTaken where it is no picture, has too many pixels, or is broken */
    static Picture of(byte[] sent) {
        PictureKind kind = PictureKind.of(sent)
                .orElseThrow(() -> new NotTaken(
                        415, "not-a-picture", "This is not a JPEG, PNG or WebP picture. Send the photograph itself."));
        refuseTooManyPixels(sent);
        Metadata told = told(sent);
        int orientation = orientation(told);
        try {
            byte[] stripped = Stripping.of(kind, sent);
            BufferedImage image = upright(decoded(stripped), orientation);
            boolean turned = orientation != 1;
            return new Picture(
                    turned ? PictureKind.JPEG : kind,
                    turned ? jpeg(image, QUALITY) : stripped,
                    jpeg(small(image), SMALL_QUALITY),
                    image.getWidth(),
                    image.getHeight(),
                    removed(told),
                    place(told));
        } catch (Stripping.CutShort | IOException | RuntimeException fault) {
            throw broken();
        }
    }

    private static NotTaken broken() {
        return new NotTaken(
                422, "broken-picture", "This picture is cut short or broken. Take it again, or send it anew.");
    }

    private static void refuseTooManyPixels(byte[] bytes) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw broken();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
                    throw new NotTaken(
                            422,
                            "too-many-pixels",
                            "A picture has 50 million pixels at most. Make it smaller and send it again.");
                }
            } finally {
                reader.dispose();
            }
        } catch (NotTaken fault) {
            throw fault;
        } catch (IOException | RuntimeException fault) {
            throw broken();
        }
    }

    private static Metadata told(byte[] bytes) {
        try {
            return ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes));
        } catch (ImageProcessingException | IOException fault) {
            // What cannot be read is taken out unread.
            return new Metadata();
        }
    }

    private static int orientation(Metadata told) {
        for (ExifIFD0Directory directory : told.getDirectoriesOfType(ExifIFD0Directory.class)) {
            Integer orientation = directory.getInteger(ExifDirectoryBase.TAG_ORIENTATION);
            if (orientation != null && orientation >= 1 && orientation <= 8) {
                return orientation;
            }
        }
        return 1;
    }

    private static @Nullable Place place(Metadata told) {
        return told.getDirectoriesOfType(GpsDirectory.class).stream()
                .map(GpsDirectory::getGeoLocation)
                .filter(Objects::nonNull)
                .findFirst()
                .map(at -> new Place(at.getLatitude(), at.getLongitude()))
                .orElse(null);
    }

    private static List<String> removed(Metadata told) {
        List<String> removed = new ArrayList<>();
        if (place(told) != null) {
            removed.add(POSITION);
        }
        for (Directory directory : told.getDirectories()) {
            boolean device = directory instanceof ExifDirectoryBase
                    && (directory.containsTag(ExifDirectoryBase.TAG_MAKE)
                            || directory.containsTag(ExifDirectoryBase.TAG_MODEL)
                            || directory.containsTag(ExifDirectoryBase.TAG_BODY_SERIAL_NUMBER)
                            || directory.containsTag(ExifDirectoryBase.TAG_SOFTWARE));
            if (device && !removed.contains("device")) {
                removed.add("device");
            }
        }
        return List.copyOf(removed);
    }

    static BufferedImage decoded(byte[] bytes) throws IOException {
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(bytes));
        if (image == null) {
            throw new IOException("nothing reads this");
        }
        return image;
    }

    /** As the eye saw it, whichever way the camera was held (the eight orientations of EXIF). */
    private static BufferedImage upright(BufferedImage image, int orientation) {
        if (orientation == 1) {
            return image;
        }
        int w = image.getWidth();
        int h = image.getHeight();
        AffineTransform turn = switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            default -> new AffineTransform(0, -1, 1, 0, 0, w);
        };
        boolean aside = orientation >= 5;
        return drawn(image, aside ? h : w, aside ? w : h, turn);
    }

    private static BufferedImage small(BufferedImage image) {
        double scale = Math.min(1, (double) SMALL / Math.max(image.getWidth(), image.getHeight()));
        int width = (int) Math.max(1, Math.round(image.getWidth() * scale));
        int height = (int) Math.max(1, Math.round(image.getHeight() * scale));
        return drawn(
                image,
                width,
                height,
                AffineTransform.getScaleInstance(
                        (double) width / image.getWidth(), (double) height / image.getHeight()));
    }

    private static BufferedImage drawn(BufferedImage image, int width, int height, AffineTransform by) {
        BufferedImage drawn = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = drawn.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.drawImage(image, by, null);
        pen.dispose();
        return drawn;
    }

    private static byte[] jpeg(BufferedImage image, float quality) throws IOException {
        BufferedImage plain = image.getType() == BufferedImage.TYPE_INT_RGB
                ? image
                : drawn(image, image.getWidth(), image.getHeight(), new AffineTransform());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (var to = ImageIO.createImageOutputStream(out)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(quality);
            writer.setOutput(to);
            writer.write(null, new IIOImage(plain, null, null), how);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }

    /** Its pixels, for what measures. */
    static Pixels pixels(byte[] bytes) {
        try {
            BufferedImage image = decoded(bytes);
            int[] rgb = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
            return new Pixels(rgb, image.getWidth(), image.getHeight());
        } catch (IOException fault) {
            throw broken();
        }
    }
}
