package morphotera.app.season;

import java.util.List;
import morphotera.app.api.Findings;
import morphotera.app.people.Viewer;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One line to find things by. */
@RestController
class SearchController {
    private static final int LONGEST = 80;

    private final Search search;

    SearchController(Search search) {
        this.search = search;
    }

    /** @param words two signs or more, {@value #LONGEST} at most */
    @GetMapping("/api/search")
    List<SearchMapper.Found> find(@RequestParam String words) {
        Findings findings = new Findings();
        findings.text("/words", words, "What is looked for", LONGEST);
        if (words.strip().length() < 2) {
            findings.refuse("/words", "too-short", "Two signs or more are looked for.");
        }
        findings.throwIfAny();
        return search.find(Viewer.current(), words);
    }
}
