package morphotera.ground;

/** One thing wrong with what was entered: where (a JSON pointer), a stable code, and words that say what to do. */
public record Refusal(String path, String code, String text) {}
