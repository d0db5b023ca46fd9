package morphotera.browser;

import java.util.Collection;
import java.util.Map;
import morphotera.ground.Coded;

/** Writes maps, lists, texts, numbers, words and yes or no as JSON. */
final class JsonWriter {
    private final StringBuilder out = new StringBuilder();

    private JsonWriter() {}

    static String write(Object value) {
        JsonWriter writer = new JsonWriter();
        writer.put(value);
        return writer.out.toString();
    }

    private void put(Object value) {
        if (value == null || value instanceof Boolean) {
            out.append(value);
        } else if (value instanceof Number number) {
            number(number);
        } else if (value instanceof Map<?, ?> map) {
            object(map);
        } else if (value instanceof Collection<?> list) {
            list(list);
        } else if (value instanceof Coded coded) {
            text(coded.word());
        } else {
            text(value.toString());
        }
    }

    private void number(Number number) {
        double value = number.doubleValue();
        if (Double.isNaN(value) || Double.isInfinite(value)) {
            throw new IllegalStateException("a number that JSON cannot hold");
        }
        boolean whole = number instanceof Integer || number instanceof Long;
        if (whole) {
            out.append(number.longValue());
        } else {
            out.append(value);
        }
    }

    private void object(Map<?, ?> map) {
        out.append('{');
        boolean first = true;
        for (Map.Entry<?, ?> entry : map.entrySet()) {
            out.append(first ? "" : ",");
            text(
                    entry.getKey() instanceof Coded coded
                            ? coded.word()
                            : entry.getKey().toString());
            out.append(':');
            put(entry.getValue());
            first = false;
        }
        out.append('}');
    }

    private void list(Collection<?> list) {
        out.append('[');
        boolean first = true;
        for (Object one : list) {
            out.append(first ? "" : ",");
            put(one);
            first = false;
        }
        out.append(']');
    }

    private void text(String text) {
        out.append('"');
        for (int i = 0; i < text.length(); i++) {
            char sign = text.charAt(i);
            if (sign == '"' || sign == '\\') {
                out.append('\\').append(sign);
            } else if (sign < ' ') {
                out.append("\\u00").append(hex(sign >> 4)).append(hex(sign & 15));
            } else {
                out.append(sign);
            }
        }
        out.append('"');
    }

    private static char hex(int digit) {
        return "0123456789abcdef".charAt(digit);
    }
}
