package morphotera.follow;

import java.time.LocalDate;

/**
 * When to look again: 6 to 12 months on a poor patch or after something was done, else 3 to 5 years, always in the month of
 * the visit that is followed, so that season is like season.
 */
public record Retest(LocalDate from, LocalDate to, String why) {

    /**
     * @param poorPatch whether the visit was about a poor patch
     * @param treated whether something was done since
     */
    public static Retest after(LocalDate visit, boolean poorPatch, boolean treated) {
        return poorPatch || treated
                ? new Retest(
                        visit.plusMonths(6),
                        visit.plusMonths(12),
                        treated ? "to see what the treatment did" : "a poor patch is watched closely")
                : new Retest(visit.plusYears(3), visit.plusYears(5), "routine, same season");
    }
}
