package morphotera;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Consumer;

/** Values for a law that holds for all: seeded, the ends of each range first. */
public final class Draws {
    private static final long SEED = 20_311;

    private final SplittableRandom random;
    private final int turn;

    private Draws(int turn) {
        this.random = new SplittableRandom(SEED + turn);
        this.turn = turn;
    }

    /** Tries the law so many times; a failure says at which draw. */
    public static void each(int tries, Consumer<Draws> law) {
        for (int turn = 0; turn < tries; turn++) {
            try {
                law.accept(new Draws(turn));
            } catch (AssertionError broken) {
                throw new AssertionError("at draw " + turn + ": " + broken.getMessage(), broken);
            }
        }
    }

    public double from(double min, double max) {
        return turn == 0 ? min : turn == 1 ? max : min + (max - min) * random.nextDouble();
    }

    public int whole(int min, int max) {
        return turn == 0 ? min : turn == 1 ? max : random.nextInt(min, max + 1);
    }

    public boolean coin() {
        return random.nextBoolean();
    }

    /** A list of that many values, at least and at most. */
    public List<Double> list(int least, int most, double min, double max) {
        List<Double> values = new ArrayList<>();
        int size = whole(least, most);
        for (int i = 0; i < size; i++) {
            values.add(min + (max - min) * random.nextDouble());
        }
        return values;
    }
}
