package morphotera.scout;

import java.util.ArrayList;
import java.util.List;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;

/** A set of tests for a question: which, in which way, and where each is done. */
public record Template(
        String id, String name, String question, @Nullable String use, List<Test> tests) {

    /** Where a test is done. */
    public enum Where implements Coded {
        EVERY_SPOT,
        ONCE,
        REFERENCE,
        MIXED
    }

    /** @param variant null: the usual way */
    public record Test(String method, @Nullable String variant, Where where) {}

    /** Texture changes little within a field, and a bag for the laboratory is mixed from all spots. */
    private static final List<String> ONCE = List.of("texture-feel", "texture-jar", "plant-look");

    private static final List<String> MIXED = List.of("laboratory");

    /** Those that ship, one for each question. */
    public static List<Template> shipped() {
        List<Template> all = new ArrayList<>();
        for (Question question : Question.values()) {
            List<Test> tests = new ArrayList<>();
            for (String method : question.methods()) {
                Where where =
                        ONCE.contains(method) ? Where.ONCE : MIXED.contains(method) ? Where.MIXED : Where.EVERY_SPOT;
                tests.add(new Test(method, null, where));
            }
            all.add(new Template(question.word(), question.label(), question.word(), null, tests));
        }
        return all;
    }
}
