package morphotera.app.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import morphotera.app.scout.Weather;

/** The rain one holding read itself: a wetting today after a week with little, so that its planned visit comes two days after it. */
final class DemoRain {
    static final String HOLDING = "Brindle Top";
    private static final int DAYS = 60;
    private static final double WETTING_MM = 14;

    private DemoRain() {}

    static List<Weather.Kept> upTo(LocalDate today) {
        List<Weather.Kept> days = new ArrayList<>();
        for (int ago = 0; ago <= DAYS; ago++) {
            double mm = ago == 0 ? WETTING_MM : ago < 7 ? ago % 3 : ago % 5 == 0 ? 9 : ago % 2;
            days.add(new Weather.Kept(today.minusDays(ago), mm, null, 11 + ago % 4 * 0.5));
        }
        return days;
    }
}
