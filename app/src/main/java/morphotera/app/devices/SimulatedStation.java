package morphotera.app.devices;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import morphotera.ground.Chance;
import morphotera.ground.Decimal;
import org.springframework.stereotype.Component;

/**
 * A stand-in for a weather station on an island in the middle of an ocean: mild, wet spells of a few days every week or so, more
 * of them in winter. The same place and day always get the same weather.
 */
@Component
class SimulatedStation implements WeatherStation {
    private static final double YEARLY_MEAN_C = 13.5;
    private static final double SWING_C = 4.5;
    private static final double WARMEST_DAY = 220;
    private static final double DAYS_A_YEAR = 365.25;
    private static final double NOISE_C = 1.6;
    /** Days are drawn in spells of this many, each wet or dry as a whole. */
    private static final int SPELL = 3;

    private static final double WET_IN_WINTER = 0.55;
    private static final double WET_IN_SUMMER = 0.28;
    private static final double MEAN_MM = 7;
    /** About ten kilometres: within it all have one weather. */
    private static final double CELL_DEGREES = 0.1;

    @Override
    public String name() {
        return "simulated station";
    }

    @Override
    public List<Day> days(double lat, double lon, LocalDate from, LocalDate to) {
        List<Day> days = new ArrayList<>();
        for (LocalDate day = from; !day.isAfter(to); day = day.plusDays(1)) {
            days.add(day(lat, lon, day));
        }
        return days;
    }

    private static Day day(double lat, double lon, LocalDate day) {
        long place = Math.floorDiv((long) (lat * 1000), (long) (CELL_DEGREES * 1000)) * 4001
                + Math.floorDiv((long) (lon * 1000), (long) (CELL_DEGREES * 1000));
        double season = Math.cos(2 * Math.PI * (day.getDayOfYear() - WARMEST_DAY) / DAYS_A_YEAR) * (lat < 0 ? -1 : 1);
        Chance spell = new Chance(place * 1_000_003 + Math.floorDiv(day.toEpochDay(), SPELL));
        Chance of = new Chance(place * 998_244_353 + day.toEpochDay());
        of.nextDouble();
        double wet = WET_IN_SUMMER + (WET_IN_WINTER - WET_IN_SUMMER) * (1 - season) / 2;
        double rain = spell.nextDouble() < wet && of.nextDouble() < 0.8 ? -MEAN_MM * Math.log(1 - of.nextDouble()) : 0;
        double air = YEARLY_MEAN_C + SWING_C * season + NOISE_C * of.nextGaussian();
        return new Day(day, Decimal.round(rain, 1), Decimal.round(air, 1));
    }
}
