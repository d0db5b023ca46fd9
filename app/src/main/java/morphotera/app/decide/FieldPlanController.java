package morphotera.app.decide;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.land.Field;
import morphotera.app.people.Viewer;
import morphotera.decide.remedies.Remedies;
import morphotera.ground.Nullable;
import morphotera.measure.Site;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The plan of a field, as it was set. */
@RestController
class FieldPlanController {
    private static final List<String> DECIDES = List.of("adviser", "grower", "licensed-design", "authority");
    private static final List<String> STATES = List.of("proposed", "agreed", "done", "dropped");

    private final Plans plans;
    private final Grounds grounds;

    FieldPlanController(Plans plans, Grounds grounds) {
        this.plans = plans;
        this.grounds = grounds;
    }

    /** @param zone an id, a name, or a kind where the field has one of it; none: the whole field */
    record StepBody(
            UUID id,
            String remedy,
            @Nullable String zone,
            String from,
            String to,
            @Nullable Map<String, Object> inputs,
            @Nullable Double amount,
            @Nullable String unit,
            @Nullable Double cost,
            @Nullable String decidedBy,
            @Nullable List<String> watch,
            @Nullable String lookAgain,
            @Nullable String state,
            @Nullable String why) {

        private void check(String at, Findings findings, Set<UUID> ids) {
            findings.needed(at + "/id", id, "An id of the step's own");
            if (id != null && !ids.add(id)) {
                findings.refuse(at + "/id", "twice", "This step is there already, further up.");
            }
            findings.needed(at + "/remedy", remedy, "A remedy");
            findings.word(
                    at + "/remedy",
                    remedy,
                    "remedy",
                    Remedies.ALL.stream().map(one -> one.description().id()).toList());
            findings.needed(at + "/from", from, "The first month");
            findings.needed(at + "/to", to, "The last month");
            month(at + "/from", from, findings);
            month(at + "/to", to, findings);
            month(at + "/lookAgain", lookAgain, findings);
            if (isMonth(from) && isMonth(to) && to.compareTo(from) < 0) {
                findings.refuse(at + "/to", "before-start", "It ends in a month before it begins.");
            }
            findings.range(at + "/amount", amount, "An amount", 0, MOST);
            findings.atMost(at + "/unit", unit, "The unit", 40);
            if (amount != null && unit == null) {
                findings.refuse(at + "/unit", "missing", "An amount needs its unit.");
            }
            findings.range(at + "/cost", cost, "A cost", -MOST, MOST);
            findings.word(at + "/decidedBy", decidedBy, "who decides", DECIDES);
            findings.word(at + "/state", state, "state", STATES);
            findings.atMost(at + "/why", why, "The reason", 500);
            if (watch != null) {
                findings.size(at + "/watch", watch.size(), "What to watch", 20);
                for (int i = 0; i < watch.size(); i++) {
                    findings.text(at + "/watch/" + i, watch.get(i), "What to watch", 80);
                }
            }
        }

        private static void month(String at, String word, Findings findings) {
            if (word != null && !isMonth(word)) {
                findings.refuse(at, "wrong-type", "A month such as 2031-06 is expected here.");
            }
        }

        private static boolean isMonth(String word) {
            return word != null && word.matches(PlanController.MONTH);
        }
    }

    private static final double MOST = 1e9;
    private static final int MOST_STEPS = 200;

    record PlanBody(int version, List<StepBody> steps) implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/steps", steps, "The steps");
            if (steps == null) {
                return;
            }
            findings.size("/steps", steps.size(), "Steps", MOST_STEPS);
            Set<UUID> ids = new HashSet<>();
            for (int i = 0; i < Math.min(steps.size(), MOST_STEPS); i++) {
                findings.needed("/steps/" + i, steps.get(i), "A step");
                if (steps.get(i) != null) {
                    steps.get(i).check("/steps/" + i, findings, ids);
                }
            }
        }
    }

    @GetMapping("/api/fields/{id}/plan")
    Plans.PlanView of(@PathVariable UUID id) {
        return plans.of(Viewer.current(), id);
    }

    @PutMapping("/api/fields/{id}/plan")
    Plans.PlanView put(@PathVariable UUID id, @RequestBody PlanBody body) {
        Viewer viewer = Viewer.writing();
        Field field = grounds.field(viewer, id);
        Findings findings = new Findings();
        List<Plans.Step> steps = new ArrayList<>();
        for (int i = 0; i < body.steps().size(); i++) {
            StepBody one = body.steps().get(i);
            String asked = one.zone() == null ? "main" : one.zone();
            Site.Zone zone = field.site().zone(asked).orElse(null);
            if (zone == null) {
                findings.refuse("/steps/" + i + "/zone", "unknown-id", "There is no such zone in this field.");
            } else {
                steps.add(step(one, UUID.fromString(zone.id())));
            }
        }
        findings.throwIfAny();
        return plans.put(viewer, field, steps, body.version());
    }

    private static Plans.Step step(StepBody one, UUID zone) {
        return new Plans.Step(
                one.id(),
                one.remedy(),
                zone,
                one.from(),
                one.to(),
                one.inputs() == null ? Map.of() : one.inputs(),
                one.amount(),
                one.unit(),
                one.cost(),
                one.decidedBy() == null ? "grower" : one.decidedBy(),
                one.watch() == null ? List.of() : one.watch(),
                one.lookAgain(),
                one.state() == null ? "proposed" : one.state(),
                one.why());
    }
}
