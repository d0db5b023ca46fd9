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

    private final DueAgain due;

    RetestController(DueAgain due) {
        this.due = due;
    }

    record Window(LocalDate from, LocalDate to) {}

    /** @param why {@code routine}, {@code under-treatment}, {@code laboratory} or {@code forecast-missed} */
    record RetestView(UUID field, UUID zone, String why, LocalDate due, Window window, List<String> methods) {}

    /** Soonest first. */
    @GetMapping("/api/retests")
    List<RetestView> retests(@RequestParam LocalDate from, @RequestParam LocalDate to) {
        if (to.isBefore(from) || to.isAfter(from.plusYears(MOST_YEARS))) {
            throw new Refused(List.of(new Refusal(
                    "/to", "out-of-range", "The last day is not before the first, and at most 20 years after it.")));
        }
        return due.between(Viewer.current(), from, to);
    }
}
