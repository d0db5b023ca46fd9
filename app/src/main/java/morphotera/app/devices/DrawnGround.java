package morphotera.app.devices;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.Random;

/** The ground as a camera sees it from above, drawn from figures: the same figures give the same picture. */
public final class DrawnGround {
    private DrawnGround() {}

    /** The ground from above: young plants in rows over soil, with some straw on it. */
    public static byte[] rows(long seed, int plants, int straws) {
        Random chance = new Random(seed);
        return Canvas.drawn(pen -> {
            Canvas.fill(pen, Canvas.SOIL);
            Canvas.speckle(pen, chance, 0, 0, Canvas.WIDTH, Canvas.HEIGHT, 5000);
            for (int i = 0; i < straws; i++) {
                pen.setColor(new Color(190 + chance.nextInt(25), 165 + chance.nextInt(20), 105 + chance.nextInt(20)));
                pen.rotate(chance.nextDouble(), Canvas.WIDTH / 2.0, Canvas.HEIGHT / 2.0);
                pen.fillRect(chance.nextInt(1400) - 100, chance.nextInt(1100) - 100, 40 + chance.nextInt(80), 6);
            }
            pen.setTransform(new AffineTransform());
            for (int i = 0; i < plants; i++) {
                pen.setColor(new Color(60 + chance.nextInt(30), 125 + chance.nextInt(40), 40 + chance.nextInt(25)));
                int x = i % 6 * 200 + 50 + chance.nextInt(80);
                pen.fill(new Ellipse2D.Double(
                        x, chance.nextInt(Canvas.HEIGHT), 12 + chance.nextInt(12), 50 + chance.nextInt(40)));
            }
        });
    }

    /** The ground from above, and the shares of it that are plants and straw, counted as they were drawn. */
    public record Ground(BufferedImage image, double live, double litter) {
        public byte[] jpeg() {
            return Canvas.encoded(image);
        }
    }

    private static final int MASK_PART = 4;

    /** As many plants as cover the wished share of it, near enough. */
    public static Ground ground(long seed, double wishedLive, int straws) {
        Random chance = new Random(seed);
        Mask litter = new Mask();
        Mask live = new Mask();
        BufferedImage image = Canvas.image(pen -> {
            Canvas.fill(pen, Canvas.SOIL);
            Canvas.speckle(pen, chance, 0, 0, Canvas.WIDTH, Canvas.HEIGHT, 5000);
            for (int i = 0; i < straws; i++) {
                pen.setColor(new Color(190 + chance.nextInt(25), 165 + chance.nextInt(20), 105 + chance.nextInt(20)));
                Path2D straw = new Path2D.Double();
                straw.moveTo(-30 - chance.nextInt(40), -4);
                straw.lineTo(30 + chance.nextInt(40), -4);
                straw.lineTo(40, 4);
                straw.lineTo(-40, 4);
                straw.closePath();
                AffineTransform lies = AffineTransform.getTranslateInstance(
                        chance.nextInt(Canvas.WIDTH), chance.nextInt(Canvas.HEIGHT));
                lies.rotate(Math.PI * chance.nextDouble());
                straw.transform(lies);
                pen.fill(straw);
                litter.fill(straw);
            }
            while (live.share() < wishedLive) {
                pen.setColor(new Color(60 + chance.nextInt(30), 125 + chance.nextInt(40), 40 + chance.nextInt(25)));
                Ellipse2D leaf = new Ellipse2D.Double(
                        chance.nextInt(Canvas.WIDTH) - 20,
                        chance.nextInt(Canvas.HEIGHT) - 30,
                        14 + chance.nextInt(26),
                        50 + chance.nextInt(60));
                pen.fill(leaf);
                live.fill(leaf);
            }
        });
        return new Ground(image, live.share(), litter.shareOutside(live));
    }

    /** Which part of the picture is of one kind, at a quarter of its width. */
    private static final class Mask {
        private final BufferedImage image =
                new BufferedImage(Canvas.WIDTH / MASK_PART, Canvas.HEIGHT / MASK_PART, BufferedImage.TYPE_BYTE_GRAY);
        private final Graphics2D pen = image.createGraphics();

        Mask() {
            pen.scale(1.0 / MASK_PART, 1.0 / MASK_PART);
            pen.setColor(Color.WHITE);
        }

        void fill(Shape shape) {
            pen.fill(shape);
        }

        private byte[] pixels() {
            return ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        }

        double share() {
            int set = 0;
            for (byte pixel : pixels()) {
                set += pixel == 0 ? 0 : 1;
            }
            return (double) set / pixels().length;
        }

        double shareOutside(Mask other) {
            int set = 0;
            byte[] others = other.pixels();
            for (int i = 0; i < others.length; i++) {
                set += pixels()[i] != 0 && others[i] == 0 ? 1 : 0;
            }
            return (double) set / others.length;
        }
    }
}
