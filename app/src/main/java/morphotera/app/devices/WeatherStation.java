package morphotera.app.devices;

import java.time.LocalDate;
import java.util.List;

/** A weather station: what fell and how warm it was, by day, and what is expected. */
public interface WeatherStation {
    record Day(LocalDate day, double rainMm, double airMeanC) {}

    /** Whose figures these are, in a few words. */
    String name();

    /** Each day from one to the other; days after today are expected, not measured. */
    List<Day> days(double lat, double lon, LocalDate from, LocalDate to);
}
