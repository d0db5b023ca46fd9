package morphotera.measure.picture;

import java.util.Random;

/** Ground drawn pixel by pixel with known shares: plants, litter, stone and soil, each in its colour with noise, in patches. */
final class Drawn {
    static final int PLANT = 0x4f8a35;
    static final int LITTER = 0xc9a86a;
    static final int STONE = 0x9a9a9c;
    static final int SOIL = 0x5d4433;

    private static final int PATCH = 12;

    private Drawn() {}

    /** Shares in percent, the rest soil; each patch of one kind, laid down in a seeded order. */
    static Pixels ground(int width, int height, double live, double litter, double stone, long seed) {
        Random chance = new Random(seed);
        int across = width / PATCH;
        int down = height / PATCH;
        int[] kinds = new int[across * down];
        for (int i = 0; i < kinds.length; i++) {
            double at = 100.0 * (i + 0.5) / kinds.length;
            kinds[i] = at < live ? PLANT : at < live + litter ? LITTER : at < live + litter + stone ? STONE : SOIL;
        }
        for (int i = kinds.length - 1; i > 0; i--) {
            int j = chance.nextInt(i + 1);
            int kept = kinds[i];
            kinds[i] = kinds[j];
            kinds[j] = kept;
        }
        int[] rgb = new int[across * PATCH * down * PATCH];
        for (int y = 0; y < down * PATCH; y++) {
            for (int x = 0; x < across * PATCH; x++) {
                rgb[y * across * PATCH + x] = noisy(kinds[y / PATCH * across + x / PATCH], chance);
            }
        }
        return new Pixels(rgb, across * PATCH, down * PATCH);
    }

    static Pixels plain(int colour) {
        int[] rgb = new int[100 * 100];
        java.util.Arrays.fill(rgb, colour);
        return new Pixels(rgb, 100, 100);
    }

    private static int noisy(int colour, Random chance) {
        int shift = (int) (chance.nextGaussian() * 7);
        return channel(colour >> 16, shift, chance) << 16
                | channel(colour >> 8, shift, chance) << 8
                | channel(colour, shift, chance);
    }

    private static int channel(int value, int shift, Random chance) {
        return Math.max(1, Math.min(254, (value & 255) + shift + (int) (chance.nextGaussian() * 3)));
    }

    /** The middle of the first patch of a kind, in shares. */
    static Pixels.At tap(Pixels picture, int kind) {
        for (int y = PATCH / 2; y < picture.height(); y += PATCH) {
            for (int x = PATCH / 2; x < picture.width(); x += PATCH) {
                if (isLike(picture.at(x, y), kind)) {
                    return new Pixels.At((x + 0.5) / picture.width(), (y + 0.5) / picture.height());
                }
            }
        }
        throw new IllegalArgumentException("there is none of it");
    }

    private static boolean isLike(int rgb, int kind) {
        return Math.abs((rgb >> 16 & 255) - (kind >> 16 & 255)) < 20
                && Math.abs((rgb >> 8 & 255) - (kind >> 8 & 255)) < 20
                && Math.abs((rgb & 255) - (kind & 255)) < 20;
    }
}
