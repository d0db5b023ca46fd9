package morphotera.measure;

import morphotera.ground.Coded;
import morphotera.ground.Moisture;
import morphotera.ground.Nullable;
import morphotera.ground.TextureGroup;

/** What a method asks of the day before its results that need the day are evidence. What is not known does not speak against it. */
public enum Day implements Coded {
    /** Shapes, colours, water levels, dried or carried soil: any day. */
    ANY,
    /** Soil moist, not frozen, not over 30 °C at 5 cm, on a valid day after rain. */
    MOIST_SOIL,
    /** A hole that was soaked asks for unfrozen ground alone. */
    UNFROZEN,
    /** Fresh crumbs must not have dried out. */
    NOT_DRY;

    private static final double HOTTEST = 30;

    /** Days after at least 10 mm of rain or irrigation. */
    public record AfterRain(double from, double to) {}

    /** When the soil is fit after rain: 1 to 2 days (coarse), 2 to 3 (medium), 3 to 5 (fine), 1 to 5 (unknown). */
    public static AfterRain afterRain(@Nullable TextureGroup group) {
        if (group == null) {
            return new AfterRain(1, 5);
        }
        return switch (group) {
            case COARSE -> new AfterRain(1, 2);
            case MEDIUM -> new AfterRain(2, 3);
            case FINE -> new AfterRain(3, 5);
        };
    }

    public boolean suits(Context known) {
        return switch (this) {
            case ANY -> true;
            case MOIST_SOIL -> moist(known);
            case UNFROZEN -> known.soilTemperatureC() == null || known.soilTemperatureC() > 0;
            case NOT_DRY -> known.moisture() != Moisture.DRY;
        };
    }

    private static boolean moist(Context known) {
        AfterRain days = afterRain(known.textureGroup());
        Double warmth = known.soilTemperatureC();
        Double since = known.daysSinceRain();
        return (known.moisture() == null || known.moisture() == Moisture.MOIST)
                && (warmth == null || (warmth > 0 && warmth <= HOTTEST))
                && (since == null || (since >= days.from() && since <= days.to()));
    }
}
