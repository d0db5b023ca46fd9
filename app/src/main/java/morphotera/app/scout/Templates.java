package morphotera.app.scout;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import morphotera.app.api.Json;
import morphotera.app.api.Stale;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import morphotera.scout.Template;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** Sets of tests of a practice. */
@Service
public class Templates {
    private static final TypeReference<List<Test>> TESTS = new TypeReference<>() {};

    private final TemplateMapper templates;
    private final Land land;
    private final Json json;

    Templates(TemplateMapper templates, Land land, Json json) {
        this.templates = templates;
        this.land = land;
        this.json = json;
    }

    public record Test(String method, @Nullable String variant, String where) {}

    /** @param version 0: it ships so, and nobody here changed it */
    public record View(
            String id,
            String name,
            String question,
            @Nullable String use,
            List<Test> tests,
            int version) {}

    /** As stored; tests are JSON. */
    public record Row(String id, String name, String question, String landUse, String testsJson, int version) {}

    /** Those that ship first, each as the practice has it, then its own by name. */
    public List<View> all(Viewer viewer) {
        Map<String, View> all = new LinkedHashMap<>();
        Template.shipped().forEach(one -> all.put(one.id(), view(row(one, 0))));
        templates.of(viewer).forEach(row -> all.put(row.id(), view(row)));
        return List.copyOf(all.values());
    }

    @Transactional
    View put(Viewer viewer, Template template, int version) {
        land.lock(viewer);
        Row row = row(template, version);
        Optional<Row> known = templates.template(viewer, template.id());
        if (known.isEmpty() && version == 0) {
            templates.add(viewer, row);
        } else if (known.isEmpty()
                || !known.get().equals(row(template, known.get().version()))) {
            if (templates.update(viewer, row) != 1) {
                throw new Stale(
                        "Somebody changed this set meanwhile: yours is version " + version + ".",
                        known.map(this::view).orElse(null));
            }
        }
        return view(templates.template(viewer, template.id()).orElseThrow());
    }

    private Row row(Template template, int version) {
        List<Test> tests = template.tests().stream()
                .map(test ->
                        new Test(test.method(), test.variant(), test.where().word()))
                .toList();
        return new Row(template.id(), template.name(), template.question(), template.use(), json.write(tests), version);
    }

    private View view(Row row) {
        return new View(
                row.id(), row.name(), row.question(), row.landUse(), json.read(row.testsJson(), TESTS), row.version());
    }
}
