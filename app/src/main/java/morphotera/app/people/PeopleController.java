package morphotera.app.people;

import java.util.List;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.ground.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** An owner keeps the people of the practice. */
@RestController
class PeopleController {
    private static final int MOST_HOLDINGS = 500;

    private final People people;

    PeopleController(People people) {
        this.people = people;
    }

    /** {@code password} null keeps the one there is; a reader names holdings. */
    record PersonBody(
            String name,
            String email,
            String role,
            @Nullable String password,
            @Nullable List<UUID> holdingIds,
            int version)
            implements Checked {
        @Override
        public void check(Findings findings) {
            findings.text("/name", name, "A name", 120);
            findings.needed("/role", role, "A role");
            findings.word("/role", role, "role", List.of("owner", "adviser", "reader"));
            Passwords.checkAddress(findings, email);
            if (version == 0 || password != null) {
                Passwords.check(findings, "/password", email, password);
            }
            if ("reader".equals(role) && (holdingIds == null || holdingIds.isEmpty())) {
                findings.refuse("/holdingIds", "missing", "Name the holdings this reader may see.");
            }
            if (holdingIds != null) {
                findings.size("/holdingIds", holdingIds.size(), "Holdings", MOST_HOLDINGS);
                if (holdingIds.contains(null)) {
                    findings.refuse("/holdingIds", "missing", "A holding is needed here.");
                }
            }
        }
    }

    record PersonView(UUID id, String name, String email, String role, List<UUID> holdingIds, int version) {}

    @GetMapping("/api/people")
    List<PersonView> people() {
        return people.all(Viewer.owner());
    }

    @PutMapping("/api/people/{id}")
    PersonView put(@PathVariable UUID id, @RequestBody PersonBody body) {
        return people.put(Viewer.owner(), id, body);
    }

    @DeleteMapping("/api/people/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id, @RequestParam int version) {
        people.remove(Viewer.owner(), id, version);
    }
}
