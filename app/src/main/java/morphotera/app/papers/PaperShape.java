package morphotera.app.papers;

/** What a kind of paper is written as: whoever keeps it says so, and what comes in is held against it. */
public record PaperShape(PaperKind kind, Class<?> type) {}
