package morphotera.follow;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.ground.Chance;
import morphotera.ground.Coded;
import morphotera.ground.Numbers;
import morphotera.ground.Refused;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.EntryCheck;
import morphotera.measure.Grade;

/**
 * What a remedy promises, as a band to be held against: 5 to 95 % of 500 seeded draws, each with its own pace and with the noise of
 * reading. One forecast, one file.
 */
public interface Forecast {
    int DRAWS = 500;
    long SEED = 20_317;
    /** A handbook's range is taken to hold nine of ten, so its ends lie 1.645 standard deviations out. */
    double SDS_TO_END = 1.6448536269514722;

    Description description();

    default void check(Entered in, EntryCheck check) {}

    /** The places along the forecast that are drawn where none are asked for. */
    List<Double> usual(Entered in);

    /** One way it may go, drawn; or the middle way where there is no randomness. */
    Path path(Entered in, Luck luck);

    /**
     * @param along what the band runs along, {@code years} or {@code mm}
     * @param unit what it is a band of
     * @param example an input that gives a band
     */
    record Description(
            String id,
            String name,
            Grade grade,
            String along,
            String unit,
            List<Entry> fields,
            String about,
            String source,
            Map<String, Object> example) {}

    /** The value at a place along the forecast. */
    interface Path {
        double at(double x);
    }

    /** One place of the band. */
    record Band(double at, double low, double middle, double high) {}

    /** Where what was read later lies. */
    enum Held implements Coded {
        INSIDE,
        ABOVE,
        BELOW
    }

    /** A later reading held against the band, and what to ask. */
    record Outcome(double at, double value, Held held, String ask) {}

    record Result(
            String forecast,
            Grade grade,
            String along,
            String unit,
            List<Band> band,
            List<Outcome> outcomes,
            String about,
            String source) {}

    /** Draws a parameter from its range; {@link #MIDDLE} gives the middle of each. */
    interface Luck {
        Luck MIDDLE = (low, middle, high) -> middle;

        /** From a range that holds nine of ten, with its middle anywhere inside: a normal half on each side. */
        double of(double low, double middle, double high);

        /** Noise around zero with that standard deviation. */
        default double noise(double sd) {
            return of(-SDS_TO_END * sd, 0, SDS_TO_END * sd);
        }

        static Luck drawn(Chance random) {
            return (low, middle, high) -> {
                double z = random.nextGaussian();
                return middle + z * (z < 0 ? middle - low : high - middle) / SDS_TO_END;
            };
        }
    }

    Entry SPREAD_OF_READING = Entry.number("readingSpread", "Spread of a reading", null, 0, 1000)
            .preset(0.0)
            .hint("Standard deviation, in the forecast's unit.");

    /** The fields every forecast has beside its own. */
    static List<Entry> fields(Description description) {
        List<Entry> fields = new ArrayList<>(description.fields());
        Entry at = Entry.number("at", "At", description.along(), 0, 100_000);
        fields.add(SPREAD_OF_READING);
        fields.add(Entry.list("places", "Places", 0, 0, at).optional());
        fields.add(Entry.list(
                        "observed",
                        "Read later",
                        0,
                        0,
                        at,
                        Entry.number("value", "Value", description.unit(), -1000, 100_000))
                .optional());
        return fields;
    }

    /** @throws Refused with everything that is wrong */
    static Result of(Forecast forecast, Map<String, ?> input) {
        Description description = forecast.description();
        EntryCheck check = new EntryCheck();
        Entered in = check.object("", fields(description), input);
        forecast.check(in, check);
        if (!check.refusals().isEmpty()) {
            throw new Refused(check.refusals());
        }
        List<Double> places =
                in.list("places").stream().map(one -> one.number("at")).toList();
        List<Path> paths = paths(forecast, in, SEED, DRAWS);
        Path middle = forecast.path(in, Luck.MIDDLE);
        List<Band> band = new ArrayList<>();
        for (double at : places.isEmpty() ? forecast.usual(in) : places) {
            band.add(band(paths, middle, at));
        }
        List<Outcome> outcomes = in.list("observed").stream()
                .map(one -> outcome(band(paths, middle, one.number("at")), one.number("value")))
                .toList();
        return new Result(
                description.id(),
                description.grade(),
                description.along(),
                description.unit(),
                band,
                outcomes,
                description.about(),
                description.source());
    }

    /** Ways it may go, read with the noise of reading. */
    static List<Path> paths(Forecast forecast, Entered in, long seed, int draws) {
        Luck luck = Luck.drawn(new Chance(seed));
        double spread = in.number(SPREAD_OF_READING.key());
        List<Path> paths = new ArrayList<>();
        for (int i = 0; i < draws; i++) {
            Path path = forecast.path(in, luck);
            double noise = luck.noise(spread);
            paths.add(x -> path.at(x) + noise);
        }
        return paths;
    }

    private static Band band(List<Path> paths, Path middle, double at) {
        List<Double> values = paths.stream().map(path -> path.at(at)).toList();
        return new Band(at, Numbers.quantile(values, 0.05), middle.at(at), Numbers.quantile(values, 0.95));
    }

    private static Outcome outcome(Band band, double value) {
        // A band without any spread still holds what lies on it.
        double hair = 1e-9 * (1 + Math.abs(band.middle()));
        if (value > band.high() + hair) {
            return new Outcome(band.at(), value, Held.ABOVE, "Above the band: what else was done, or was unlike?");
        } else if (value < band.low() - hair) {
            return new Outcome(band.at(), value, Held.BELOW, "Below the band: what else was done, or was unlike?");
        }
        return new Outcome(band.at(), value, Held.INSIDE, "As forecast.");
    }
}
