package morphotera.measure;

import java.util.List;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.ground.TextureGroup;

/**
 * One step of a method at one spot. {@code pause} lies between the end of this step and the start of the next one;
 * {@code entry} names the fields filled in during the step.
 */
public record Step(
        String id,
        String title,
        String how,
        int handsOnS,
        @Nullable Wait pause,
        When when,
        @Nullable String sharedAs,
        int minPeople,
        List<String> entry) {

    /** Seconds to wait, earliest and latest; watched: the person stays. {@code expect}: the wait to plan with where the ground decides. */
    public record Wait(
            int minS, int maxS, boolean watched, @Nullable Expect expect) {}

    /** Seconds to plan with in coarse, medium and fine ground. */
    public record Expect(int coarseS, int mediumS, int fineS) {
        public int in(TextureGroup group) {
            return switch (group) {
                case COARSE -> coarseS;
                case MEDIUM -> mediumS;
                case FINE -> fineS;
            };
        }
    }

    /** The day before, in the field, or later at home. */
    public enum When implements Coded {
        DAY_BEFORE,
        FIELD,
        LATER
    }

    public static Step field(String id, String title, String how, int handsOnS) {
        return new Step(id, title, how, handsOnS, null, When.FIELD, null, 1, List.of());
    }

    public static Step dayBefore(String id, String title, String how, int handsOnS) {
        return new Step(id, title, how, handsOnS, null, When.DAY_BEFORE, null, 1, List.of());
    }

    /** The block all block methods share. */
    public static Step block() {
        return field(
                        "block",
                        "Cut the block on three sides",
                        "20 cm square and a spade deep. Lever it out so that the fourth side breaks by itself.",
                        210)
                .shared("block");
    }

    /** The auger hole all auger methods share. */
    public static Step auger() {
        return field("auger", "Take soil from both depths", "Keep 0 to 10 cm and what lies below it apart.", 90)
                .shared("auger");
    }

    public Step waits(int minS, int maxS) {
        return new Step(id, title, how, handsOnS, new Wait(minS, maxS, false, null), when, sharedAs, minPeople, entry);
    }

    public Step watched(int minS, int maxS) {
        return new Step(id, title, how, handsOnS, new Wait(minS, maxS, true, null), when, sharedAs, minPeople, entry);
    }

    /** The wait after it is planned with, by texture group, where the ground decides how long it is. */
    public Step expect(int coarseS, int mediumS, int fineS) {
        Wait wait = new Wait(pause.minS(), pause.maxS(), pause.watched(), new Expect(coarseS, mediumS, fineS));
        return new Step(id, title, how, handsOnS, wait, when, sharedAs, minPeople, entry);
    }

    /** Never alone. */
    public Step byTwo() {
        return new Step(id, title, how, handsOnS, pause, when, sharedAs, 2, entry);
    }

    public Step later() {
        return new Step(id, title, how, handsOnS, pause, When.LATER, sharedAs, minPeople, entry);
    }

    public Step enters(String... keys) {
        return new Step(id, title, how, handsOnS, pause, when, sharedAs, minPeople, List.of(keys));
    }

    private Step shared(String name) {
        return new Step(id, title, how, handsOnS, pause, when, name, minPeople, entry);
    }

    public static Step putBack() {
        return field("put-back", "Put the block back", "Green side up, and tread it in.", 60)
                .shared("put-back");
    }
}
