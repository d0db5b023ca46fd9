package morphotera.decide;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.ground.Months;
import morphotera.ground.Nullable;

/**
 * What a zone's judgement calls for: the remedies of what is likely or possible, or was confirmed, and of every gate; and the
 * ground that the rules of a plan look at. What a person ruled out or set aside calls for nothing, but its gate stands.
 */
public record Called(List<String> remedies, Set<String> gates, Plan.Ground ground) {
    private static final int PLANNED_YEARS = 5;

    public static Called of(Judgement judgement, List<Ruling> rulings) {
        Set<String> remedies = new LinkedHashSet<>();
        Set<String> gates = new LinkedHashSet<>();
        boolean lowerPh = false;
        for (Causes.Judged cause : judgement.causes()) {
            Ruling ruling = rulings.stream()
                    .filter(one -> one.cause().equals(cause.cause().id()))
                    .findFirst()
                    .orElse(null);
            if (cause.gate() != null) {
                gates.add(cause.cause().id());
            }
            if (serves(cause, ruling) || cause.gate() != null) {
                remedies.addAll(cause.cause().remedies());
                lowerPh |= cause.cause().id().equals("alkaline-carbonate");
            }
        }
        Facts facts = judgement.facts();
        Plan.Ground ground = new Plan.Ground(
                null,
                first(facts, "laboratory.ph", "ph.topsoil"),
                first(facts, "laboratory.carbonatePercent", "carbonate-fizz.percent"),
                first(facts, "laboratory.esp"),
                first(facts, "dispersion.score"),
                null,
                lowerPh);
        return new Called(List.copyOf(remedies), gates, ground);
    }

    private static boolean serves(Causes.Judged cause, @Nullable Ruling ruling) {
        if (ruling != null) {
            return ruling.word() == Ruling.Word.CONFIRMED;
        }
        return cause.word() == Causes.Word.LIKELY || cause.word() == Causes.Word.POSSIBLE;
    }

    private static @Nullable Double first(Facts facts, String... measures) {
        for (String measure : measures) {
            if (facts.best(measure).isPresent()) {
                return facts.best(measure).get().value();
            }
        }
        return null;
    }

    /** Where and from when it is to be done, and what of it was. */
    record Here(String use, boolean south, int from, List<Advice.Log> log) {
        private @Nullable String doneIn(String remedy) {
            return log.stream()
                    .filter(one -> LogKinds.says(one.kind(), remedy))
                    .max(Comparator.comparingLong(Advice.Log::day))
                    .map(one -> Months.word(Months.of(one.day())))
                    .orElse(null);
        }
    }

    /** Those for land of this use, in an order that holds, each in its months; what a rule strikes out after them. */
    List<Advice.PlanStep> steps(List<Remedy> all, Here here) {
        Map<String, List<Integer>> months = new LinkedHashMap<>();
        List<String> elsewhere = new ArrayList<>();
        for (Remedy one : all) {
            months.put(one.description().id(), one.description().months());
            if (!one.description().isFor(here.use())) {
                elsewhere.add(one.description().id());
            }
        }
        List<String> fitting =
                remedies.stream().filter(one -> !elsewhere.contains(one)).toList();
        Schedule schedule = Schedule.of(fitting, ground, gates, months, here.south(), here.from(), PLANNED_YEARS);
        List<Advice.PlanStep> plan = new ArrayList<>();
        schedule.steps().forEach(one -> plan.add(step(one, here.doneIn(one.remedy()))));
        schedule.struckOut().forEach(one -> plan.add(struck(one)));
        return plan;
    }

    private static Advice.PlanStep step(Schedule.Step step, @Nullable String doneIn) {
        return new Advice.PlanStep(
                step.remedy(),
                step.after().stream()
                        .map(after -> new Advice.PlanAfter(
                                after.remedy(),
                                after.rule().word(),
                                after.rule().text()))
                        .toList(),
                step.with() == null ? null : step.with().word(),
                step.with() == null ? null : step.with().text(),
                null,
                null,
                Months.word(step.from()),
                Months.word(step.to()),
                doneIn);
    }

    private static Advice.PlanStep struck(Schedule.Struck one) {
        return new Advice.PlanStep(
                one.remedy(),
                List.of(),
                null,
                null,
                one.rule().word(),
                one.rule().text(),
                null,
                null,
                null);
    }
}
