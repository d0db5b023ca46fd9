package morphotera.app.season;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import morphotera.app.people.Viewer;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is due again, of all the fields there are to see. */
@RestController
class RetestController {
    private static final int MOST_YEARS = 20;

    private final Season season;

    RetestController(Season season) {
        this.season = season;
    }

    /** @param why {@code routine}, {@code under-treatment}, {@code laboratory}, {@code forecast-missed} or {@code trial} */
    record RetestView(UUID field, UUID zone, String why, LocalDate due, DueAgain.Window window, List<String> methods) {
        static RetestView of(UUID field, DueAgain.Due one) {
            return new RetestView(field, one.zone(), one.why(), one.due(), one.window(), one.methods());
        }
    }

    /** Soonest first. */
    @GetMapping("/api/retests")
    List<RetestView> retests(@RequestParam LocalDate from, @RequestParam LocalDate to) {
        if (to.isBefore(from) || to.isAfter(from.plusYears(MOST_YEARS))) {
            throw new Refused(List.of(new Refusal(
                    "/to", "out-of-range", "The last day is not before the first, and at most 20 years after it.")));
        }
        return season.due(Viewer.current(), from, to).stream()
                .map(one -> RetestView.of(one.field(), one.due()))
                .toList();
    }
}
