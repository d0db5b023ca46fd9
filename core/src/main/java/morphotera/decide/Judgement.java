package morphotera.decide;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.ground.Nullable;
import morphotera.measure.Method;
import morphotera.measure.Step;
import morphotera.measure.Taken;
import morphotera.measure.methods.Methods;
import morphotera.read.FieldScores;
import morphotera.read.MethodScore;
import morphotera.read.School;

/**
 * What the evidence of a zone says in one visit: the causes, what would turn each round, what to test next, what could not
 * speak, and what to ask first.
 *
 * @param shared findings that the good patch of the same visit has as well
 * @param turns by cause id, where one finding would change its word
 */
public record Judgement(
        Facts facts,
        Map<String, Facts.Answer> answers,
        Set<String> shared,
        List<Causes.Judged> causes,
        Map<String, NextTests.Turn> turns,
        List<NextTests.Offer> nextTests,
        List<Facts.Blocked> blocked,
        List<CrossChecks.Question> questions) {

    /**
     * A zone as it is judged.
     *
     * @param readings of all visits, those that stand
     * @param ticks what eyes saw or looked for in vain, in the judged visit
     */
    public record Zone(List<Taken> readings, Map<String, Boolean> ticks) {}

    /**
     * @param visit the judged visit's id
     * @param asked for whom and when; its balance is found here
     * @param good the good or reference zone that a poor one is held against; null where there is none
     */
    public static Judgement of(
            CauseTable table,
            Causes.Setting setting,
            School school,
            String visit,
            Facts.Asked asked,
            Zone zone,
            @Nullable Zone good) {
        List<Taken> spoken =
                zone.readings().stream().filter(one -> one.day() <= asked.day()).toList();
        Facts facts = new Facts(asked.with(balance(spoken, school, asked.crop())), spoken, zone.ticks());
        Map<String, Facts.Answer> answers = facts.answers(table);
        List<Taken> here = of(visit, spoken);
        Set<String> shared = good == null ? Set.of() : shared(table, visit, asked, answers, here, good);
        Map<String, Seen> seen = GoodPatch.seen(answers, shared);
        List<Causes.Judged> causes = Causes.judge(table, setting, seen);
        return new Judgement(
                facts,
                answers,
                shared,
                causes,
                turns(table, setting, seen, causes, answers),
                NextTests.best(table, setting, seen, minutes(here)),
                facts.blocked(table),
                CrossChecks.of(here));
    }

    private static Set<String> shared(
            CauseTable table,
            String visit,
            Facts.Asked asked,
            Map<String, Facts.Answer> answers,
            List<Taken> here,
            Zone good) {
        List<Taken> there = of(visit, good.readings());
        Map<String, Facts.Answer> goodAnswers = new Facts(asked, there, good.ticks()).answers(table);
        return GoodPatch.shared(answers, goodAnswers, means(here, asked.crop()), means(there, asked.crop()));
    }

    private static List<Taken> of(String visit, List<Taken> readings) {
        return readings.stream().filter(one -> one.visit().equals(visit)).toList();
    }

    private static Map<String, Double> means(List<Taken> readings, @Nullable String crop) {
        Map<String, Double> means = new LinkedHashMap<>();
        for (MethodScore score : FieldScores.of(readings, School.BALANCED, crop).methods()) {
            if (!score.hollow()) {
                means.putIfAbsent(score.method(), score.mean());
            }
        }
        return means;
    }

    /** Soil less plants in the newest visit that has enough of both to say it. */
    private static Facts.Balance balance(List<Taken> spoken, School school, @Nullable String crop) {
        Map<String, List<Taken>> byVisit = new LinkedHashMap<>();
        spoken.stream()
                .sorted(Comparator.comparingLong(Taken::day).reversed())
                .forEach(one -> byVisit.computeIfAbsent(one.visit(), key -> new ArrayList<>())
                        .add(one));
        for (List<Taken> ofVisit : byVisit.values()) {
            FieldScores scores = FieldScores.of(ofVisit, school, crop);
            if (scores.balance() != null) {
                return new Facts.Balance(scores.difference(), scores.plants());
            }
        }
        return null;
    }

    private static Map<String, NextTests.Turn> turns(
            CauseTable table,
            Causes.Setting setting,
            Map<String, Seen> seen,
            List<Causes.Judged> causes,
            Map<String, Facts.Answer> answers) {
        Set<String> inDoubt = new LinkedHashSet<>();
        answers.forEach((finding, answer) -> {
            if (answer.half()) {
                inDoubt.add(finding);
            }
        });
        Map<String, NextTests.Turn> turns = new LinkedHashMap<>();
        for (Causes.Judged judged : causes) {
            NextTests.Turn turn = NextTests.turn(table, judged, setting, seen, inDoubt);
            if (turn != null) {
                turns.put(judged.cause().id(), turn);
            }
        }
        return turns;
    }

    /** Hands-on minutes of each method, without the block or auger hole that stands open already. */
    public static Map<String, Double> minutes(List<Taken> done) {
        Set<String> shared = new LinkedHashSet<>();
        for (Taken taken : done) {
            for (Step step : Methods.find(taken.evaluation().method())
                    .orElseThrow()
                    .description()
                    .steps()) {
                if (step.sharedAs() != null) {
                    shared.add(step.sharedAs());
                }
            }
        }
        Map<String, Double> minutes = new LinkedHashMap<>();
        for (Method method : Methods.ALL) {
            minutes.put(method.id(), method.description().handsOnMinutes(shared));
        }
        return minutes;
    }
}
