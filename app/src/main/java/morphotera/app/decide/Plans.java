package morphotera.app.decide;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.follow.Intervention;
import morphotera.app.follow.Interventions;
import morphotera.app.land.Field;
import morphotera.app.land.Zone;
import morphotera.app.papers.Paper;
import morphotera.app.papers.PaperKind;
import morphotera.app.papers.Papers;
import morphotera.app.people.Viewer;
import morphotera.decide.LogKinds;
import morphotera.decide.PlanCheck;
import morphotera.decide.Remedy;
import morphotera.decide.remedies.Remedies;
import morphotera.ground.Months;
import morphotera.ground.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A field's plan over the years: kept as it was set, every broken rule named, what was done written into the log. */
@Service
public class Plans {
    private final Papers papers;
    private final Grounds grounds;
    private final Interventions interventions;
    private final Clock clock;

    Plans(Papers papers, Grounds grounds, Interventions interventions, Clock clock) {
        this.papers = papers;
        this.grounds = grounds;
        this.interventions = interventions;
        this.clock = clock;
    }

    /**
     * @param from the first month, {@code to} the last, {@code lookAgain} when what it did is read, such as 2031-06
     * @param inputs of its sum
     * @param decidedBy who has the last word: adviser, grower, licensed-design or authority
     */
    public record Step(
            UUID id,
            String remedy,
            UUID zone,
            String from,
            String to,
            Map<String, Object> inputs,
            @Nullable Double amount,
            @Nullable String unit,
            @Nullable Double cost,
            String decidedBy,
            List<String> watch,
            @Nullable String lookAgain,
            String state,
            @Nullable String why) {
        boolean isDropped() {
            return state.equals("dropped");
        }

        boolean isDone() {
            return state.equals("done");
        }

        PlanCheck.Placed placed() {
            return new PlanCheck.Placed(id.toString(), remedy, Months.of(from), Months.of(to));
        }
    }

    record Kept(List<Step> steps) {}

    public record BreakView(
            UUID step, String rule, String text, @Nullable UUID other) {}

    public record MonthCost(String month, double cost, double total) {}

    public record PlanView(
            UUID fieldId,
            int version,
            List<Step> steps,
            List<MonthCost> runningCost,
            List<Grounds.StepForecast> forecasts,
            List<BreakView> breaks) {}

    /** The steps of a field's plan; none where there is no plan. */
    public List<Step> steps(Viewer viewer, UUID fieldId) {
        return papers.newest(viewer, PaperKind.PLAN, fieldId, Kept.class)
                .map(one -> one.body().steps())
                .orElse(List.of());
    }

    /** A plan as it stands, with how often it was saved. */
    public record OfField(UUID fieldId, int version, List<Step> steps) {}

    /** All plans of the practice. */
    public List<OfField> all(Viewer viewer) {
        return papers.all(viewer, PaperKind.PLAN, Kept.class).stream()
                .map(one -> new OfField(one.id(), one.version(), one.body().steps()))
                .toList();
    }

    public PlanView of(Viewer viewer, UUID fieldId) {
        Field field = grounds.field(viewer, fieldId);
        return papers.newest(viewer, PaperKind.PLAN, fieldId, Kept.class)
                .map(paper -> view(viewer, field, paper))
                .orElseGet(() -> new PlanView(fieldId, 0, List.of(), List.of(), List.of(), List.of()));
    }

    @Transactional
    PlanView put(Viewer viewer, Field field, List<Step> steps, int version) {
        Set<UUID> doneBefore = steps(viewer, field.id()).stream()
                .filter(Step::isDone)
                .map(Step::id)
                .collect(Collectors.toCollection(HashSet::new));
        Paper<Kept> kept = papers.keep(
                viewer,
                PaperKind.PLAN,
                field.id(),
                field.id(),
                version,
                new Kept(steps),
                stands -> view(viewer, field, stands));
        steps.stream()
                .filter(one -> one.isDone() && !doneBefore.contains(one.id()))
                .forEach(one -> interventions.log(viewer, logged(field, one), one.inputs()));
        return view(viewer, field, kept);
    }

    private PlanView view(Viewer viewer, Field field, Paper<Kept> paper) {
        List<Step> steps = paper.body().steps();
        List<Grounds.ZoneGround> known = grounds.of(
                viewer, field, steps.stream().map(Step::zone).collect(Collectors.toCollection(LinkedHashSet::new)));
        return new PlanView(
                field.id(),
                paper.version(),
                steps,
                runningCost(steps),
                known.stream()
                        .flatMap(zone -> steps.stream()
                                .filter(one -> one.zone().equals(zone.zone()) && !one.isDropped())
                                .flatMap(one -> zone.forecast(one).stream()))
                        .toList(),
                known.stream()
                        .flatMap(zone -> breaks(field, steps, zone).stream())
                        .toList());
    }

    private static List<BreakView> breaks(Field field, List<Step> steps, Grounds.ZoneGround zone) {
        Map<String, List<Integer>> months = new LinkedHashMap<>();
        for (Remedy remedy : Remedies.ALL) {
            months.put(remedy.description().id(), remedy.description().months());
        }
        List<PlanCheck.Placed> placed = steps.stream()
                .filter(one -> one.zone().equals(zone.zone()) && !one.isDropped())
                .map(Step::placed)
                .toList();
        return PlanCheck.of(
                        placed,
                        zone.ground(),
                        zone.gates(),
                        months,
                        field.site().latitude() < 0)
                .stream()
                .map(one -> new BreakView(
                        UUID.fromString(one.step()),
                        one.rule().word(),
                        one.rule().text(),
                        one.other() == null ? null : UUID.fromString(one.other())))
                .toList();
    }

    /** What has been spent by the end of each month in which something begins. */
    static List<MonthCost> runningCost(List<Step> steps) {
        TreeMap<String, Double> byMonth = new TreeMap<>();
        steps.stream()
                .filter(one -> !one.isDropped() && one.cost() != null)
                .forEach(one -> byMonth.merge(one.from(), one.cost(), Double::sum));
        double[] total = {0};
        return byMonth.entrySet().stream()
                .map(one -> {
                    total[0] += one.getValue();
                    return new MonthCost(one.getKey(), one.getValue(), total[0]);
                })
                .toList();
    }

    private Intervention logged(Field field, Step step) {
        Zone zone = field.zone(step.zone().toString());
        String name = Remedies.find(step.remedy()).orElseThrow().description().name();
        String kind = LogKinds.of(step.remedy());
        boolean counts = step.amount() != null && Intervention.UNITS.contains(step.unit());
        Object depth = step.inputs().get("depthCm");
        return new Intervention(
                logId(step),
                field.id(),
                LocalDate.now(clock.withZone(ZoneId.of(field.timeZone()))),
                kind,
                counts ? step.amount() : null,
                counts ? step.unit() : null,
                null,
                zone.kind().equals("main") ? null : zone.id(),
                depth instanceof Number cm ? cm.doubleValue() : null,
                null,
                kind.equals("other") ? name : null,
                0);
    }

    /** The log's own id of a step, so that done twice is logged once. */
    public static UUID logId(Step step) {
        return UUID.nameUUIDFromBytes((step.id() + "/done").getBytes(StandardCharsets.UTF_8));
    }
}
