package morphotera.app.pictures;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;

/** Pictures drawn for the tests: the left part green, the rest soil. */
final class Shots {
    private Shots() {}

    static BufferedImage ground(int width, int height, double greenShare) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(new Color(0x5d4433));
        pen.fillRect(0, 0, width, height);
        pen.setColor(new Color(0x4f8a35));
        pen.fillRect(0, 0, (int) (width * greenShare), height);
        pen.dispose();
        return image;
    }

    static byte[] written(BufferedImage image, String as) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, as, out);
            return out.toByteArray();
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    /** The same with what a phone writes beside it: maker, how it was held, and where it was. */
    static byte[] fromAPhone(byte[] jpeg, int orientation) {
        ByteBuffer tiff = ByteBuffer.allocate(200);
        tiff.put("MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
        tiff.putShort((short) 3);
        entry(tiff, 0x010f, 2, 12, 100);
        tiff.putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) orientation)
                .putShort((short) 0);
        entry(tiff, 0x8825, 4, 1, 50);
        tiff.putInt(0);
        tiff.position(50);
        tiff.putShort((short) 4);
        tiff.putShort((short) 1).putShort((short) 2).putInt(2).put(new byte[] {'N', 0, 0, 0});
        entry(tiff, 2, 5, 3, 120);
        tiff.putShort((short) 3).putShort((short) 2).putInt(2).put(new byte[] {'W', 0, 0, 0});
        entry(tiff, 4, 5, 3, 144);
        tiff.putInt(0);
        tiff.position(100);
        tiff.put("Made Up Cam\0".getBytes(StandardCharsets.US_ASCII));
        tiff.position(120);
        for (int part : new int[] {47, 38, 0, 29, 8, 0}) {
            tiff.putInt(part).putInt(1);
        }
        byte[] head = "Exif\0\0".getBytes(StandardCharsets.US_ASCII);
        ByteBuffer out = ByteBuffer.allocate(jpeg.length + 4 + head.length + tiff.capacity());
        out.put(jpeg, 0, 2);
        out.put((byte) 0xff).put((byte) 0xe1).putShort((short) (2 + head.length + tiff.capacity()));
        out.put(head).put(tiff.array()).put(jpeg, 2, jpeg.length - 2);
        return out.array();
    }

    private static void entry(ByteBuffer to, int tag, int type, int count, int at) {
        to.putShort((short) tag).putShort((short) type).putInt(count).putInt(at);
    }
}
