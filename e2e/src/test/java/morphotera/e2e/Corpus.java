package morphotera.e2e;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import morphotera.measure.Context;
import morphotera.measure.Description;
import morphotera.measure.Entry;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;
import tools.jackson.databind.json.JsonMapper;

/** Seeded readings of every method, made from their descriptions: ends of ranges, middles, gaps, and now and then what is wrong. */
final class Corpus {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int MOST_ITEMS = 6;

    private final Random chance;

    private Corpus(long seed) {
        this.chance = new Random(seed);
    }

    /** A method with a body as {@code POST /api/methods/{id}/evaluate} takes it. */
    record Case(String method, String body) {}

    static List<Case> of(int cases) {
        List<Case> all = new ArrayList<>();
        for (int i = 0; i < cases; i++) {
            Method method = Methods.ALL.get(i % Methods.ALL.size());
            all.add(new Corpus(i).one(method.description()));
        }
        return all;
    }

    private Case one(Description method) {
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("context", fields(Context.FIELDS, 0.5));
        body.put("reading", fields(method.fields(), 0.85));
        return new Case(method.id(), JSON.writeValueAsString(body));
    }

    private Map<String, Object> fields(List<Entry> fields, double filled) {
        Map<String, Object> values = new LinkedHashMap<>();
        for (Entry entry : fields) {
            boolean there = chance.nextDouble() < (entry.required() ? Math.max(filled, 0.97) : filled);
            if (there) {
                values.put(entry.key(), value(entry));
            }
        }
        return values;
    }

    private Object value(Entry entry) {
        return switch (entry.kind()) {
            case NUMBER -> number(entry);
            case CHOICE -> word(entry);
            case YES_NO -> chance.nextBoolean();
            case TEXT -> chance.nextInt(4) == 0 ? "7.5YR" : "10YR";
            case WORDS -> words(entry);
            case COUNTS -> counts(entry);
            case LIST -> items(entry);
            case GROUP -> fields(entry.fields(), 0.9);
        };
    }

    private Object number(Entry entry) {
        double min = entry.range().min();
        double max = entry.range().max();
        // Most readings lie in the lower part of a wide range.
        double reach = chance.nextInt(3) == 0 ? max : Math.min(max, min + Math.max(1, (max - min) / 20));
        double drawn = switch (chance.nextInt(12)) {
            case 0 -> min;
            case 1 -> max;
            case 2 -> max * 1.5 + 1;
            default -> min + (reach - min) * chance.nextDouble();
        };
        double rounded = Math.round(drawn * 100) / 100.0;
        return entry.whole() ? (Object) Math.round(drawn) : (Object) rounded;
    }

    private String word(Entry entry) {
        return chance.nextInt(80) == 0
                ? "no-such-word"
                : entry.options().get(chance.nextInt(entry.options().size())).word();
    }

    private List<String> words(Entry entry) {
        List<String> words = new ArrayList<>();
        int n = entry.minItems() + chance.nextInt(MOST_ITEMS * 4);
        for (int i = 0; i < n; i++) {
            words.add(word(entry));
        }
        return words;
    }

    private Map<String, Object> counts(Entry entry) {
        Map<String, Object> counts = new LinkedHashMap<>();
        entry.options().forEach(option -> {
            if (chance.nextBoolean()) {
                counts.put(option.word(), chance.nextInt(40));
            }
        });
        return counts;
    }

    /** Lists often run in order, as a careful person writes them: times grow, levels fall. */
    private List<Object> items(Entry entry) {
        List<Map<String, Object>> items = new ArrayList<>();
        int n = entry.minItems() + chance.nextInt(MOST_ITEMS);
        for (int i = 0; i < n; i++) {
            items.add(fields(entry.fields(), 0.95));
        }
        if (chance.nextInt(5) > 0) {
            inOrder(entry, items);
        }
        return new ArrayList<>(items);
    }

    private void inOrder(Entry entry, List<Map<String, Object>> items) {
        for (Entry field : entry.fields()) {
            if (field.kind() != Entry.Kind.NUMBER) {
                continue;
            }
            List<Double> values = new ArrayList<>();
            items.forEach(item -> {
                if (item.get(field.key()) instanceof Number number) {
                    values.add(number.doubleValue());
                }
            });
            values.sort(null);
            int next = 0;
            for (Map<String, Object> item : items) {
                if (item.containsKey(field.key())) {
                    double value = values.get(next++);
                    item.put(field.key(), field.whole() ? (Object) Math.round(value) : (Object) value);
                }
            }
        }
    }
}
