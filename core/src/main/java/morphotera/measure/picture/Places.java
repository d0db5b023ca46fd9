package morphotera.measure.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;

/** Places on a picture as they come in a body: shares of its width and height. */
final class Places {
    private static final int MOST = 500;

    private Places() {}

    static List<Pixels.At> list(String path, @Nullable Object value) {
        if (value == null) {
            return List.of();
        }
        if (!(value instanceof List<?> list)) {
            throw refused(path, "wrong-type", "A list of places is expected here.");
        }
        if (list.size() > MOST) {
            throw refused(path, "too-many", "At most " + MOST + " places are taken here.");
        }
        List<Pixels.At> places = new ArrayList<>();
        for (int i = 0; i < list.size(); i++) {
            places.add(at(path + "/" + i, list.get(i)));
        }
        return places;
    }

    static Pixels.At at(String path, @Nullable Object value) {
        if (value instanceof List<?> pair
                && pair.size() == 2
                && pair.get(0) instanceof Number x
                && pair.get(1) instanceof Number y) {
            if (isShare(x.doubleValue()) && isShare(y.doubleValue())) {
                return new Pixels.At(x.doubleValue(), y.doubleValue());
            }
            throw refused(path, "out-of-range", "A place lies on the picture: shares of 0 to 1.");
        }
        throw refused(path, value == null ? "missing" : "wrong-type", "A place is two shares, across and down.");
    }

    static @Nullable Double number(String path, @Nullable Object value) {
        if (value == null) {
            return null;
        }
        if (value instanceof Number number) {
            return number.doubleValue();
        }
        throw refused(path, "wrong-type", "A number is expected here.");
    }

    static Map<?, ?> object(String path, @Nullable Object value) {
        if (value instanceof Map<?, ?> map) {
            return map;
        }
        throw refused(path, value == null ? "missing" : "wrong-type", "An object is expected here.");
    }

    static boolean isShare(double value) {
        return value >= 0 && value <= 1;
    }

    static Refused refused(String path, String code, String text) {
        return new Refused(List.of(new Refusal(path, code, text)));
    }
}
