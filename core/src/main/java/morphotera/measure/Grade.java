package morphotera.measure;

/** Evidence grade: A a published standard with published limits, B a widely used field rule, C a heuristic others dispute. */
public enum Grade {
    A,
    B,
    C
}
