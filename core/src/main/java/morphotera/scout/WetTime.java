package morphotera.scout;

import morphotera.ground.Nullable;

/** When water that is not there tells something: in the wet season of the place, or within five days of 30 mm. */
public final class WetTime {
    private static final double DAYS = 5;
    private static final double RAIN_MM = 30;
    private static final double TROPIC = 23.5;

    private WetTime() {}

    /**
     * The wet season of a humid or unknown place outside the tropics is the winter half, November to March in the north; of an
     * arid place or the tropics it is not known.
     *
     * @param month 1 to 12
     * @param daysSinceRain and {@code rainMm}: how long ago the last rain was, and how much; null not known
     */
    public static boolean tells(
            int month,
            double latitude,
            @Nullable String climate,
            @Nullable Double daysSinceRain,
            @Nullable Double rainMm) {
        if (daysSinceRain != null && rainMm != null && daysSinceRain <= DAYS && rainMm >= RAIN_MM) {
            return true;
        }
        if ("arid".equals(climate) || Math.abs(latitude) < TROPIC) {
            return false;
        }
        int northern = latitude >= 0 ? month : (month + 5) % 12 + 1;
        return northern >= 11 || northern <= 3;
    }
}
