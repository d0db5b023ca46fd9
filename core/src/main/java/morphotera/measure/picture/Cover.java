package morphotera.measure.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.ground.Coded;
import morphotera.ground.Colour;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;

/**
 * What covers the ground, counted on a photograph. Living: excess green 2g − r − b (Woebbecke et al. 1995) over a limit, set by
 * Otsu (1979) where the two classes lie apart; the rest by the nearest of the colours that a person tapped. A proposal: the person
 * moves the limit, leaves parts out, and takes it or not.
 */
public final class Cover {
    /** So many pixels are looked at, at an even distance: more tells nothing more. */
    private static final int MOST_LOOKED_AT = 2_000_000;

    private static final double USUAL_LIMIT = 0.10;
    private static final double APART = 0.10;
    private static final int BINS = 600;
    private static final double LOWEST_EXCESS = -1;
    private static final double EXCESS_SPAN = 3;
    private static final int TAP_REACH = 2;
    private static final double PALE_LIGHTNESS = 80;
    private static final double PALE_SATURATION = 0.12;
    private static final double PALE_SHARE = 0.05;
    private static final double SHADOW_SHARE = 0.15;

    /** What a pixel was counted as. */
    public enum Kind implements Coded {
        LEFT_OUT,
        LIVE,
        BARE,
        LITTER,
        STONE,
        /** Not living, and nobody said what. */
        REST
    }

    /** Where a person tapped what; bare soil at least. */
    public record Taps(List<Pixels.At> bare, List<Pixels.At> litter, List<Pixels.At> stone) {}

    /**
     * @param region only inside this polygon; null: all of it
     * @param greenLimit as the person moved it; null: found
     */
    public record Asked(
            @Nullable List<Pixels.At> region,
            @Nullable Double greenLimit,
            @Nullable Taps taps) {}

    /**
     * Shares in percent.
     *
     * @param litter {@code stone}, {@code bare}: null where nobody tapped
     * @param why {@code frost-or-crust}, {@code shadow}: what makes it doubtful
     */
    public record Found(
            double live,
            @Nullable Double litter,
            @Nullable Double stone,
            @Nullable Double bare,
            double greenLimit,
            String confidence,
            List<String> why) {}

    /** What was counted, pixel by pixel looked at, in rows. */
    public record Mask(Kind[] kinds, int width, int height) {}

    /** Both at once, where both are shown. */
    public record Counted(Found found, Mask mask) {}

    private final Pixels picture;
    private final Asked asked;
    private final int step;
    private final int columns;
    private final int rows;
    private final double limit;
    private final Mask mask;
    private final int[] counts = new int[Kind.values().length];
    private int pale;
    private int dark;

    private Cover(Pixels picture, Asked asked) {
        this.picture = picture;
        this.asked = asked;
        double all = (double) picture.width() * picture.height();
        this.step = (int) Math.max(1, Math.ceil(Math.sqrt(all / MOST_LOOKED_AT)));
        this.columns = (picture.width() + step - 1) / step;
        this.rows = (picture.height() + step - 1) / step;
        this.limit = asked.greenLimit() == null ? found() : asked.greenLimit();
        this.mask = new Mask(count(), columns, rows);
    }

    /** @throws Refused where a region holds nothing or taps leave bare soil out */
    public static Found of(Pixels picture, Asked asked) {
        return new Cover(picture, checked(asked)).result();
    }

    /** What {@link #of} counted, to be shown on the picture. */
    public static Mask mask(Pixels picture, Asked asked) {
        return new Cover(picture, checked(asked)).mask;
    }

    public static Counted counted(Pixels picture, Asked asked) {
        Cover cover = new Cover(picture, checked(asked));
        return new Counted(cover.result(), cover.mask);
    }

    private static Asked checked(Asked asked) {
        List<Refusal> wrong = new ArrayList<>();
        if (asked.region() != null && asked.region().size() < 3) {
            wrong.add(new Refusal("/region", "too-few", "A region has three corners or more."));
        }
        if (asked.greenLimit() != null && !(asked.greenLimit() >= LOWEST_EXCESS && asked.greenLimit() <= 2)) {
            wrong.add(new Refusal("/greenLimit", "out-of-range", "The limit goes from -1 to 2."));
        }
        if (asked.taps() != null && asked.taps().bare().isEmpty()) {
            wrong.add(new Refusal("/taps/bare", "missing", "Tap bare soil first: the rest is told apart from it."));
        }
        if (!wrong.isEmpty()) {
            throw new Refused(wrong);
        }
        return asked;
    }

    private static double excess(int rgb) {
        int r = rgb >> 16 & 255;
        int g = rgb >> 8 & 255;
        int b = rgb & 255;
        int sum = r + g + b;
        return sum == 0 ? 0 : (2.0 * g - r - b) / sum;
    }

    private boolean isIn(int column, int row) {
        return asked.region() == null
                || Pixels.inside(
                        asked.region(), (column * step + 0.5) / picture.width(), (row * step + 0.5) / picture.height());
    }

    private double found() {
        int[] bins = new int[BINS];
        int all = 0;
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                if (isIn(column, row)) {
                    double share = (excess(picture.at(column * step, row * step)) - LOWEST_EXCESS) / EXCESS_SPAN;
                    bins[(int) Math.min(BINS - 1.0, share * BINS)]++;
                    all++;
                }
            }
        }
        return all == 0 ? USUAL_LIMIT : otsu(bins, all);
    }

    /** The cut that parts the histogram into two classes as unlike as can be (Otsu 1979). */
    private static double otsu(int[] bins, int all) {
        double sum = 0;
        for (int i = 0; i < BINS; i++) {
            sum += (double) i * bins[i];
        }
        double below = 0;
        double sumBelow = 0;
        double best = -1;
        int first = 0;
        int last = 0;
        double apart = 0;
        for (int i = 0; i < BINS - 1; i++) {
            below += bins[i];
            sumBelow += (double) i * bins[i];
            double above = all - below;
            if (below == 0 || above == 0) {
                continue;
            }
            double gap = (sum - sumBelow) / above - sumBelow / below;
            double between = below * above * gap * gap;
            if (between > best) {
                best = between;
                first = i;
                apart = gap;
            }
            if (between == best) {
                last = i;
            }
        }
        boolean two = best > 0 && apart * EXCESS_SPAN / BINS >= APART;
        // Between classes that nothing lies between, the middle of the gap.
        return two ? LOWEST_EXCESS + EXCESS_SPAN * ((first + last) / 2.0 + 1) / BINS : USUAL_LIMIT;
    }

    private Kind[] count() {
        Kind[] kinds = new Kind[columns * rows];
        List<Kind> named = new ArrayList<>();
        List<Colour> colours = new ArrayList<>();
        double darkUnder = taps(named, colours);
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                Kind kind = Kind.LEFT_OUT;
                if (isIn(column, row)) {
                    int rgb = picture.at(column * step, row * step);
                    kind = kind(rgb, named, colours);
                    look(rgb, darkUnder);
                }
                kinds[row * columns + column] = kind;
                counts[kind.ordinal()]++;
            }
        }
        return kinds;
    }

    /** The colours tapped, each with its kind; under which lightness a pixel lies in shadow. */
    private double taps(List<Kind> named, List<Colour> colours) {
        if (asked.taps() == null) {
            return -1;
        }
        double light = 0;
        for (Pixels.At at : asked.taps().bare()) {
            Colour colour = around(at);
            light += colour.lightness();
            named.add(Kind.BARE);
            colours.add(colour);
        }
        for (Pixels.At at : asked.taps().litter()) {
            named.add(Kind.LITTER);
            colours.add(around(at));
        }
        for (Pixels.At at : asked.taps().stone()) {
            named.add(Kind.STONE);
            colours.add(around(at));
        }
        return light / asked.taps().bare().size() / 2;
    }

    /** The mean of five by five pixels. */
    private Colour around(Pixels.At at) {
        double lightness = 0;
        double red = 0;
        double yellow = 0;
        int n = 0;
        for (int dy = -TAP_REACH; dy <= TAP_REACH; dy++) {
            for (int dx = -TAP_REACH; dx <= TAP_REACH; dx++) {
                Colour one = Colour.of(picture.at(picture.column(at.x()) + dx, picture.row(at.y()) + dy));
                lightness += one.lightness();
                red += one.red();
                yellow += one.yellow();
                n++;
            }
        }
        return new Colour(lightness / n, red / n, yellow / n);
    }

    private Kind kind(int rgb, List<Kind> named, List<Colour> colours) {
        int r = rgb >> 16 & 255;
        int g = rgb >> 8 & 255;
        int b = rgb & 255;
        if (g > r && g > b && excess(rgb) > limit) {
            return Kind.LIVE;
        }
        if (named.isEmpty()) {
            return Kind.REST;
        }
        Colour colour = Colour.of(rgb);
        Kind nearest = named.get(0);
        double least = colour.distance(colours.get(0));
        for (int i = 1; i < named.size(); i++) {
            double distance = colour.distance(colours.get(i));
            if (distance < least) {
                least = distance;
                nearest = named.get(i);
            }
        }
        return nearest;
    }

    private void look(int rgb, double darkUnder) {
        double lightness = Colour.lightness(rgb);
        int r = rgb >> 16 & 255;
        int g = rgb >> 8 & 255;
        int b = rgb & 255;
        int most = Math.max(r, Math.max(g, b));
        int least = Math.min(r, Math.min(g, b));
        if (lightness > PALE_LIGHTNESS && most - least < PALE_SATURATION * most) {
            pale++;
        }
        if (lightness < darkUnder) {
            dark++;
        }
    }

    private Found result() {
        int all = columns * rows - counts[Kind.LEFT_OUT.ordinal()];
        if (all == 0) {
            throw new Refused(
                    List.of(new Refusal("/region", "empty", "There is nothing of the picture in this region.")));
        }
        List<String> why = new ArrayList<>();
        if (pale > PALE_SHARE * all) {
            why.add("frost-or-crust");
        }
        if (dark > SHADOW_SHARE * all) {
            why.add("shadow");
        }
        boolean tapped = asked.taps() != null;
        return new Found(
                percent(Kind.LIVE, all),
                tapped ? percent(Kind.LITTER, all) : null,
                tapped ? percent(Kind.STONE, all) : null,
                tapped ? percent(Kind.BARE, all) : null,
                limit,
                why.isEmpty() ? "good" : "doubtful",
                List.copyOf(why));
    }

    private Double percent(Kind kind, int all) {
        return 100.0 * counts[kind.ordinal()] / all;
    }

    /** What a body asks for, as a tree. */
    public static Asked asked(Map<String, ?> body) {
        Map<?, ?> taps = body.get("taps") instanceof Map<?, ?> map ? map : null;
        return new Asked(
                body.get("region") == null ? null : Places.list("/region", body.get("region")),
                Places.number("/greenLimit", body.get("greenLimit")),
                taps == null
                        ? null
                        : new Taps(
                                Places.list("/taps/bare", taps.get("bare")),
                                Places.list("/taps/litter", taps.get("litter")),
                                Places.list("/taps/stone", taps.get("stone"))));
    }
}
