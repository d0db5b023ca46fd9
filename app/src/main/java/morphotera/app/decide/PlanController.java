package morphotera.app.decide;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.decide.CauseTable;
import morphotera.decide.Plan;
import morphotera.decide.Remedy;
import morphotera.decide.Schedule;
import morphotera.decide.remedies.Remedies;
import morphotera.ground.Months;
import morphotera.ground.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Remedies put in an order that holds, each in its months. */
@RestController
class PlanController {
    static final String MONTH = "\\d{4}-(0[1-9]|1[0-2])";

    private final CauseTable causes;

    PlanController(CauseTable causes) {
        this.causes = causes;
    }

    record GroundBody(
            @Nullable Boolean outlet,
            @Nullable Double phInWater,
            @Nullable Double carbonatePercent,
            @Nullable Double esp,
            @Nullable Double dispersionScore,
            @Nullable String moistureAtDepth,
            @Nullable Boolean aimIsLowerPh) {
        Plan.Ground ground() {
            return new Plan.Ground(
                    outlet,
                    phInWater,
                    carbonatePercent,
                    esp,
                    dispersionScore,
                    moistureAtDepth,
                    Boolean.TRUE.equals(aimIsLowerPh));
        }
    }

    /**
     * @param remedies in the order wished for, which is kept where no rule speaks
     * @param gates the causes whose gate is raised
     * @param from a month such as 2031-06
     */
    record OrderBody(
            List<String> remedies,
            @Nullable List<String> gates,
            @Nullable GroundBody ground,
            @Nullable String hemisphere,
            String from,
            Integer years)
            implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/remedies", remedies, "The remedies");
            if (remedies != null) {
                List<String> known =
                        Remedies.ALL.stream().map(one -> one.description().id()).toList();
                findings.size("/remedies", remedies.size(), "Remedies", 200);
                for (int i = 0; i < remedies.size(); i++) {
                    findings.needed("/remedies/" + i, remedies.get(i), "A remedy");
                    findings.word("/remedies/" + i, remedies.get(i), "remedy", known);
                }
            }
            if (ground != null) {
                findings.range("/ground/phInWater", ground.phInWater(), "pH", 0, 14);
                findings.range("/ground/carbonatePercent", ground.carbonatePercent(), "Carbonate", 0, 100);
                findings.range("/ground/esp", ground.esp(), "ESP", 0, 100);
                findings.range("/ground/dispersionScore", ground.dispersionScore(), "A score", 0, 100);
                findings.word(
                        "/ground/moistureAtDepth",
                        ground.moistureAtDepth(),
                        "moisture",
                        List.of("dry", "moist", "wet"));
            }
            findings.word("/hemisphere", hemisphere, "hemisphere", List.of("north", "south"));
            findings.needed("/from", from, "The first month");
            if (from != null && !from.matches(MONTH)) {
                findings.refuse("/from", "wrong-type", "A month such as 2031-06 is expected here.");
            }
            findings.needed("/years", years, "How many years");
            findings.range("/years", years == null ? null : years.doubleValue(), "Years", 1, 10);
        }
    }

    record AfterView(String remedy, String rule) {}

    /** @param from the first month, {@code to} the last */
    record StepView(
            String remedy, List<AfterView> after, @Nullable String with, String from, String to) {}

    record StruckView(String remedy, String rule, String text) {}

    record OrderView(List<StepView> steps, List<StruckView> struckOut) {}

    @PostMapping("/api/plans/order")
    OrderView order(@RequestBody OrderBody body) {
        Set<String> gates = gates(body);
        GroundBody ground =
                body.ground() == null ? new GroundBody(null, null, null, null, null, null, null) : body.ground();
        Map<String, List<Integer>> months = new LinkedHashMap<>();
        for (Remedy remedy : Remedies.ALL) {
            months.put(remedy.description().id(), remedy.description().months());
        }
        Schedule schedule = Schedule.of(
                List.copyOf(new LinkedHashSet<>(body.remedies())),
                ground.ground(),
                gates,
                months,
                "south".equals(body.hemisphere()),
                Months.of(body.from()),
                body.years());
        return new OrderView(
                schedule.steps().stream().map(PlanController::view).toList(),
                schedule.struckOut().stream()
                        .map(one -> new StruckView(
                                one.remedy(), one.rule().word(), one.rule().text()))
                        .toList());
    }

    private Set<String> gates(OrderBody body) {
        Findings findings = new Findings();
        List<String> gates = body.gates() == null ? List.of() : body.gates();
        List<String> known = causes.causes().stream()
                .filter(one -> one.gate() != null)
                .map(CauseTable.Cause::id)
                .toList();
        for (int i = 0; i < gates.size(); i++) {
            findings.needed("/gates/" + i, gates.get(i), "A gate");
            findings.word("/gates/" + i, gates.get(i), "gate", known);
        }
        findings.throwIfAny();
        return new LinkedHashSet<>(gates);
    }

    private static StepView view(Schedule.Step step) {
        List<AfterView> after = new ArrayList<>();
        step.after()
                .forEach(one -> after.add(new AfterView(one.remedy(), one.rule().word())));
        return new StepView(
                step.remedy(),
                after,
                step.with() == null ? null : step.with().word(),
                Months.word(step.from()),
                Months.word(step.to()));
    }
}
