package morphotera.app.copy;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.decide.Plans;
import morphotera.app.decide.Rulings;
import morphotera.app.decide.Trials;
import morphotera.app.follow.Intervention;
import morphotera.app.follow.Interventions;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.learn.Specimens;
import morphotera.app.measure.Clocks;
import morphotera.app.measure.Draft;
import morphotera.app.measure.Reading;
import morphotera.app.measure.Readings;
import morphotera.app.people.Viewer;
import morphotera.app.pictures.Photograph;
import morphotera.app.pictures.Photographs;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.app.tables.PracticeSheets;
import morphotera.app.tables.ShippedTables;
import morphotera.app.tables.TaughtTable;
import morphotera.app.tables.Yardsticks;
import morphotera.follow.Practised;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** A field taken along on a device: all that its pages need without a signal, in one answer. */
@RestController
class CopyController {
    private final Land land;
    private final Visits visits;
    private final Readings readings;
    private final Clocks clocks;
    private final Interventions interventions;
    private final Photographs photographs;
    private final ShippedTables tables;
    private final Rulings rulings;
    private final Yardsticks yardsticks;
    private final Plans plans;
    private final Trials trials;
    private final PracticeSheets sheets;
    private final Specimens specimens;
    private final Clock clock;

    CopyController(
            Land land,
            Visits visits,
            Readings readings,
            Clocks clocks,
            Interventions interventions,
            Photographs photographs,
            ShippedTables tables,
            Rulings rulings,
            Yardsticks yardsticks,
            Plans plans,
            Trials trials,
            PracticeSheets sheets,
            Specimens specimens,
            Clock clock) {
        this.land = land;
        this.visits = visits;
        this.readings = readings;
        this.clocks = clocks;
        this.interventions = interventions;
        this.photographs = photographs;
        this.tables = tables;
        this.rulings = rulings;
        this.yardsticks = yardsticks;
        this.plans = plans;
        this.trials = trials;
        this.sheets = sheets;
        this.specimens = specimens;
        this.clock = clock;
    }

    /** @param causes the table of causes, as a tree */
    record Tables(Map<String, Object> causes) {}

    /**
     * @param at when it was made, by the server's clock
     * @param readings all versions, each with its result
     * @param log what was done to the field
     * @param photographs what they are of; the pictures themselves are asked for one by one
     * @param rulings what was said of causes
     * @param plan what is planned for it
     * @param trials its strips, with what each visit said of them
     * @param yardstick the curves it is scored with, as a tree
     * @param sheets the practice's own tables that sums go by
     * @param skills how well its observers judge, by person and method
     */
    record Copy(
            Instant at,
            Field field,
            List<Visit> visits,
            List<Reading> readings,
            List<Draft> drafts,
            List<morphotera.app.measure.Clock> clocks,
            List<Intervention> log,
            List<Photograph> photographs,
            List<Rulings.OfVisit> rulings,
            Plans.PlanView plan,
            List<Trials.TrialView> trials,
            Map<String, Object> yardstick,
            Tables tables,
            List<PracticeSheets.Own> sheets,
            Map<UUID, Map<String, Practised.Skill>> skills) {}

    @GetMapping("/api/fields/{id}/copy")
    Copy copy(@PathVariable UUID id) {
        Viewer viewer = Viewer.current();
        Field field = land.field(viewer, id);
        List<Visit> all = visits.ofField(viewer, id);
        return new Copy(
                clock.instant(),
                field,
                all,
                readings.ofField(viewer, id),
                all.stream()
                        .filter(visit -> !visit.state().equals("done"))
                        .flatMap(visit -> readings.drafts(viewer, visit.id()).stream())
                        .toList(),
                clocks.running(viewer).stream()
                        .filter(one -> one.fieldId().equals(id))
                        .toList(),
                interventions.of(viewer, id),
                all.stream()
                        .flatMap(visit -> photographs.ofVisit(viewer, visit.id()).stream())
                        .toList(),
                rulings.standing(viewer, all.stream().map(Visit::id).toList()),
                plans.of(viewer, id),
                trials.ofField(viewer, id),
                yardsticks.tree(viewer, field.yardstickId()),
                new Tables(TaughtTable.tree(tables.causes(), rulings.table(viewer))),
                sheets.own(viewer),
                specimens.skills(viewer, all.stream().map(Visit::observerId).collect(Collectors.toSet())));
    }
}
