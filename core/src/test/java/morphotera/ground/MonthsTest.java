package morphotera.ground;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class MonthsTest {
    @Test
    void every_day_lies_in_the_month_that_the_calendar_says() {
        for (LocalDate day = LocalDate.of(1899, 12, 25); day.getYear() < 2201; day = day.plusDays(9)) {
            String word = Months.word(Months.of(day.toEpochDay()));
            assertThat(word).isEqualTo(day.toString().substring(0, 7));
            assertThat(Months.of(word)).isEqualTo(Months.of(day.toEpochDay()));
        }
    }
}
