package morphotera.ground;

import java.util.Optional;

/** A constant that has a word in the interface and the API: lower case, with hyphens. */
public interface Coded {
    String name();

    /** The word for this constant, such as {@code sandy-loam} for {@code SANDY_LOAM}. */
    default String word() {
        StringBuilder word = new StringBuilder();
        for (char c : name().toCharArray()) {
            // Plain ASCII: the library's lower case depends on a locale.
            word.append(c == '_' ? '-' : c >= 'A' && c <= 'Z' ? (char) (c + 32) : c);
        }
        return word.toString();
    }

    static <E extends Coded> Optional<E> find(E[] all, String word) {
        for (E one : all) {
            if (one.word().equals(word)) {
                return Optional.of(one);
            }
        }
        return Optional.empty();
    }

    static <E extends Coded> E of(E[] all, String word) {
        return find(all, word).orElseThrow(() -> {
            StringBuilder known = new StringBuilder();
            for (E one : all) {
                known.append(known.length() == 0 ? "" : ", ").append(one.word());
            }
            return new IllegalArgumentException("no word '" + word + "'; there are: " + known);
        });
    }
}
