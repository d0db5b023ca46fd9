package morphotera.app.measure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Json;
import morphotera.app.land.Field;
import morphotera.app.scout.Visit;
import morphotera.app.tables.Yardsticks;
import morphotera.ground.Band;
import morphotera.ground.Coded;
import morphotera.measure.Bench;
import morphotera.measure.Curves;
import morphotera.measure.Description;
import morphotera.measure.Evaluation;
import morphotera.measure.Grade;
import morphotera.measure.Known;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;

/** Computes a reading in the context of its field and day, and turns what came of it into rows and back. */
@Component
class Evaluations {
    private static final TypeReference<Map<String, Object>> OBJECT = new TypeReference<>() {};
    private static final TypeReference<List<Evaluation.Said>> SAID = new TypeReference<>() {};
    private static final TypeReference<List<FlagText>> FLAGS = new TypeReference<>() {};
    private static final TypeReference<Curves.Placed> PLACED = new TypeReference<>() {};

    private final Yardsticks yardsticks;
    private final Json json;

    Evaluations(Yardsticks yardsticks, Json json) {
        this.yardsticks = yardsticks;
        this.json = json;
    }

    private record FlagText(String code, String level, String text) {}

    Evaluation evaluate(Field field, Visit visit, Known known, String method, Map<String, Object> reading) {
        return Bench.evaluate(
                Methods.find(method).orElseThrow(),
                context(field, visit, known),
                reading,
                yardsticks.of(field.school()));
    }

    Evaluation evaluate(Method method, Map<String, Object> context, Map<String, Object> reading) {
        return Bench.evaluate(method, context, reading, yardsticks.of("balanced"));
    }

    private static Map<String, Object> context(Field field, Visit visit, Known known) {
        Map<String, Object> context = new LinkedHashMap<>();
        context.put("use", field.use());
        context.put("texture", field.texture());
        context.put("clayPercent", field.clayPercent());
        context.put("crop", field.crop());
        context.put("purpose", field.purpose());
        context.put("moisture", visit.moisture());
        context.put("soilTemperatureC", visit.soilTemperatureC());
        context.put("daysSinceRain", visit.daysSinceRain());
        context.put("ph", known.ph());
        context.put("ece", known.ece());
        return context;
    }

    ReadingRow row(UUID id, ReadingBody body, UUID by, String rules, Field field, Evaluation done) {
        return new ReadingRow(
                id,
                body.visitId(),
                null,
                body.spotId(),
                body.method(),
                json.write(body.reading()),
                body.takenAt(),
                by,
                null,
                body.device(),
                rules,
                body.corrects(),
                body.correctionReason(),
                null,
                done.grade().name(),
                done.score(),
                json.write(done.words()),
                json.write(done.because()),
                json.write(done.flags()),
                json.write(done.placed()),
                yardsticks.of(field.school()).name(),
                yardsticks.of(field.school()).version());
    }

    List<MeasureRow> measures(UUID readingId, Evaluation done) {
        List<MeasureRow> rows = new ArrayList<>();
        for (Evaluation.Measure measure : done.measures()) {
            rows.add(new MeasureRow(
                    readingId,
                    rows.size(),
                    measure.key(),
                    measure.value(),
                    measure.unit(),
                    measure.depthCm(),
                    measure.index(),
                    measure.plusMinus(),
                    measure.estimated()));
        }
        return rows;
    }

    Reading reading(ReadingRow row, List<MeasureRow> measures) {
        return new Reading(
                row.id(),
                row.visitId(),
                row.visitDay(),
                row.spotId(),
                row.method(),
                entered(row),
                row.takenAt(),
                row.enteredById(),
                row.enteredBy(),
                row.device(),
                row.rulesVersion(),
                row.corrects(),
                row.correctionReason(),
                row.correctedBy(),
                row.yardstick(),
                row.yardstickVersion(),
                evaluation(row, measures));
    }

    Map<String, Object> entered(ReadingRow row) {
        return json.read(row.enteredJson(), OBJECT);
    }

    private Evaluation evaluation(ReadingRow row, List<MeasureRow> measures) {
        Description description = Methods.find(row.method()).orElseThrow().description();
        return new Evaluation(
                row.method(),
                row.grade() == null ? description.grade() : Grade.valueOf(row.grade()),
                description.group(),
                measures.stream()
                        .map(m -> new Evaluation.Measure(
                                m.measureKey(),
                                m.measureValue(),
                                m.unit(),
                                m.depthCm(),
                                m.repeatIndex(),
                                m.plusMinus(),
                                m.estimated()))
                        .toList(),
                json.read(row.wordsJson(), OBJECT),
                row.score(),
                row.score() == null ? null : Band.of(row.score()),
                json.read(row.becauseJson(), SAID),
                json.read(row.flagsJson(), FLAGS).stream()
                        .map(flag -> new Evaluation.Flag(
                                flag.code(), Coded.of(Evaluation.Level.values(), flag.level()), flag.text()))
                        .toList(),
                json.read(row.placedJson(), PLACED));
    }
}
