package morphotera.app.measure;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.ground.Nullable;
import morphotera.ground.TextureGroup;
import morphotera.measure.Day;
import morphotera.measure.Description;
import morphotera.measure.Entry;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.Method;
import morphotera.measure.Result;
import morphotera.measure.Step;

/** A method as the API tells it: its description, the steps of the usual way, and the other ways of doing it. */
record MethodView(
        String id,
        String name,
        String purpose,
        Group group,
        Grade grade,
        Day day,
        boolean onTheDay,
        boolean judged,
        boolean ofSamples,
        String about,
        List<Description.Gear> gear,
        double waterL,
        List<String> cautions,
        boolean heedFirst,
        List<StepView> steps,
        List<VariantView> variants,
        List<Entry> fields,
        List<Description.Check> checks,
        List<Result> results,
        List<Description.Beside> besides,
        List<ValidDays> validDays,
        List<String> curves,
        String source,
        Map<String, String> words) {

    /** Days after 10 mm of rain or more on which the soil is fit for this method, by texture group; none where the day does not decide. */
    record ValidDays(@Nullable TextureGroup textureGroup, double fromDays, double toDays) {
        static List<ValidDays> all() {
            List<ValidDays> days = new ArrayList<>();
            for (TextureGroup group : TextureGroup.values()) {
                days.add(of(group));
            }
            days.add(of(null));
            return days;
        }

        private static ValidDays of(TextureGroup group) {
            Day.AfterRain days = Day.afterRain(group);
            return new ValidDays(group, days.from(), days.to());
        }
    }

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

    /** {@code expectS} is for the texture group asked for, medium where none was; {@code expectByTexture} has all three. */
    record WaitView(
            int minS,
            int maxS,
            boolean watched,
            Integer expectS,
            @Nullable Step.Expect expectByTexture) {}

    static MethodView of(Method of, TextureGroup textureGroup) {
        Description method = of.description();
        return new MethodView(
                method.id(),
                method.name(),
                method.purpose(),
                method.group(),
                method.grade(),
                method.day(),
                method.day() == Day.MOIST_SOIL,
                method.judged(),
                method.ofSamples(),
                method.about(),
                method.gear(),
                method.waterL(),
                method.cautions(),
                method.heedFirst(),
                steps(method.steps(), textureGroup),
                method.variants().stream()
                        .map(variant ->
                                new VariantView(variant.id(), variant.name(), steps(variant.steps(), textureGroup)))
                        .toList(),
                method.fields(),
                method.checks(),
                method.results(),
                of.besides(),
                method.day() == Day.MOIST_SOIL ? ValidDays.all() : List.of(),
                method.curves(),
                method.source(),
                method.words());
    }

    private static List<StepView> steps(List<Step> steps, TextureGroup textureGroup) {
        return steps.stream().map(step -> step(step, textureGroup)).toList();
    }

    private static StepView step(Step step, TextureGroup textureGroup) {
        return new StepView(
                step.id(),
                step.title(),
                step.how(),
                step.handsOnS(),
                step.pause() == null ? null : wait(step.pause(), textureGroup),
                step.when(),
                step.sharedAs(),
                step.minPeople(),
                step.entry());
    }

    private static WaitView wait(Step.Wait pause, TextureGroup textureGroup) {
        Step.Expect expect = pause.expect();
        return new WaitView(
                pause.minS(), pause.maxS(), pause.watched(), expect == null ? null : expect.in(textureGroup), expect);
    }
}
