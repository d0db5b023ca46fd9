package morphotera.app.papers;

import morphotera.ground.Coded;

/** What is kept whole, version by version. */
public enum PaperKind implements Coded {
    PLAN,
    PRICES,
    YARDSTICK,
    RULING,
    TRIAL,
    REPORT,
    TABLE
}
