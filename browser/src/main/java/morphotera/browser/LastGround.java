package morphotera.browser;

import morphotera.ground.Tree;

/** The ground that was asked about last, read: with every key somebody asks about the same. */
final class LastGround {
    private String text;
    private Bundle bundle;

    /** @throws IllegalArgumentException where it is no JSON */
    Bundle of(String asked) {
        if (!asked.equals(text)) {
            bundle = new Bundle(Tree.of(JsonReader.read(asked)));
            text = asked;
        }
        return bundle;
    }
}
