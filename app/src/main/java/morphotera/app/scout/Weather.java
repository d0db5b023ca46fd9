package morphotera.app.scout;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.devices.WeatherStation;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Rain and warmth by day: what a holding read itself counts, the station has the rest and what is expected. */
@Service
public class Weather {
    private final WeatherMapper days;
    private final WeatherStation station;
    private final Land land;
    private final Clock clock;

    Weather(WeatherMapper days, WeatherStation station, Land land, Clock clock) {
        this.days = days;
        this.station = station;
        this.land = land;
        this.clock = clock;
    }

    /** As kept of a holding. */
    public record Kept(LocalDate day, double rainMm, Double irrigationMm, Double airMeanC) {}

    /** @param source the holding's own record, or the station */
    public record Day(
            LocalDate day,
            double rainMm,
            @Nullable Double irrigationMm,
            @Nullable Double airMeanC,
            boolean forecast,
            String source) {}

    public record Record(LocalDate today, String station, List<Day> days) {}

    public Record of(Viewer viewer, UUID fieldId, LocalDate from, LocalDate to) {
        Field field = land.field(viewer, fieldId);
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.of(field.timeZone()));
        double lat = field.outline().get(0).lat();
        double lon = field.outline().get(0).lon();
        Map<LocalDate, Kept> kept = new LinkedHashMap<>();
        days.of(viewer, field.holdingId(), from, to).forEach(day -> kept.put(day.day(), day));
        List<Day> all = new ArrayList<>();
        for (WeatherStation.Day one : station.days(lat, lon, from, to)) {
            Kept own = kept.get(one.day());
            all.add(
                    own == null
                            ? new Day(
                                    one.day(),
                                    one.rainMm(),
                                    null,
                                    one.airMeanC(),
                                    one.day().isAfter(today),
                                    "station")
                            : new Day(
                                    own.day(),
                                    own.rainMm(),
                                    own.irrigationMm(),
                                    own.airMeanC() == null ? Double.valueOf(one.airMeanC()) : own.airMeanC(),
                                    false,
                                    "record"));
        }
        return new Record(today, station.name(), all);
    }

    /** All that a holding keeps of its own. */
    public List<Kept> kept(Viewer viewer, UUID holdingId) {
        return days.of(viewer, holdingId, LocalDate.of(1900, 1, 1), LocalDate.of(2200, 12, 31));
    }

    /** All of them, or none: a day that was kept is kept anew. */
    @Transactional
    public void keep(Viewer viewer, UUID holdingId, List<Kept> record) {
        land.holding(viewer, holdingId);
        record.forEach(day -> days.keep(viewer, holdingId, day));
    }
}
