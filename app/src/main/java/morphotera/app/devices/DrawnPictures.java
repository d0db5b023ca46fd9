package morphotera.app.devices;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Random;
import java.util.function.Consumer;
import javax.imageio.ImageIO;

/** What a camera would see of a made-up field, drawn from figures: the same figures give the same picture. */
public final class DrawnPictures {
    private static final int WIDTH = 1200;
    private static final int HEIGHT = 900;
    private static final Color SOIL = new Color(0x6a4e3b);
    private static final Color TAPE = new Color(0xe8d9a8);
    private static final Color INK = new Color(0x2b2620);

    private DrawnPictures() {}

    /** A layer of a block or a pit down to a depth; {@code roots} 0 none to 1 many. */
    public record Band(double bottomCm, String shape, double roots) {}

    /** The ground from above: young plants in rows over soil, with some straw on it. */
    public static byte[] ground(long seed, int plants, int straws) {
        Random chance = new Random(seed);
        return drawn(pen -> {
            fill(pen, SOIL);
            speckle(pen, chance, 0, 0, WIDTH, HEIGHT, 5000);
            for (int i = 0; i < straws; i++) {
                pen.setColor(new Color(190 + chance.nextInt(25), 165 + chance.nextInt(20), 105 + chance.nextInt(20)));
                pen.rotate(chance.nextDouble(), WIDTH / 2.0, HEIGHT / 2.0);
                pen.fillRect(chance.nextInt(1400) - 100, chance.nextInt(1100) - 100, 40 + chance.nextInt(80), 6);
            }
            pen.setTransform(new AffineTransform());
            for (int i = 0; i < plants; i++) {
                pen.setColor(new Color(60 + chance.nextInt(30), 125 + chance.nextInt(40), 40 + chance.nextInt(25)));
                int x = i % 6 * 200 + 50 + chance.nextInt(80);
                pen.fill(new Ellipse2D.Double(
                        x, chance.nextInt(HEIGHT), 12 + chance.nextInt(12), 50 + chance.nextInt(40)));
            }
        });
    }

    private static final double JAR_PX_A_MM = 5.4;
    private static final int JAR_FLOOR = 800;
    private static final int JAR_LEFT = 420;
    private static final int JAR_WIDTH = 330;
    private static final int JAR_WATER_MM = 120;

    /** A jar beside its ruler, the soil in it settled to these heights over the table, in mm. */
    public static byte[] jar(double baseMm, double sandMm, double siltMm, double clayMm) {
        Random chance = new Random((long) (sandMm * 100 + siltMm));
        return drawn(pen -> {
            fill(pen, new Color(0xd9d4c7));
            pen.setColor(new Color(0xa58d6c));
            pen.fillRect(0, JAR_FLOOR, WIDTH, HEIGHT - JAR_FLOOR);
            settled(pen, clayMm, JAR_WATER_MM, new Color(0xb9ab8e));
            settled(pen, siltMm, clayMm, new Color(0x9d7f5a));
            settled(pen, sandMm, siltMm, new Color(0x7c5c40));
            settled(pen, baseMm, sandMm, new Color(0x55402f));
            speckle(
                    pen,
                    chance,
                    JAR_LEFT + 6,
                    (int) (JAR_FLOOR - sandMm * JAR_PX_A_MM),
                    JAR_WIDTH - 12,
                    (int) ((sandMm - baseMm) * JAR_PX_A_MM) - 6,
                    700);
            pen.setColor(new Color(0x5b6b70));
            pen.setStroke(new BasicStroke(6));
            pen.drawRoundRect(JAR_LEFT - 3, 90, JAR_WIDTH + 6, JAR_FLOOR - 90, 36, 36);
            tape(pen, JAR_LEFT + JAR_WIDTH + 70, JAR_FLOOR, JAR_PX_A_MM * 10, 13, true);
        });
    }

    private static void settled(Graphics2D pen, double fromMm, double toMm, Color colour) {
        int top = (int) Math.round(JAR_FLOOR - toMm * JAR_PX_A_MM);
        int bottom = (int) Math.round(JAR_FLOOR - fromMm * JAR_PX_A_MM);
        pen.setColor(colour);
        pen.fillRect(JAR_LEFT, top, JAR_WIDTH, bottom - top);
    }

    /** A block on the spade with a tape beside it. */
    public static byte[] block(long seed, List<Band> bands) {
        return face(seed, bands, 330, 560, 27);
    }

    /** The face of a pit with a tape hung down it. */
    public static byte[] pit(long seed, double depthCm, List<Band> bands) {
        return face(seed, bands, 90, 940, depthCm);
    }

    private static byte[] face(long seed, List<Band> bands, int left, int width, double depthCm) {
        Random chance = new Random(seed);
        int grass = 90;
        double pxACm = (HEIGHT - grass - 30) / depthCm;
        return drawn(pen -> {
            fill(pen, new Color(0xcfc8b6));
            double top = grass;
            for (Band band : bands) {
                double bottom = grass + band.bottomCm() * pxACm;
                double darker = 1 - 0.55 * (top - grass) / HEIGHT;
                pen.setColor(new Color((int) (106 + 60 * (1 - darker)), (int) (78 + 50 * (1 - darker)), (int)
                        (59 + 30 * (1 - darker))));
                pen.fillRect(left, (int) top, width, (int) (bottom - top) + 1);
                clods(pen, chance, band, left, (int) top, width, (int) (bottom - top));
                roots(pen, chance, band, left, (int) top, width, (int) (bottom - top));
                top = bottom;
            }
            blades(pen, chance, left, grass, width);
            tape(pen, left + width + 30, grass, -pxACm * 10, (int) (depthCm / 10), false);
        });
    }

    private static void clods(Graphics2D pen, Random chance, Band band, int left, int top, int width, int height) {
        int size = switch (band.shape()) {
            case "crumb", "granular" -> 16;
            case "rounded-blocks" -> 46;
            case "sharp-blocks" -> 62;
            case "plates" -> 90;
            default -> 0;
        };
        if (size == 0) {
            speckle(pen, chance, left, top, width, height, width * height / 400);
            return;
        }
        double flat = band.shape().equals("plates") ? 0.22 : 0.85;
        pen.setStroke(new BasicStroke(2));
        int count = (int) (1.3 * width * height / (size * size * flat));
        for (int i = 0; i < count; i++) {
            double x = left + chance.nextDouble() * Math.max(1, width - size);
            double y = top + chance.nextDouble() * Math.max(1, height - size * flat);
            int light = chance.nextInt(28) - 8;
            pen.setColor(new Color(104 + light, 77 + light, 58 + light));
            Path2D clod = clod(chance, x, y, size, size * flat, band.shape().startsWith("sharp"));
            pen.fill(clod);
            pen.setColor(new Color(0x3d2c20));
            pen.draw(clod);
        }
    }

    private static Path2D clod(Random chance, double x, double y, double width, double height, boolean sharp) {
        Path2D clod = new Path2D.Double();
        int corners = sharp ? 5 : 11;
        for (int i = 0; i < corners; i++) {
            double turn = 2 * Math.PI * i / corners;
            double reach = sharp ? 0.42 + 0.1 * chance.nextDouble() : 0.44 + 0.05 * chance.nextDouble();
            double atX = x + width * (0.5 + reach * Math.cos(turn));
            double atY = y + height * (0.5 + reach * Math.sin(turn));
            if (i == 0) {
                clod.moveTo(atX, atY);
            } else {
                clod.lineTo(atX, atY);
            }
        }
        clod.closePath();
        return clod;
    }

    private static void roots(Graphics2D pen, Random chance, Band band, int left, int top, int width, int height) {
        pen.setColor(new Color(0xe9dfc6));
        pen.setStroke(new BasicStroke(2.4f));
        int count = (int) (band.roots() * width / 18);
        for (int i = 0; i < count; i++) {
            Path2D root = new Path2D.Double();
            double x = left + 6 + chance.nextDouble() * (width - 12);
            double y = top + chance.nextDouble() * height * 0.4;
            root.moveTo(x, y);
            double end = Math.min(top + height, y + height * (0.3 + 0.5 * chance.nextDouble()));
            while (y < end) {
                y += 14;
                x = Math.max(left + 2, Math.min(left + width - 2, x + 16 * (chance.nextDouble() - 0.5)));
                root.lineTo(x, Math.min(y, end));
            }
            pen.draw(root);
        }
    }

    private static void blades(Graphics2D pen, Random chance, int left, int ground, int width) {
        pen.setStroke(new BasicStroke(4));
        for (int i = 0; i < width / 6; i++) {
            pen.setColor(new Color(70 + chance.nextInt(30), 120 + chance.nextInt(40), 45 + chance.nextInt(20)));
            int x = left + chance.nextInt(width);
            pen.drawLine(x, ground + 4, x + chance.nextInt(17) - 8, ground - 25 - chance.nextInt(45));
        }
    }

    /** Marked every tenth and numbered; up from the table in mm, or down from the ground in cm. */
    private static void tape(Graphics2D pen, int left, int zero, double pxATen, int tens, boolean mm) {
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

    private static void fill(Graphics2D pen, Color colour) {
        pen.setColor(colour);
        pen.fillRect(0, 0, WIDTH, HEIGHT);
    }

    private static void speckle(Graphics2D pen, Random chance, int left, int top, int width, int height, int count) {
        for (int i = 0; i < count; i++) {
            int light = 70 + chance.nextInt(50);
            pen.setColor(new Color(light + 30, light + 8, light - 10, 60));
            int size = 3 + chance.nextInt(9);
            pen.fillOval(
                    left + chance.nextInt(Math.max(1, width)), top + chance.nextInt(Math.max(1, height)), size, size);
        }
    }

    private static byte[] drawn(Consumer<Graphics2D> how) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        how.accept(pen);
        pen.dispose();
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, "jpg", out);
            return out.toByteArray();
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }
}
