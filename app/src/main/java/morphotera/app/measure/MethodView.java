package morphotera.app.measure;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Map;
import morphotera.ground.Nullable;
import morphotera.measure.Description;
import morphotera.measure.Field;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.Step;

/** A method as the API tells it: its description, the steps of the usual way, and the other ways of doing it. */
record MethodView(
        String id,
        String name,
        String purpose,
        Group group,
        Grade grade,
        boolean onTheDay,
        boolean judged,
        String about,
        List<Description.Gear> gear,
        List<String> cautions,
        List<StepView> steps,
        List<VariantView> variants,
        List<Field> fields,
        List<Description.Check> checks,
        List<Description.Result> results,
        String source,
        Map<String, String> words) {

    record VariantView(String id, String name, List<StepView> steps) {}

    /** {@code wait} (no name for a part of a record in Java) lies between the end of this step and the start of the next one of the same method at the same spot. */
    record StepView(
            String id,
            String title,
            String how,
            int handsOnS,
            @JsonProperty("wait") @Nullable WaitView pause,
            Step.When when,
            @Nullable String sharedAs,
            int minPeople,
            List<String> entry) {}

    record WaitView(int minS, int maxS, boolean watched, Integer expectS) {}

    static MethodView of(Description method) {
        return new MethodView(
                method.id(),
                method.name(),
                method.purpose(),
                method.group(),
                method.grade(),
                method.onTheDay(),
                method.judged(),
                method.about(),
                method.gear(),
                method.cautions(),
                method.steps().stream().map(MethodView::step).toList(),
                method.variants().stream()
                        .map(variant -> new VariantView(
                                variant.id(),
                                variant.name(),
                                variant.steps().stream().map(MethodView::step).toList()))
                        .toList(),
                method.fields(),
                method.checks(),
                method.results(),
                method.source(),
                method.words());
    }

    private static StepView step(Step step) {
        Step.Wait pause = step.pause();
        return new StepView(
                step.id(),
                step.title(),
                step.how(),
                step.handsOnS(),
                pause == null ? null : new WaitView(pause.minS(), pause.maxS(), pause.watched(), pause.expectS()),
                step.when(),
                step.sharedAs(),
                step.minPeople(),
                step.entry());
    }
}
