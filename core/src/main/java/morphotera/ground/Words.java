package morphotera.ground;

import java.util.Map;

/** Fills a template's {@code {name}} places; numbers are shown with one decimal at most, or {@code {name:2}} with two. */
public final class Words {
    private Words() {}

    public static String fill(String template, Map<String, ?> values) {
        StringBuilder text = new StringBuilder();
        int at = 0;
        while (true) {
            int open = template.indexOf('{', at);
            int close = open < 0 ? -1 : template.indexOf('}', open);
            if (close < 0) {
                return text.append(template, at, template.length()).toString();
            }
            text.append(template, at, open).append(place(template.substring(open + 1, close), values));
            at = close + 1;
        }
    }

    private static String place(String name, Map<String, ?> values) {
        int colon = name.indexOf(':');
        String key = colon < 0 ? name : name.substring(0, colon);
        int places = colon < 0 ? 1 : name.charAt(colon + 1) - '0';
        Object value = values.get(key);
        if (value == null) {
            throw new IllegalArgumentException("no value for '" + key + "'; there are: " + values.keySet());
        }
        return value instanceof Number number ? Decimal.show(number.doubleValue(), places) : value.toString();
    }
}
