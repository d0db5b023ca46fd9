package morphotera.app.people;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.ground.Nullable;

/**
 * The units a person reads and types in, by quantity; one that is missing is metric. Everything is kept and answered in metric
 * ones, whatever is chosen here.
 */
public record Units(
        @Nullable String length,
        @Nullable String depth,
        @Nullable String area,
        @Nullable String temperature,
        @Nullable String pressure,
        @Nullable String conductivity,
        @Nullable String rate,
        @Nullable String dose,
        @Nullable String volume)
        implements Checked {
    private static final List<String> NAMES =
            List.of("length", "depth", "area", "temperature", "pressure", "conductivity", "rate", "dose", "volume");
    private static final List<String> METRIC = List.of("mm", "cm", "ha", "°C", "kPa", "dS/m", "t/ha", "kg/ha", "l");
    private static final List<String> OTHERS =
            List.of("in", "in", "ac", "°F", "psi", "mS/cm", "ton/ac", "lb/ac", "gal");

    private List<String> given() {
        return Arrays.asList(length, depth, area, temperature, pressure, conductivity, rate, dose, volume);
    }

    @Override
    public void check(Findings findings) {
        for (int i = 0; i < NAMES.size(); i++) {
            String name = NAMES.get(i);
            findings.word("/" + name, given().get(i), "a unit of " + name, List.of(METRIC.get(i), OTHERS.get(i)));
        }
    }

    /** As they are kept: a word for each in the order above. */
    String kept() {
        List<String> words = new ArrayList<>();
        for (int i = 0; i < NAMES.size(); i++) {
            words.add(given().get(i) == null ? METRIC.get(i) : given().get(i));
        }
        return String.join(" ", words);
    }

    static Units of(@Nullable String kept) {
        List<String> word = kept == null ? METRIC : List.of(kept.split(" "));
        return new Units(
                word.get(0),
                word.get(1),
                word.get(2),
                word.get(3),
                word.get(4),
                word.get(5),
                word.get(6),
                word.get(7),
                word.get(8));
    }
}
