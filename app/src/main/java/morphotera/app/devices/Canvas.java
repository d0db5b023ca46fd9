package morphotera.app.devices;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Random;
import java.util.function.Consumer;
import javax.imageio.ImageIO;

/** What drawn pictures are drawn on: the size of a photograph, with a tape to measure by. */
final class Canvas {
    static final int WIDTH = 1200;
    static final int HEIGHT = 900;
    static final Color SOIL = new Color(0x6a4e3b);
    static final Color INK = new Color(0x2b2620);
    private static final Color TAPE = new Color(0xe8d9a8);

    private Canvas() {}

    /** Marked every tenth and numbered; up from the table in mm, or down from the ground in cm. */
    static void tape(Graphics2D pen, int left, int zero, double pxATen, int tens, boolean mm) {
        int end = (int) (zero - pxATen * tens);
        pen.setColor(TAPE);
        pen.fillRect(left, Math.min(zero, end) - 6, 74, Math.abs(end - zero) + 12);
        pen.setColor(INK);
        pen.setFont(new Font(Font.SANS_SERIF, Font.PLAIN, 22));
        pen.setStroke(new BasicStroke(2.5f));
        for (int i = 0; i <= tens * 2; i++) {
            int y = (int) Math.round(zero - pxATen * i / 2);
            boolean whole = i % 2 == 0;
            pen.drawLine(left, y, left + (whole ? 26 : 14), y);
            if (whole) {
                pen.drawString(
                        String.valueOf(i / 2 * 10) + (i == 0 && mm ? " mm" : i == 0 ? " cm" : ""), left + 30, y + 8);
            }
        }
    }

    static void fill(Graphics2D pen, Color colour) {
        pen.setColor(colour);
        pen.fillRect(0, 0, WIDTH, HEIGHT);
    }

    static void speckle(Graphics2D pen, Random chance, int left, int top, int width, int height, int count) {
        for (int i = 0; i < count; i++) {
            int light = 70 + chance.nextInt(50);
            pen.setColor(new Color(light + 30, light + 8, light - 10, 60));
            int size = 3 + chance.nextInt(9);
            pen.fillOval(
                    left + chance.nextInt(Math.max(1, width)), top + chance.nextInt(Math.max(1, height)), size, size);
        }
    }

    static byte[] drawn(Consumer<Graphics2D> how) {
        return encoded(image(how));
    }

    static BufferedImage image(Consumer<Graphics2D> how) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        how.accept(pen);
        pen.dispose();
        return image;
    }

    static byte[] encoded(BufferedImage image) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, "jpg", out);
            return out.toByteArray();
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }
}
