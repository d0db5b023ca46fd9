package morphotera.decide;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;
import morphotera.ground.Once;

/**
 * What the spots of a zone say together of one finding: true where at least half of those that looked say yes, false where one
 * fifth or fewer do, between them patchy.
 *
 * @param half whether it would not be so without the readings whose error reaches the limit
 * @param agreed whether four fifths say the same
 * @param gate whether it is true for a gate, where a card near the limit is enough
 * @param spots those that say yes
 * @param day of the newest reading it rests on
 */
record Verdict(
        State state,
        boolean half,
        boolean agreed,
        boolean gate,
        int yes,
        int of,
        List<String> spots,
        List<String> readings,
        @Nullable String measure,
        @Nullable Double number,
        @Nullable String unit,
        long day) {

    enum State {
        TRUE,
        FALSE,
        PATCHY,
        UNKNOWN
    }

    static final Verdict UNKNOWN = new Verdict(
            State.UNKNOWN, false, false, false, 0, 0, List.of(), List.of(), null, null, null, Long.MIN_VALUE);

    /**
     * What one spot says.
     *
     * @param yes null where it is too near the limit to say
     * @param sure whether its error does not reach the limit
     * @param gate whether it is true for a gate
     */
    record Says(@Nullable Boolean yes, boolean sure, boolean gate, String measure, SpotValues.AtSpot at) {}

    boolean isKnown() {
        return state != State.UNKNOWN;
    }

    /** Something that rests on no spot: a tick, a mean, soil beside plants. */
    static Verdict plainly(
            boolean value,
            List<String> readings,
            @Nullable String measure,
            @Nullable Double number,
            @Nullable String unit,
            long day) {
        return new Verdict(
                value ? State.TRUE : State.FALSE,
                false,
                true,
                value,
                0,
                0,
                List.of(),
                readings,
                measure,
                number,
                unit,
                day);
    }

    static Verdict of(Map<String, Says> bySpot, boolean byQuarter) {
        List<Says> looked = new ArrayList<>();
        int gates = 0;
        for (Says says : bySpot.values()) {
            if (says.yes() != null) {
                looked.add(says);
            }
            gates += says.gate() ? 1 : 0;
        }
        boolean gate = gates > 0 && gates * 2 >= bySpot.size();
        if (looked.isEmpty()) {
            return gate
                    ? new Verdict(
                            State.UNKNOWN,
                            false,
                            false,
                            true,
                            0,
                            0,
                            List.of(),
                            List.of(),
                            null,
                            null,
                            null,
                            Long.MIN_VALUE)
                    : UNKNOWN;
        }
        List<Says> sure = looked.stream().filter(Says::sure).toList();
        int yes = count(looked);
        State state = state(yes, looked.size(), byQuarter);
        List<Double> numbers = looked.stream()
                .map(says -> says.at().number())
                .filter(Objects::nonNull)
                .toList();
        return new Verdict(
                state,
                sure.isEmpty() || state(count(sure), sure.size(), byQuarter) != state,
                agreed(state, yes, looked.size(), byQuarter),
                gate,
                yes,
                looked.size(),
                looked.stream().filter(Says::yes).map(says -> says.at().spot()).toList(),
                Once.of(looked.stream().flatMap(says -> says.at().readings().stream())),
                looked.get(0).measure(),
                numbers.isEmpty() ? null : Numbers.mean(numbers),
                looked.get(0).at().unit(),
                looked.stream().mapToLong(says -> says.at().day()).max().getAsLong());
    }

    private static int count(List<Says> says) {
        return (int) says.stream().filter(Says::yes).count();
    }

    private static State state(int yes, int of, boolean byQuarter) {
        if (byQuarter) {
            // A quarter of the spots, two at least, or the one there is; salt at fewer is named as a spot.
            boolean enough = yes * 4 >= of && yes >= Math.min(2, of);
            return yes > 0 && enough ? State.TRUE : yes > 0 ? State.PATCHY : State.FALSE;
        }
        return yes * 2 >= of ? State.TRUE : yes * 5 <= of ? State.FALSE : State.PATCHY;
    }

    private static boolean agreed(State state, int yes, int of, boolean byQuarter) {
        return switch (state) {
            case TRUE -> byQuarter || yes * 5 >= of * 4;
            case FALSE -> (of - yes) * 5 >= of * 4;
            case PATCHY, UNKNOWN -> false;
        };
    }

    /** One true part settles it; else one that is patchy leaves it so; false where one at least is known and none is true. */
    static Verdict any(List<Verdict> parts) {
        return strongest(parts, State.TRUE, State.PATCHY, State.FALSE);
    }

    /** One false part settles it; true only where all are known and true. */
    static Verdict all(List<Verdict> parts) {
        boolean allKnown = parts.stream().allMatch(Verdict::isKnown);
        Verdict least = strongest(parts, State.FALSE, State.PATCHY, State.TRUE);
        return least.state() == State.TRUE && !allKnown ? UNKNOWN : least;
    }

    private static Verdict strongest(List<Verdict> parts, State... order) {
        for (State state : order) {
            List<Verdict> such =
                    parts.stream().filter(part -> part.state() == state).toList();
            if (!such.isEmpty()) {
                // A part that counts whole speaks before one that counts half.
                Verdict first =
                        such.stream().filter(part -> !part.half()).findFirst().orElse(such.get(0));
                return first.with(such);
            }
        }
        return UNKNOWN;
    }

    private Verdict with(List<Verdict> such) {
        return new Verdict(
                state,
                half,
                agreed,
                such.stream().anyMatch(Verdict::gate),
                yes,
                of,
                spots,
                Once.of(such.stream().flatMap(part -> part.readings().stream())),
                measure,
                number,
                unit,
                such.stream().mapToLong(Verdict::day).max().orElse(day));
    }

    /**
     * The better way first: it speaks where it is of the newest visit or of the year before it; else the newer.
     *
     * @param parts the better first
     */
    static Verdict first(List<Verdict> parts, long withinDays) {
        List<Verdict> known = parts.stream().filter(Verdict::isKnown).toList();
        boolean gate = parts.stream().anyMatch(Verdict::gate) && known.stream().noneMatch(part -> !part.gate());
        long newest = known.stream().mapToLong(Verdict::day).max().orElse(0);
        Verdict speaks = known.stream()
                .filter(part -> newest - part.day() <= withinDays)
                .findFirst()
                .orElse(UNKNOWN);
        return gate == speaks.gate()
                ? speaks
                : new Verdict(
                        speaks.state,
                        speaks.half,
                        speaks.agreed,
                        gate,
                        speaks.yes,
                        speaks.of,
                        speaks.spots,
                        speaks.readings,
                        speaks.measure,
                        speaks.number,
                        speaks.unit,
                        speaks.day);
    }

    /** Spot by spot: yes by one yes, no by one no where nothing says yes. */
    static Map<String, Says> anyBySpot(List<Map<String, Says>> parts) {
        return bySpot(parts, true);
    }

    /** Spot by spot: no by one no, yes only where all parts say yes. */
    static Map<String, Says> allBySpot(List<Map<String, Says>> parts) {
        return bySpot(parts, false);
    }

    private static Map<String, Says> bySpot(List<Map<String, Says>> parts, boolean settles) {
        Map<String, List<Says>> said = new LinkedHashMap<>();
        parts.forEach(part -> part.forEach((spot, says) ->
                said.computeIfAbsent(spot, key -> new ArrayList<>()).add(says)));
        Map<String, Says> bySpot = new LinkedHashMap<>();
        said.forEach((spot, all) -> {
            Says settled = pick(all, settles);
            Says other = pick(all, !settles);
            boolean complete =
                    settles || all.stream().filter(says -> says.yes() != null).count() == parts.size();
            if (settled != null) {
                bySpot.put(spot, settled);
            } else if (other != null && complete) {
                bySpot.put(spot, other);
            } else {
                Says gate = all.stream().filter(Says::gate).findFirst().orElse(null);
                if (gate != null) {
                    bySpot.put(spot, gate);
                }
            }
        });
        return bySpot;
    }

    /** A sure one before one in doubt; null where none says so. */
    private static @Nullable Says pick(List<Says> all, boolean yes) {
        Says picked = null;
        for (Says says : all) {
            if (says.yes() != null && says.yes() == yes && (picked == null || (says.sure() && !picked.sure()))) {
                picked = says;
            }
        }
        return picked;
    }
}
