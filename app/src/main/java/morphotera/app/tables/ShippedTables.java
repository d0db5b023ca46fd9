package morphotera.app.tables;

import java.util.Map;

/** The tables of the core as trees: what their files hold. */
public record ShippedTables(Map<String, Object> yardstick, Map<String, Object> causes) {}
