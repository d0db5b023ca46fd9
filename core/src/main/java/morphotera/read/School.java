package morphotera.read;

import morphotera.ground.Coded;

/** How the groups make one number is disputed: balanced is their mean, weakest the lowest, tally counts good methods. */
public enum School implements Coded {
    BALANCED,
    WEAKEST,
    TALLY
}
