package morphotera.app.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.api.Json;
import morphotera.app.land.Field;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.tables.Yardsticks;
import morphotera.ground.Band;
import morphotera.ground.Coded;
import morphotera.ground.DepthClass;
import morphotera.ground.Nullable;
import morphotera.measure.Bench;
import morphotera.measure.Cell;
import morphotera.measure.Curves;
import morphotera.measure.Description;
import morphotera.measure.Evaluation;
import morphotera.measure.Grade;
import morphotera.measure.Known;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;

/** Computes a reading in the context of its spot and day, and turns what came of it into rows and back. */
@Component
class Evaluations {
    /** Says by which rules a result was computed. */
    private static final TypeReference<Map<String, Object>> OBJECT = new TypeReference<>() {};

    private static final TypeReference<List<Evaluation.Reason>> REASONS = new TypeReference<>() {};
    private static final TypeReference<List<String>> KEYS = new TypeReference<>() {};
    private static final TypeReference<List<FlagText>> FLAGS = new TypeReference<>() {};
    private static final TypeReference<Curves.Placed> PLACED = new TypeReference<>() {};

    private final Yardsticks yardsticks;
    private final Json json;

    Evaluations(Yardsticks yardsticks, Json json) {
        this.yardsticks = yardsticks;
        this.json = json;
    }

    private record FlagText(String code, String level, String text) {}

    /** The yardstick a field is scored with now. */
    Yardsticks.Used used(Viewer viewer, Field field) {
        return yardsticks.of(viewer, field.yardstickId(), field.school());
    }

    /** The one a reading was scored with; it keeps it whatever its field names since. */
    Yardsticks.Used used(Viewer viewer, Field field, Reading reading) {
        return yardsticks.version(viewer, reading.yardstickId(), reading.yardstickVersion(), field.school());
    }

    static Evaluation evaluate(
            Yardsticks.Used used, String method, Map<String, Object> context, Map<String, Object> reading) {
        return Bench.evaluate(Methods.find(method).orElseThrow(), context, reading, used.yardstick());
    }

    Evaluation evaluate(Method method, Map<String, Object> context, Map<String, Object> reading) {
        return Bench.evaluate(method, context, reading, yardsticks.shipped("balanced"));
    }

    /** What is known of a spot or a sample on its day. */
    static Map<String, Object> context(Field field, UUID placeId, Visit visit, Known known) {
        return field.site().context(placeId.toString(), visit.on(field), known);
    }

    /** Whether a result was computed with just this; one of before contexts were kept was not. */
    boolean isOf(Reading reading, Map<String, Object> context) {
        return Objects.equals(reading.context(), json.read(json.write(context), OBJECT));
    }

    ResultRow result(
            UUID readingId,
            Field field,
            @Nullable UUID spotId,
            Yardsticks.Used used,
            Map<String, Object> context,
            Evaluation done) {
        return new ResultRow(
                readingId,
                field.id(),
                spotId,
                done.method(),
                Bench.RULES,
                json.write(context),
                done.grade().name(),
                done.score(),
                done.band() == null ? null : done.band().word(),
                json.write(done.words()),
                json.write(done.because()),
                json.write(done.flags()),
                json.write(done.hollow()),
                json.write(done.placed()),
                used.yardstick().name(),
                used.yardstick().version(),
                used.id());
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
        return reading(row, measures, json);
    }

    List<Reading> readings(List<ReadingRow> rows, List<MeasureRow> measures) {
        Map<UUID, List<MeasureRow>> byReading = measures.stream().collect(Collectors.groupingBy(MeasureRow::readingId));
        Json once = json.remembering();
        return rows.stream()
                .map(row -> reading(row, byReading.getOrDefault(row.id(), List.of()), once))
                .toList();
    }

    private static Reading reading(ReadingRow row, List<MeasureRow> measures, Json json) {
        Map<String, Object> entered = json.read(row.enteredJson(), OBJECT);
        Cell cell = cell(row, entered);
        DepthClass depth = cell.depthClass();
        return new Reading(
                row.id(),
                row.visitId(),
                row.visitDay(),
                row.spotId(),
                row.method(),
                row.variant(),
                row.repeatNumber(),
                depth == null ? null : depth.word(),
                cell.key(),
                entered,
                row.note(),
                row.sampleId(),
                row.takenAt(),
                row.enteredById(),
                row.enteredBy(),
                row.device(),
                row.rulesVersion(),
                row.contextJson() == null ? null : json.read(row.contextJson(), OBJECT),
                row.corrects(),
                row.correctionReason(),
                row.correctedBy(),
                row.setAsideReason(),
                row.yardstick(),
                row.yardstickVersion(),
                row.yardstickId(),
                evaluation(row, measures, json),
                row.visitRevision(),
                List.of());
    }

    Map<String, Object> entered(ReadingRow row) {
        return json.read(row.enteredJson(), OBJECT);
    }

    static Cell cell(ReadingRow row, Map<String, Object> entered) {
        Description method = Methods.find(row.method()).orElseThrow().description();
        return Cell.of(method, row.variant(), row.repeatNumber(), entered);
    }

    private static Evaluation evaluation(ReadingRow row, List<MeasureRow> measures, Json json) {
        Description description = Methods.find(row.method()).orElseThrow().description();
        List<Evaluation.Flag> flags = json.read(row.flagsJson(), FLAGS).stream()
                .map(flag -> new Evaluation.Flag(
                        flag.code(), Coded.of(Evaluation.Level.values(), flag.level()), flag.text()))
                .toList();
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
                json.read(row.becauseJson(), REASONS),
                flags,
                json.read(row.placedJson(), PLACED),
                row.hollowJson() == null ? Evaluation.hollow(description, flags) : json.read(row.hollowJson(), KEYS));
    }
}
