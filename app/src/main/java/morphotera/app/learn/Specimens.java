package morphotera.app.learn;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Json;
import morphotera.app.api.NotFound;
import morphotera.app.people.Viewer;
import morphotera.app.tables.Yardsticks;
import morphotera.follow.Change;
import morphotera.follow.Practised.Skill;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import morphotera.measure.Bench;
import morphotera.measure.Evaluation;
import morphotera.measure.methods.Methods;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** Practice on drawn specimens whose answer is known: each person's error by method, which every later comparison uses. */
@Service
public class Specimens {
    private static final TypeReference<Map<String, Object>> READING = new TypeReference<>() {};
    private static final int MOST = 100_000;
    private static final int MOST_SAID = 4000;

    private final SpecimenMapper answers;
    private final Yardsticks yardsticks;
    private final Json json;
    private final Clock clock;

    Specimens(SpecimenMapper answers, Yardsticks yardsticks, Json json, Clock clock) {
        this.answers = answers;
        this.yardsticks = yardsticks;
        this.json = json;
        this.clock = clock;
    }

    /** @param error points of the score: above zero, judged too kindly */
    public record Answer(
            String method,
            int number,
            Map<String, Object> said,
            Map<String, Object> truth,
            double score,
            double trueScore,
            double error) {}

    /**
     * @param next the number of the first specimen not judged yet
     * @param errors in the order of the numbers, points
     * @param skill null while there are too few to tell
     * @param toGo how many more until it is one
     * @param usual what comparisons of two people's visits go by until then
     */
    record OfMethod(
            String method,
            int next,
            List<Double> errors,
            @Nullable Skill skill,
            int toGo,
            Change.Observers usual) {}

    List<OfMethod> mine(Viewer viewer) {
        Map<String, List<SpecimenMapper.Row>> byMethod = byMethod(answers.of(viewer, List.of(viewer.personId())));
        return Specimen.METHODS.stream()
                .map(method -> {
                    List<SpecimenMapper.Row> all = byMethod.getOrDefault(method, List.of());
                    List<Double> errors =
                            all.stream().map(SpecimenMapper.Row::error).toList();
                    int next = all.isEmpty() ? 1 : all.get(all.size() - 1).number() + 1;
                    boolean judged =
                            Methods.find(method).orElseThrow().description().judged();
                    return new OfMethod(
                            method,
                            next,
                            errors,
                            Skill.of(errors),
                            Math.max(0, Skill.FEWEST - errors.size()),
                            Change.Observers.usual(judged, false));
                })
                .toList();
    }

    private static Map<String, List<SpecimenMapper.Row>> byMethod(List<SpecimenMapper.Row> rows) {
        Map<String, List<SpecimenMapper.Row>> by = new LinkedHashMap<>();
        rows.forEach(row ->
                by.computeIfAbsent(row.method(), method -> new ArrayList<>()).add(row));
        return by;
    }

    /** How well these people judge, by method; nothing of those who practised too little. */
    public Map<UUID, Map<String, Skill>> skills(Viewer viewer, Collection<UUID> people) {
        Map<UUID, Map<String, Skill>> skills = new LinkedHashMap<>();
        if (people.isEmpty()) {
            return skills;
        }
        Map<UUID, List<SpecimenMapper.Row>> byPerson = new LinkedHashMap<>();
        answers.of(viewer, people)
                .forEach(row -> byPerson.computeIfAbsent(row.personId(), person -> new ArrayList<>())
                        .add(row));
        byPerson.forEach((person, rows) -> byMethod(rows).forEach((method, all) -> {
            Skill skill = Skill.of(all.stream().map(SpecimenMapper.Row::error).toList());
            if (skill != null) {
                skills.computeIfAbsent(person, one -> new LinkedHashMap<>()).put(method, skill);
            }
        }));
        return skills;
    }

    Specimen specimen(String method, int number) {
        if (!Specimen.METHODS.contains(method) || number < 1 || number > MOST) {
            throw new NotFound("specimen", method + " " + number);
        }
        return Specimen.of(method, number);
    }

    /** What a faultless eye would enter. */
    public Map<String, Object> truth(String method, int number) {
        return specimen(method, number).truth();
    }

    /** Judged once: the first answer to a number stands, whatever is said later. */
    @Transactional
    public Answer answer(Viewer viewer, String method, int number, Map<String, Object> said) {
        Specimen specimen = specimen(method, number);
        double score = score(method, said);
        double trueScore = score(method, specimen.truth());
        String saidJson = json.write(said);
        if (saidJson.length() > MOST_SAID) {
            throw new Refused(List.of(new Refusal(
                    "/reading", "too-long", "So much is not to be seen on a specimen: judge what is asked.")));
        }
        answers.add(
                viewer,
                new SpecimenMapper.Row(viewer.personId(), method, number, clock.instant(), saidJson, score, trueScore));
        SpecimenMapper.Row stands = answers.of(viewer, List.of(viewer.personId())).stream()
                .filter(row -> row.method().equals(method) && row.number() == number)
                .findFirst()
                .orElseThrow();
        return new Answer(
                method,
                number,
                json.read(stands.saidJson(), READING),
                specimen.truth(),
                stands.score(),
                stands.trueScore(),
                stands.error());
    }

    /** On the curves that ship, with nothing known of the ground: what is tried is the eye. */
    private double score(String method, Map<String, Object> reading) {
        Evaluation done = Bench.evaluate(
                Methods.find(method).orElseThrow(), Map.of("use", "arable"), reading, yardsticks.shipped("balanced"));
        return done.score();
    }
}
