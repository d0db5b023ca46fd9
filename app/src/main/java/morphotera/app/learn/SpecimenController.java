package morphotera.app.learn;

import java.util.List;
import java.util.Map;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.people.Viewer;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Specimens to practise the eye on, and what each person's errors were. */
@RestController
class SpecimenController {
    private final Specimens specimens;

    SpecimenController(Specimens specimens) {
        this.specimens = specimens;
    }

    record AnswerBody(Map<String, Object> reading) implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/reading", reading, "What you see");
        }
    }

    @GetMapping("/api/specimens")
    List<Specimens.OfMethod> mine() {
        return specimens.mine(Viewer.current());
    }

    @GetMapping(value = "/api/specimens/{method}/{number}/picture", produces = MediaType.IMAGE_JPEG_VALUE)
    byte[] picture(@PathVariable String method, @PathVariable int number) {
        Viewer.current();
        return specimens.specimen(method, number).jpeg().get();
    }

    /** The truth comes with the answer; a specimen judged before keeps its first. */
    @PutMapping("/api/specimens/{method}/{number}/answer")
    Specimens.Answer answer(@PathVariable String method, @PathVariable int number, @RequestBody AnswerBody body) {
        return specimens.answer(Viewer.current(), method, number, body.reading());
    }
}
