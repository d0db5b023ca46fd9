package morphotera.app.devices;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.ArrayList;
import java.util.List;
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

    /** What lies on the soil, and in which colour. */
    private record Piece(Color colour, Shape shape) {}

    /**
     * The ground from above, drawn when it is looked at.
     *
     * @param live the share of it that is plants, counted from the same pieces
     * @param litter the share that is straw with no plant over it
     */
    public record Ground(long seed, List<Piece> pieces, double live, double litter) {
        public byte[] jpeg() {
            return Canvas.drawn(pen -> {
                Canvas.fill(pen, Canvas.SOIL);
                Canvas.speckle(pen, new Random(seed), 0, 0, Canvas.WIDTH, Canvas.HEIGHT, 5000);
                for (Piece piece : pieces) {
                    pen.setColor(piece.colour());
                    pen.fill(piece.shape());
                }
            });
        }
    }

    private static final int MASK_PART = 4;

    /** As many plants as cover the wished share of it, near enough. */
    public static Ground ground(long seed, double wishedLive, int straws) {
        Random chance = new Random(~seed);
        List<Piece> pieces = new ArrayList<>();
        Mask litter = new Mask();
        Mask live = new Mask();
        for (int i = 0; i < straws; i++) {
            Piece straw = straw(chance);
            pieces.add(straw);
            litter.fill(straw.shape());
        }
        while (live.share() < wishedLive) {
            Piece leaf = leaf(chance);
            pieces.add(leaf);
            live.fill(leaf.shape());
        }
        return new Ground(seed, pieces, live.share(), litter.shareOutside(live));
    }

    private static Piece straw(Random chance) {
        Path2D straw = new Path2D.Double();
        straw.moveTo(-30 - chance.nextInt(40), -4);
        straw.lineTo(30 + chance.nextInt(40), -4);
        straw.lineTo(40, 4);
        straw.lineTo(-40, 4);
        straw.closePath();
        AffineTransform lies =
                AffineTransform.getTranslateInstance(chance.nextInt(Canvas.WIDTH), chance.nextInt(Canvas.HEIGHT));
        lies.rotate(Math.PI * chance.nextDouble());
        straw.transform(lies);
        return new Piece(
                new Color(190 + chance.nextInt(25), 165 + chance.nextInt(20), 105 + chance.nextInt(20)), straw);
    }

    private static Piece leaf(Random chance) {
        return new Piece(
                new Color(60 + chance.nextInt(30), 125 + chance.nextInt(40), 40 + chance.nextInt(25)),
                new Ellipse2D.Double(
                        chance.nextInt(Canvas.WIDTH) - 20,
                        chance.nextInt(Canvas.HEIGHT) - 30,
                        14 + chance.nextInt(26),
                        50 + chance.nextInt(60)));
    }

    /** Which part of the picture is of one kind, at a quarter of its width. */
    private static final class Mask {
        private final BufferedImage image =
                new BufferedImage(Canvas.WIDTH / MASK_PART, Canvas.HEIGHT / MASK_PART, BufferedImage.TYPE_BYTE_GRAY);
        private final Graphics2D pen = image.createGraphics();
        private final Rectangle all = new Rectangle(image.getWidth(), image.getHeight());
        private int set;

        Mask() {
            pen.scale(1.0 / MASK_PART, 1.0 / MASK_PART);
            pen.setColor(Color.WHITE);
        }

        void fill(Shape shape) {
            // Only what the piece can have touched is counted anew.
            Rectangle touched = pen.getTransform().createTransformedShape(shape).getBounds();
            touched.grow(1, 1);
            touched = touched.intersection(all);
            set -= set(touched);
            pen.fill(shape);
            set += set(touched);
        }

        private int set(Rectangle part) {
            int found = 0;
            byte[] pixels = pixels();
            for (int y = part.y; y < part.y + part.height; y++) {
                for (int x = part.x; x < part.x + part.width; x++) {
                    found += pixels[y * all.width + x] == 0 ? 0 : 1;
                }
            }
            return found;
        }

        private byte[] pixels() {
            return ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        }

        double share() {
            return (double) set / pixels().length;
        }

        double shareOutside(Mask other) {
            int outside = 0;
            byte[] others = other.pixels();
            for (int i = 0; i < others.length; i++) {
                outside += pixels()[i] != 0 && others[i] == 0 ? 1 : 0;
            }
            return (double) outside / others.length;
        }
    }
}
