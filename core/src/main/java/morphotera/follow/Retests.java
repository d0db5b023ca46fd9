package morphotera.follow;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import morphotera.ground.Coded;
import morphotera.measure.Group;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;

/**
 * When each zone's tests are due again, always in the months of its first visit, so that season is like season: after something was
 * done, not before it can show; else by routine.
 */
public final class Retests {
    private static final int MONTHS_AROUND = 1;
    private static final int MONTHS_USUAL = 6;
    private static final int MONTHS_STRUCTURE = 24;
    private static final int MONTHS_CARBON = 60;
    private static final int DAYS_BEFORE_SOWING = 60;
    private static final int DAYS_TO_ANSWER = 14;
    private static final int YEARS_ROUTINE = 3;
    private static final int YEARS_WHERE_ALL_HOLDS = 5;

    /** What is not done to the ground itself waits for nothing. */
    private static final Set<String> NO_TREATMENT = Set.of("sowing", "other");

    public enum Why implements Coded {
        ROUTINE,
        UNDER_TREATMENT,
        LABORATORY,
        FORECAST_MISSED,
        TRIAL
    }

    /** A visit that is done, with what was read of the zone. */
    public record Read(LocalDate day, Set<String> methods) {}

    /** Something that was done to the zone or the whole field. */
    public record Act(LocalDate day, String kind) {}

    /**
     * Tests that are due together.
     *
     * @param due the first day in the season that may be; {@code from} to {@code to} is that season
     */
    public record Due(Why why, LocalDate due, LocalDate from, LocalDate to, List<String> methods) {}

    private Retests() {}

    /**
     * @param reads of a zone, oldest first
     * @param allHolds whether every group of the zone holds or thrives
     */
    public static List<Due> of(List<Read> reads, List<Act> log, boolean allHolds) {
        if (reads.isEmpty()) {
            return List.of();
        }
        LocalDate season = reads.get(0).day();
        Read last = reads.get(reads.size() - 1);
        LocalDate treated = log.stream()
                .filter(act -> !act.day().isBefore(last.day()) && !NO_TREATMENT.contains(act.kind()))
                .map(Act::day)
                .max(LocalDate::compareTo)
                .orElse(null);
        Set<String> all = new LinkedHashSet<>();
        reads.forEach(read -> all.addAll(read.methods()));
        if (treated == null) {
            LocalDate earliest = last.day()
                    .plusYears(allHolds ? YEARS_WHERE_ALL_HOLDS : YEARS_ROUTINE)
                    .minusMonths(MONTHS_AROUND);
            return List.of(due(Why.ROUTINE, earliest, season, List.copyOf(all)));
        }
        return whenItShows(Why.UNDER_TREATMENT, treated, season, all);
    }

    /**
     * Strips of a trial are read again when the treatment can show; once they were, that season every year until the trial is ended.
     *
     * @param reads of a strip, oldest first
     */
    public static List<Due> ofTrial(List<Read> reads, LocalDate begun) {
        Read last = reads.get(reads.size() - 1);
        Set<String> all = new LinkedHashSet<>();
        reads.forEach(read -> all.addAll(read.methods()));
        LocalDate season = reads.get(0).day();
        return last.day().isBefore(begun)
                ? whenItShows(Why.TRIAL, begun, season, all)
                : List.of(due(Why.TRIAL, last.day().plusMonths(MONTHS_USUAL), season, List.copyOf(all)));
    }

    private static List<Due> whenItShows(Why why, LocalDate done, LocalDate season, Set<String> all) {
        Map<Integer, List<String>> byMonths = new TreeMap<>();
        for (String method : all) {
            byMonths.computeIfAbsent(months(method), months -> new ArrayList<>())
                    .add(method);
        }
        List<Due> due = new ArrayList<>();
        byMonths.forEach((months, methods) -> due.add(due(why, done.plusMonths(months), season, List.copyOf(methods))));
        return due;
    }

    /** A forecast that was missed is looked at again in the next season that lies half a year on, by the method it is read by. */
    public static Due afterMiss(LocalDate firstRead, LocalDate missedOn, String method) {
        return due(Why.FORECAST_MISSED, missedOn.plusMonths(MONTHS_USUAL), firstRead, List.of(method));
    }

    /** A laboratory is asked again before the next main sowing, early enough that its answer can still be acted on. */
    public static Due beforeSowing(LocalDate lastSown) {
        LocalDate next = lastSown.plusYears(1);
        LocalDate from = next.minusDays(DAYS_BEFORE_SOWING);
        return new Due(Why.LABORATORY, from, from, next.minusDays(DAYS_TO_ANSWER), List.of("laboratory"));
    }

    /** How long it takes until a treatment can show in what a method reads. */
    private static int months(String method) {
        Group group = Methods.find(method)
                .map(Method::description)
                .map(one -> one.group())
                .orElse(Group.CONTEXT);
        if (group == Group.CARBON) {
            return MONTHS_CARBON;
        }
        return group == Group.STRUCTURE || method.equals("earthworms") ? MONTHS_STRUCTURE : MONTHS_USUAL;
    }

    /** The first day not before the earliest that lies a month at most from the first visit's day of the year. */
    private static Due due(Why why, LocalDate earliest, LocalDate season, List<String> methods) {
        int year = earliest.getYear() - 1;
        while (true) {
            LocalDate middle = season.plusYears((long) year - season.getYear());
            LocalDate from = middle.minusMonths(MONTHS_AROUND);
            LocalDate to = middle.plusMonths(MONTHS_AROUND);
            if (!to.isBefore(earliest)) {
                return new Due(why, earliest.isAfter(from) ? earliest : from, from, to, methods);
            }
            year++;
        }
    }
}
