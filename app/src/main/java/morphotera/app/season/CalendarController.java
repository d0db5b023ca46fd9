package morphotera.app.season;

import java.nio.charset.StandardCharsets;
import morphotera.app.people.Viewer;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** A calendar to subscribe to. */
@RestController
class CalendarController {
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final Calendars calendars;

    CalendarController(Calendars calendars) {
        this.calendars = calendars;
    }

    /** @param url shown once; whoever has it reads the calendar */
    record Address(String url) {}

    /** Makes the address, or a new one: the one before opens nothing any more. */
    @PostMapping("/api/calendar")
    Address renew() {
        String key = calendars.renew(Viewer.current());
        return new Address(ServletUriComponentsBuilder.fromCurrentContextPath()
                .path("/api/calendar/" + key + ".ics")
                .toUriString());
    }

    @GetMapping(value = "/api/calendar/{key}.ics", produces = "text/calendar")
    ResponseEntity<byte[]> feed(@PathVariable String key) {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header("Cache-Control", "private, no-cache")
                .body(calendars.feed(key).getBytes(StandardCharsets.UTF_8));
    }
}
