package morphotera.app.scout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.api.NotFound;
import morphotera.app.people.Viewer;
import morphotera.ground.Coded;
import morphotera.ground.LandUse;
import morphotera.ground.Nullable;
import morphotera.measure.Description;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;
import morphotera.scout.Question;
import morphotera.scout.Template;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Sets of tests: those that ship, and those a practice made of them. */
@RestController
class TemplateController {
    private final Templates templates;

    TemplateController(Templates templates) {
        this.templates = templates;
    }

    record TestBody(
            String method,
            @Nullable String variant,
            @Nullable String where) {}

    record TemplateBody(
            String name, String question, @Nullable String use, List<TestBody> tests, int version) implements Checked {
        @Override
        public void check(Findings findings) {
            findings.text("/name", name, "A name", 120);
            findings.needed("/question", question, "The question");
            findings.word("/question", question, "question", words(Question.values()));
            findings.word("/use", use, "land use", words(LandUse.values()));
            List<String> known = Methods.ALL.stream().map(Method::id).toList();
            List<TestBody> all = tests == null ? List.of() : tests;
            if (all.isEmpty()) {
                findings.refuse("/tests", "empty-list", "One test at least.");
            }
            findings.size("/tests", all.size(), "Tests", known.size());
            Map<String, Integer> seen = new LinkedHashMap<>();
            for (int i = 0; i < Math.min(all.size(), known.size()); i++) {
                TestBody test = all.get(i);
                String at = "/tests/" + i;
                findings.needed(at, test, "A test");
                if (test == null) {
                    continue;
                }
                findings.needed(at + "/method", test.method(), "The method");
                findings.word(at + "/method", test.method(), "method", known);
                findings.word(at + "/where", test.where(), "where it is done", DayPlan.WHERE);
                if (test.method() != null && seen.put(test.method(), i) != null) {
                    findings.refuse(at + "/method", "twice", "This method is in the set already.");
                }
                Methods.find(String.valueOf(test.method()))
                        .ifPresent(method -> findings.word(
                                at + "/variant",
                                test.variant(),
                                "way of doing it",
                                method.description().variants().stream()
                                        .map(Description.Variant::id)
                                        .toList()));
            }
        }

        private static List<String> words(Coded[] all) {
            return Arrays.stream(all).map(Coded::word).toList();
        }

        List<Template.Test> read() {
            List<Template.Test> read = new ArrayList<>();
            tests.forEach(test -> read.add(new Template.Test(
                    test.method(),
                    test.variant(),
                    test.where() == null
                            ? Template.Where.EVERY_SPOT
                            : Coded.of(Template.Where.values(), test.where()))));
            return read;
        }
    }

    @GetMapping("/api/templates")
    List<Templates.View> all() {
        return templates.all(Viewer.current());
    }

    /** Under the id of one that ships, it stands in for it in this practice. */
    @PutMapping("/api/templates/{id}")
    Templates.View put(@PathVariable String id, @RequestBody TemplateBody body) {
        if (!id.matches("[a-z0-9-]{1,60}")) {
            throw new NotFound("template", id);
        }
        return templates.put(
                Viewer.writing(),
                new Template(id, body.name().strip(), body.question(), body.use(), body.read()),
                body.version());
    }
}
