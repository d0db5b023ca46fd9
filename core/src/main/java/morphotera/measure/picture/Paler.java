package morphotera.measure.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.ground.Colour;
import morphotera.ground.Nullable;

/**
 * How much paler the field is than the reference, in steps of Munsell's value, from areas of one picture with one grey card or
 * two: the mean light of each area over the cards', times what the card throws back, is its luminance Y; the value V is the root
 * of Y = 1.1914V − 0.22533V² + 0.23352V³ − 0.020484V⁴ + 0.00081939V⁵ (ASTM D1535). Hue and chroma stay with the eye.
 */
public final class Paler {
    private static final double USUAL_REFLECTANCE = 0.18;
    private static final double UNEVEN = 0.10;
    private static final double CLIPPED_SHARE = 0.02;
    private static final double EXACT = 1e-6;
    private static final double LARGEST_VALUE = 10;

    /** A part of the picture, in shares. */
    public record Area(double x, double y, double width, double height) {}

    /** @param cards one or two of them, left and right */
    public record Asked(List<Area> cards, @Nullable Double cardReflectance, Area field, Area reference) {}

    /** @param plusMinus 0.3 with two cards, 0.6 with one */
    public record Found(double fieldValue, double referenceValue, double paler, double plusMinus) {}

    private Paler() {}

    public static Found of(Pixels picture, Asked asked) {
        List<Double> cards = new ArrayList<>();
        for (int i = 0; i < asked.cards().size(); i++) {
            cards.add(light(picture, asked.cards().get(i), "/cards/" + i));
        }
        double field = light(picture, asked.field(), "/field");
        double reference = light(picture, asked.reference(), "/reference");
        return of(
                cards, asked.cardReflectance() == null ? USUAL_REFLECTANCE : asked.cardReflectance(), field, reference);
    }

    /** @param cards {@code field}, {@code reference}: mean linear light, shares of white */
    static Found of(List<Double> cards, double reflectance, double field, double reference) {
        double mean = cards.stream().mapToDouble(Double::doubleValue).sum() / cards.size();
        if (cards.size() == 2 && Math.abs(cards.get(0) - cards.get(1)) > UNEVEN * mean) {
            throw Places.refused(
                    "/cards",
                    "uneven-light",
                    "The two cards are lit unlike by over a tenth: take it again in open shade.");
        }
        double fieldValue = value(100 * reflectance * field / mean);
        double referenceValue = value(100 * reflectance * reference / mean);
        return new Found(fieldValue, referenceValue, fieldValue - referenceValue, cards.size() == 2 ? 0.3 : 0.6);
    }

    private static double light(Pixels picture, Area area, String path) {
        int left = picture.column(area.x());
        int top = picture.row(area.y());
        int right = Math.max(left, picture.column(area.x() + area.width() - 1e-9));
        int bottom = Math.max(top, picture.row(area.y() + area.height() - 1e-9));
        double sum = 0;
        int clipped = 0;
        int all = 0;
        for (int row = top; row <= bottom; row++) {
            for (int column = left; column <= right; column++) {
                int rgb = picture.at(column, row);
                sum += Colour.luminance(rgb);
                clipped += isClipped(rgb >> 16 & 255) || isClipped(rgb >> 8 & 255) || isClipped(rgb & 255) ? 1 : 0;
                all++;
            }
        }
        if (clipped > CLIPPED_SHARE * all) {
            throw Places.refused(
                    path,
                    "clipped",
                    "This part is burnt out or black: take it again in open shade, a little darker or lighter.");
        }
        return sum / all;
    }

    private static boolean isClipped(int channel) {
        return channel == 0 || channel == 255;
    }

    /** Munsell's value of a luminance in percent, by halving until it is exact. */
    static double value(double luminance) {
        double low = 0;
        double high = LARGEST_VALUE;
        while (high - low > EXACT / 4) {
            double middle = (low + high) / 2;
            if (luminance(middle) < luminance) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    private static double luminance(double v) {
        return v * (1.1914 + v * (-0.22533 + v * (0.23352 + v * (-0.020484 + v * 0.00081939))));
    }

    /** What a body asks for, as a tree. */
    public static Asked asked(Map<String, ?> body) {
        if (!(body.get("cards") instanceof List<?> list) || list.isEmpty() || list.size() > 2) {
            throw Places.refused("/cards", "missing", "Mark one grey card, or better two, left and right.");
        }
        List<Area> cards = new ArrayList<>();
        for (int i = 0; i < list.size(); i++) {
            cards.add(area("/cards/" + i, list.get(i)));
        }
        Double reflectance = Places.number("/cardReflectance", body.get("cardReflectance"));
        if (reflectance != null && !(reflectance >= 0.02 && reflectance <= 1)) {
            throw Places.refused("/cardReflectance", "out-of-range", "A card throws back 0.02 to 1 of the light.");
        }
        return new Asked(
                cards, reflectance, area("/field", body.get("field")), area("/reference", body.get("reference")));
    }

    private static Area area(String path, Object value) {
        Map<?, ?> map = Places.object(path, value);
        double[] parts = new double[4];
        List<String> keys = List.of("x", "y", "width", "height");
        for (int i = 0; i < parts.length; i++) {
            String at = path + "/" + keys.get(i);
            Double part = Places.number(at, map.get(keys.get(i)));
            if (part == null) {
                throw Places.refused(at, "missing", "This is needed here.");
            }
            if (!Places.isShare(part) || (i > 1 && part == 0)) {
                throw Places.refused(at, "out-of-range", "An area lies on the picture: shares of 0 to 1.");
            }
            parts[i] = part;
        }
        return new Area(parts[0], parts[1], parts[2], parts[3]);
    }
}
