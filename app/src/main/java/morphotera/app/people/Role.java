package morphotera.app.people;

import morphotera.ground.Coded;

/** An owner also keeps the people; a reader (a grower) sees the holdings named to them and changes nothing. */
public enum Role implements Coded {
    OWNER,
    ADVISER,
    READER
}
