package morphotera.browser;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Reads JSON (RFC 8259) into maps, lists, texts, numbers and yes or no. */
final class JsonReader {
    private static final int DEEPEST = 100;

    private final String text;
    private int at;

    private JsonReader(String text) {
        this.text = text;
    }

    /** @throws IllegalArgumentException where it is no JSON, with the place */
    static Object read(String text) {
        JsonReader reader = new JsonReader(text);
        Object value = reader.value(0);
        reader.space();
        if (reader.at < text.length()) {
            throw reader.wrong();
        }
        return value;
    }

    private Object value(int depth) {
        space();
        if (depth > DEEPEST || at >= text.length()) {
            throw wrong();
        }
        char first = text.charAt(at);
        return switch (first) {
            case '{' -> object(depth);
            case '[' -> list(depth);
            case '"' -> string();
            case 't' -> word("true", true);
            case 'f' -> word("false", false);
            case 'n' -> word("null", null);
            default -> number();
        };
    }

    private Map<String, Object> object(int depth) {
        Map<String, Object> object = new LinkedHashMap<>();
        at++;
        if (next('}')) {
            return object;
        }
        do {
            space();
            String key = string();
            need(':');
            object.put(key, value(depth + 1));
        } while (next(','));
        need('}');
        return object;
    }

    private List<Object> list(int depth) {
        List<Object> list = new ArrayList<>();
        at++;
        if (next(']')) {
            return list;
        }
        do {
            list.add(value(depth + 1));
        } while (next(','));
        need(']');
        return list;
    }

    private String string() {
        if (at >= text.length() || text.charAt(at) != '"') {
            throw wrong();
        }
        at++;
        StringBuilder read = new StringBuilder();
        while (at < text.length()) {
            char sign = text.charAt(at++);
            if (sign == '"') {
                return read.toString();
            }
            if (sign < ' ') {
                throw wrong();
            }
            read.append(sign == '\\' ? escaped() : sign);
        }
        throw wrong();
    }

    private char escaped() {
        if (at >= text.length()) {
            throw wrong();
        }
        char sign = text.charAt(at++);
        return switch (sign) {
            case '"', '\\', '/' -> sign;
            case 'b' -> '\b';
            case 'f' -> '\f';
            case 'n' -> '\n';
            case 'r' -> '\r';
            case 't' -> '\t';
            case 'u' -> unicode();
            default -> throw wrong();
        };
    }

    private char unicode() {
        if (at + 4 > text.length()) {
            throw wrong();
        }
        int code = 0;
        for (int i = 0; i < 4; i++) {
            int digit = Character.digit(text.charAt(at++), 16);
            if (digit < 0) {
                throw wrong();
            }
            code = code * 16 + digit;
        }
        return (char) code;
    }

    /** A whole number that an int holds is an Integer, any other a Double. */
    private Number number() {
        int from = at;
        skip('-');
        if (!skip('0')) {
            digits();
        }
        boolean whole = true;
        if (skip('.')) {
            digits();
            whole = false;
        }
        if (skip('e') || skip('E')) {
            if (!skip('+')) {
                skip('-');
            }
            digits();
            whole = false;
        }
        String read = text.substring(from, at);
        double number = Double.parseDouble(read);
        if (whole && number >= Integer.MIN_VALUE && number <= Integer.MAX_VALUE) {
            return (int) number;
        }
        return number;
    }

    private void digits() {
        int from = at;
        while (at < text.length() && text.charAt(at) >= '0' && text.charAt(at) <= '9') {
            at++;
        }
        if (at == from) {
            throw wrong();
        }
    }

    private Object word(String word, Object value) {
        if (!text.startsWith(word, at)) {
            throw wrong();
        }
        at += word.length();
        return value;
    }

    private boolean skip(char sign) {
        boolean there = at < text.length() && text.charAt(at) == sign;
        at += there ? 1 : 0;
        return there;
    }

    private boolean next(char sign) {
        space();
        return skip(sign);
    }

    private void need(char sign) {
        if (!next(sign)) {
            throw wrong();
        }
    }

    private void space() {
        while (at < text.length() && " \t\n\r".indexOf(text.charAt(at)) >= 0) {
            at++;
        }
    }

    private IllegalArgumentException wrong() {
        return new IllegalArgumentException("not JSON at sign " + at);
    }
}
