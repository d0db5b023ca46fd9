package morphotera.app.devices;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.Random;

/** Blocks, pits and crumbs as a camera sees them, drawn from what they are like. */
public final class DrawnSoil {
    private DrawnSoil() {}

    /** A layer of a block or a pit down to a depth; {@code roots} 0 none to 1 many. */
    public record Band(double bottomCm, String shape, double roots) {}

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
        double pxACm = (Canvas.HEIGHT - grass - 30) / depthCm;
        return Canvas.drawn(pen -> {
            Canvas.fill(pen, new Color(0xcfc8b6));
            double top = grass;
            for (Band band : bands) {
                double bottom = grass + band.bottomCm() * pxACm;
                double darker = 1 - 0.55 * (top - grass) / Canvas.HEIGHT;
                pen.setColor(new Color((int) (106 + 60 * (1 - darker)), (int) (78 + 50 * (1 - darker)), (int)
                        (59 + 30 * (1 - darker))));
                pen.fillRect(left, (int) top, width, (int) (bottom - top) + 1);
                clods(pen, chance, band, left, (int) top, width, (int) (bottom - top));
                roots(pen, chance, band, left, (int) top, width, (int) (bottom - top));
                top = bottom;
            }
            blades(pen, chance, left, grass, width);
            Canvas.tape(pen, left + width + 30, grass, -pxACm * 10, (int) (depthCm / 10), false);
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
            Canvas.speckle(pen, chance, left, top, width, height, width * height / 400);
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

    /** Crumbs in a dish of water, from above, after a swirl: of each so much has fallen to grains. */
    public static byte[] dish(long seed, List<Double> fell) {
        Random chance = new Random(seed);
        return Canvas.drawn(pen -> {
            Canvas.fill(pen, new Color(0xcfc8b6));
            pen.setColor(new Color(0xf3f1ea));
            pen.fillOval(60, 20, Canvas.WIDTH - 120, Canvas.HEIGHT - 40);
            pen.setColor(new Color(0x9aa6a6));
            pen.setStroke(new BasicStroke(5));
            pen.drawOval(60, 20, Canvas.WIDTH - 120, Canvas.HEIGHT - 40);
            pen.setFont(new Font(Font.SANS_SERIF, Font.BOLD, 30));
            for (int i = 0; i < fell.size(); i++) {
                double turn = 2 * Math.PI * i / fell.size() - Math.PI / 2;
                int x = (int) (Canvas.WIDTH / 2.0 + 320 * Math.cos(turn));
                int y = (int) (Canvas.HEIGHT / 2.0 + 250 * Math.sin(turn));
                crumb(pen, chance, x, y, fell.get(i));
                pen.setColor(Canvas.INK);
                pen.drawString(String.valueOf(i + 1), x - 8, y - 105);
            }
        });
    }

    private static final double CRUMB_PX = 78;

    /** What is left keeps its outline; what fell lies round it as grains, as much ground as it was. */
    private static void crumb(Graphics2D pen, Random chance, int x, int y, double fell) {
        int grains = (int) (420 * fell);
        for (int i = 0; i < grains; i++) {
            double far = CRUMB_PX * (0.35 + 0.75 * Math.sqrt(chance.nextDouble()));
            double turn = 2 * Math.PI * chance.nextDouble();
            int light = chance.nextInt(40);
            pen.setColor(new Color(96 + light, 70 + light, 52 + light));
            pen.fillOval((int) (x + far * Math.cos(turn)) - 4, (int) (y + far * Math.sin(turn)) - 4, 8, 8);
        }
        double left = CRUMB_PX * 2 * Math.sqrt(1 - fell);
        if (left > 4) {
            pen.setColor(new Color(0x5d4433));
            Path2D core = clod(chance, x - left / 2, y - left / 2, left, left, false);
            pen.fill(core);
            pen.setColor(new Color(0x3d2c20));
            pen.setStroke(new BasicStroke(3));
            pen.draw(core);
        }
    }
}
