package morphotera.app.season;

import java.time.LocalDate;
import java.util.UUID;

/**
 * How a field stands, as stored.
 *
 * @param changes counts what was saved of the field; computed for as many as {@code computedAt}
 * @param needsOn when it needs somebody: now where a visit runs, the day of a plan, the first day to look again
 * @param standingsJson how it stood year by year; {@code dueJson} when its zones are read again
 */
public record SummaryRow(
        UUID fieldId,
        long changes,
        long computedAt,
        LocalDate needsOn,
        UUID scoredVisitId,
        Double score,
        boolean provisional,
        String standingsJson,
        String dueJson) {}
