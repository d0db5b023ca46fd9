package morphotera.app.season;

import morphotera.app.api.Findings;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** For the map and the list of the season. */
@RestController
class SeasonController {
    private static final int MOST = 500;

    private final Season season;

    SeasonController(Season season) {
        this.season = season;
    }

    /** @param after as the page before gave it */
    @GetMapping("/api/season")
    Season.Page fields(@RequestParam(defaultValue = "200") int limit, @RequestParam @Nullable String after) {
        Findings findings = new Findings();
        findings.range("/limit", (double) limit, "A page", 1, MOST);
        if (after != null && Season.Cursor.of(after).isEmpty()) {
            findings.refuse("/after", "unknown-word", "This is no place in the list: begin without it.");
        }
        findings.throwIfAny();
        return season.page(
                Viewer.current(),
                limit,
                after == null ? null : Season.Cursor.of(after).orElseThrow());
    }
}
