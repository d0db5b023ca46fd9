package morphotera.follow;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import morphotera.follow.forecasts.Forecasts;
import morphotera.measure.Entered;
import morphotera.measure.EntryCheck;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Nine of ten means nine of ten: made-up visits with a fixed seed, held against the intervals and bands. Figures are printed. */
@Execution(ExecutionMode.CONCURRENT)
class CoverageTest {
    private static final int TRIES = 6000;
    private static final double READING = 8;

    @ParameterizedTest(name = "{0} spots, a change of {1}, observers differ by {2}")
    @CsvSource({"12,0,0", "12,12,0", "12,0,4", "12,12,4", "20,0,4", "20,12,4", "20,12,8"})
    void intervals_of_change_hold_what_truly_changed(int spots, double change, double bias) {
        double covered = covered(spots, change, bias);
        System.out.printf(
                "change: %d spots, change %.0f, bias spread %.0f: %.1f %% of 90 %% intervals hold it%n",
                spots, change, bias, 100 * covered);
        assertThat(covered).isBetween(0.87, 0.93);
    }

    @ParameterizedTest(name = "5 spots, a change of {0}, observers differ by {1}")
    @CsvSource({"0,0", "12,0", "0,4", "12,4", "12,8"})
    void with_few_spots_an_interval_never_holds_less_than_it_says(double change, double bias) {
        double covered = covered(5, change, bias);
        System.out.printf("change: 5 spots, change %.0f, bias spread %.0f: %.1f %%%n", change, bias, 100 * covered);
        assertThat(covered).isGreaterThanOrEqualTo(0.87);
    }

    private static double covered(int spots, double change, double bias) {
        Random noise = new Random(20_311 + spots);
        // A reading noise well over the floor, so that the spots' own spread speaks.
        Change.Observers observers = new Change.Observers(0.5 * READING, bias, bias);
        int holds = 0;
        for (int i = 0; i < TRIES; i++) {
            double biasBefore = bias * noise.nextGaussian();
            double biasAfter = bias * noise.nextGaussian();
            List<Change.Pair> pairs = new ArrayList<>();
            for (int spot = 0; spot < spots; spot++) {
                double truth = 50 + 10 * noise.nextGaussian();
                double grown = truth + change + 4 * noise.nextGaussian();
                pairs.add(new Change.Pair(
                        truth + biasBefore + READING * noise.nextGaussian(),
                        grown + biasAfter + READING * noise.nextGaussian()));
            }
            Change got = Change.judge(pairs, observers);
            holds += got.low() <= change && got.high() >= change ? 1 : 0;
        }
        return holds / (double) TRIES;
    }

    static Stream<Forecast> forecasts() {
        return Forecasts.ALL.stream();
    }

    @ParameterizedTest
    @MethodSource("forecasts")
    void bands_hold_nine_of_ten_of_the_ways_it_may_go(Forecast forecast) {
        Entered in = entered(forecast);
        List<Forecast.Path> truths = Forecast.paths(forecast, in, 7, TRIES);
        Forecast.Result result = Forecast.of(forecast, forecast.description().example());
        double inside = 0;
        int places = 0;
        for (Forecast.Band band : result.band()) {
            if (band.high() - band.low() > 1e-9) {
                inside += truths.stream()
                                .mapToDouble(truth -> truth.at(band.at()))
                                .filter(value -> value >= band.low() && value <= band.high())
                                .count()
                        / (double) TRIES;
                places++;
            }
        }
        System.out.printf("forecast %s: %.1f %% inside%n", result.forecast(), 100 * inside / places);
        assertThat(places).isPositive();
        assertThat(inside / places).isBetween(0.87, 0.93);
    }

    private static Entered entered(Forecast forecast) {
        Map<String, Object> example = forecast.description().example();
        return new EntryCheck().object("", Forecast.fields(forecast.description()), example);
    }

    @ParameterizedTest(name = "{0} visits, {1} points a year")
    @CsvSource({"4,0", "6,0", "8,3", "12,3"})
    void intervals_of_a_slope_hold_what_truly_went_on(int visits, double slope) {
        Random noise = new Random(4 + visits);
        int holds = 0;
        for (int i = 0; i < TRIES; i++) {
            List<Trend.At> at = new ArrayList<>();
            for (int visit = 0; visit < visits; visit++) {
                at.add(new Trend.At(visit, 40 + slope * visit + 6 * noise.nextGaussian()));
            }
            Trend got = Trend.of(at);
            holds += got.low() <= slope && got.high() >= slope ? 1 : 0;
        }
        double covered = holds / (double) TRIES;
        System.out.printf("slope: %d visits: %.1f %% of 90 %% intervals hold it%n", visits, 100 * covered);
        assertThat(covered).isBetween(0.85, 0.95);
    }
}
