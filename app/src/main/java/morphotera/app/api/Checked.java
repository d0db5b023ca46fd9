package morphotera.app.api;

/** A body that knows what is wrong with it beyond the types of its parts. */
public interface Checked {
    void check(Findings findings);
}
