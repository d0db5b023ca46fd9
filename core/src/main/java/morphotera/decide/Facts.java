package morphotera.decide;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import morphotera.ground.Decimal;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;
import morphotera.ground.Once;
import morphotera.measure.Evaluation;
import morphotera.measure.SaltTable;
import morphotera.measure.Taken;

/**
 * From the readings of a zone to findings: each true, false, patchy, or not looked at (missing). Each spot judges by itself
 * from its best value; what a warning touches is no evidence.
 */
public final class Facts {
    static final String BALANCE = "balance.difference";
    private static final double PLANTS_WELL_FROM = 50;

    /** A plus or minus is taken to hold nine of ten, so it lies this many standard deviations out. */
    private static final double NINE_OF_TEN = 1.6448536269514722;

    /** A limit not met says nothing about ground that was not probed. */
    private static final Map<String, String> SEEN_TO = Map.of("penetration.depthToLimit", "penetration.probedTo");

    /** That water was looked for and not there says something only where there should have been some. */
    private static final Set<String> WATER = Set.of("water-stands", "water-rises", "sour-smell");

    private static final String TOO_COARSE =
            "Read by card, within a quarter of a unit of the limit: a meter or a laboratory settles it.";
    private static final String NOT_DEEP = "Nothing was read deep enough to say that it is not so.";
    private static final String DRY_TIME =
            "Looked for in a dry time: that it was not there says nothing. It tells in the wet season, or within five days of 30 mm.";

    /** Something done to the field that may act on what was read before. */
    public record Done(String kind, long day) {}

    /** Soil less plants, and how the plants score; given only where both sides have enough to say it. */
    public record Balance(double difference, double plants) {}

    /**
     * For whom and when it is asked; every part but the day may be null: not known.
     *
     * @param wet whether the judged visit's time is wet enough for missing water to tell something
     * @param bears how the crop bears salt; null where that is not known
     */
    public record Asked(
            long day,
            @Nullable String use,
            @Nullable String crop,
            boolean wet,
            List<Done> done,
            @Nullable Balance balance,
            @Nullable SaltTable.Tolerance bears) {

        public Asked(
                long day,
                @Nullable String use,
                @Nullable String crop,
                boolean wet,
                List<Done> done,
                @Nullable Balance balance) {
            this(day, use, crop, wet, done, balance, SaltTable.of(crop).orElse(null));
        }

        Asked with(@Nullable Balance known) {
            return new Asked(day, use, crop, wet, done, known, bears);
        }
    }

    /**
     * A finding's answer: {@code value} null where the spots differ. {@code yes} of {@code of} spots say so; none of none where
     * it does not rest on spots.
     *
     * @param half whether it counts half and decides nothing: a card's error reaches the limit
     * @param spots those that say yes
     * @param number the mean of what was read, with its unit, where it is a number
     */
    public record Answer(
            @Nullable Boolean value,
            boolean half,
            boolean agreed,
            boolean raisesGate,
            int yes,
            int of,
            List<String> spots,
            List<String> readings,
            @Nullable String measure,
            @Nullable Double number,
            @Nullable String unit) {
        public Seen seen() {
            return new Seen(value, half, agreed && !half, raisesGate);
        }

        static Answer of(Verdict verdict) {
            Boolean value = verdict.state() == Verdict.State.TRUE
                    ? Boolean.TRUE
                    : verdict.state() == Verdict.State.FALSE ? Boolean.FALSE : null;
            return new Answer(
                    value,
                    verdict.half(),
                    verdict.agreed(),
                    verdict.gate(),
                    verdict.yes(),
                    verdict.of(),
                    verdict.spots(),
                    verdict.readings(),
                    verdict.measure(),
                    verdict.number(),
                    verdict.unit());
        }

        /** What somebody says without readings. */
        public static Answer plainly(boolean value) {
            return of(Verdict.plainly(value, List.of(), null, null, null, 0));
        }
    }

    /** A finding that a reading could have settled and did not, why, and the test that lifts it. */
    public record Blocked(String finding, String method, String reason, String text, Lift lift) {}

    /** What is best known of a measure: the mean of the spots' best values, and how far it may be out (a standard deviation). */
    public record Best(double value, @Nullable Double spread, String measure, List<String> readings) {}

    private final SpotValues values;
    private final Map<String, Boolean> ticks;
    private final Asked asked;
    private final Map<String, String> heldBack = new LinkedHashMap<>();

    /** @param ticks what eyes saw (true) or looked for and did not see (false), by finding id */
    public Facts(Asked asked, List<Taken> readings, Map<String, Boolean> ticks) {
        this.asked = asked;
        this.ticks = ticks;
        this.values = new SpotValues(asked, readings);
    }

    /** All findings of the table that were looked at. */
    public Map<String, Answer> answers(CauseTable table) {
        Map<String, Answer> answers = new LinkedHashMap<>();
        for (CauseTable.Finding finding : table.findings()) {
            Verdict verdict = verdict(finding.when(), finding.id());
            if (verdict.isKnown() || verdict.gate()) {
                answers.put(finding.id(), Answer.of(verdict));
            }
        }
        return answers;
    }

    private Verdict verdict(Condition condition, String finding) {
        if (isBySpot(condition)) {
            return Verdict.of(bySpot(condition, finding), isByQuarter(condition));
        } else if (condition instanceof Condition.Limit limit) {
            return limit.measure().equals(BALANCE) ? balance(limit) : mean(limit);
        } else if (condition instanceof Condition.First) {
            return Verdict.first(each(condition.parts(), finding), SpotValues.BETTER_WAY_DAYS);
        } else if (condition instanceof Condition.All) {
            return Verdict.all(each(condition.parts(), finding));
        } else if (condition instanceof Condition.Any) {
            return any(condition.parts(), finding);
        }
        return tick(finding);
    }

    private List<Verdict> each(List<Condition> parts, String finding) {
        return parts.stream().map(part -> verdict(part, finding)).toList();
    }

    /** Parts that spots judge are put together spot by spot first. */
    private Verdict any(List<Condition> parts, String finding) {
        List<Verdict> verdicts = new ArrayList<>();
        List<Map<String, Verdict.Says>> spots = new ArrayList<>();
        for (Condition part : parts) {
            if (isBySpot(part)) {
                spots.add(bySpot(part, finding));
            } else {
                verdicts.add(verdict(part, finding));
            }
        }
        verdicts.add(0, Verdict.of(Verdict.anyBySpot(spots), false));
        return Verdict.any(verdicts);
    }

    private static boolean isByQuarter(Condition condition) {
        return condition instanceof Condition.Limit limit && limit.quarter();
    }

    private static boolean isBySpot(Condition condition) {
        if (condition instanceof Condition.Limit limit) {
            return limit.meanOf() == 0 && !limit.measure().equals(BALANCE);
        } else if (condition instanceof Condition.Any || condition instanceof Condition.All) {
            return condition.parts().stream().allMatch(Facts::isBySpot);
        }
        return condition instanceof Condition.Is;
    }

    private Map<String, Verdict.Says> bySpot(Condition condition, String finding) {
        if (condition instanceof Condition.Any) {
            return Verdict.anyBySpot(eachBySpot(condition.parts(), finding));
        } else if (condition instanceof Condition.All) {
            return Verdict.allBySpot(eachBySpot(condition.parts(), finding));
        }
        String measure = condition.measures().get(0);
        Map<String, Verdict.Says> says = new LinkedHashMap<>();
        for (SpotValues.AtSpot at : values.of(measure)) {
            Verdict.Says one = condition instanceof Condition.Limit limit
                    ? limited(limit, at, finding)
                    : worded((Condition.Is) condition, at);
            if (one != null && Boolean.FALSE.equals(one.yes()) && WATER.contains(finding) && !at.wet()) {
                heldBack.put(finding, "dry-time");
            } else if (one != null) {
                says.put(at.spot(), one);
            }
        }
        return says;
    }

    private List<Map<String, Verdict.Says>> eachBySpot(List<Condition> parts, String finding) {
        return parts.stream().map(part -> bySpot(part, finding)).toList();
    }

    /** Null where this spot was not looked at. */
    private Verdict.Says limited(Condition.Limit limit, SpotValues.AtSpot at, String finding) {
        double against = limit.limitFor(asked);
        Double x = at.number();
        if (x == null) {
            // Looked for and not found, as far down as was looked.
            boolean far = !SEEN_TO.containsKey(limit.measure()) || reaches(limit.measure(), at, against);
            return far ? new Verdict.Says(false, true, false, limit.measure(), at) : heldBack(finding, "not-deep");
        }
        boolean yes = limit.holds(x, against);
        if (limit.quarter() && !yes && !at.deep()) {
            return heldBack(finding, "not-deep");
        }
        if (at.plusMinus() == null) {
            return new Verdict.Says(yes, true, yes, limit.measure(), at);
        }
        double apart = Decimal.round(Math.abs(x - against), 9);
        boolean gate =
                limit.sense() == Condition.Sense.BELOW ? Decimal.round(x - at.plusMinus() - against, 9) <= 0 : yes;
        if (apart < at.plusMinus() / 2) {
            heldBack.put(finding, "too-coarse");
            return new Verdict.Says(null, false, gate, limit.measure(), at);
        }
        return new Verdict.Says(yes, apart > at.plusMinus(), gate, limit.measure(), at);
    }

    private Verdict.Says heldBack(String finding, String reason) {
        heldBack.put(finding, reason);
        return null;
    }

    private boolean reaches(String measure, SpotValues.AtSpot at, double depth) {
        return values.of(SEEN_TO.get(measure)).stream()
                .anyMatch(probed -> probed.spot().equals(at.spot())
                        && probed.day() == at.day()
                        && probed.number() != null
                        && probed.number() >= depth);
    }

    /** Half of the repeats or more make a spot's word. A yes or no that is null could not be said; a word that is null was not there. */
    private static Verdict.Says worded(Condition.Is is, SpotValues.AtSpot at) {
        List<Object> said = is.value() instanceof Boolean
                ? at.values().stream().filter(value -> value != null).toList()
                : at.values();
        if (said.isEmpty()) {
            return null;
        }
        long same = said.stream().filter(is.value()::equals).count();
        boolean yes = same * 2 >= said.size();
        return new Verdict.Says(yes, true, yes, is.measure(), at);
    }

    private Verdict mean(Condition.Limit limit) {
        List<SpotValues.AtSpot> said = values.of(limit.measure()).stream()
                .filter(at -> at.number() != null)
                .toList();
        if (said.size() < limit.meanOf()) {
            return Verdict.UNKNOWN;
        }
        double mean = Numbers.mean(said.stream().map(SpotValues.AtSpot::number).toList());
        List<String> readings = Once.of(said.stream().flatMap(at -> at.readings().stream()));
        return Verdict.plainly(
                limit.holds(mean, limit.limitFor(asked)),
                readings,
                limit.measure(),
                mean,
                said.get(0).unit(),
                said.get(0).day());
    }

    /** Plants ahead of a soil that is not known to carry them; poor plants are not ahead of anything. */
    private Verdict balance(Condition.Limit limit) {
        Balance balance = asked.balance();
        if (balance == null) {
            return Verdict.UNKNOWN;
        }
        boolean ahead = limit.holds(balance.difference(), limit.limit());
        return ahead && balance.plants() < PLANTS_WELL_FROM
                ? Verdict.UNKNOWN
                : Verdict.plainly(ahead, List.of(), BALANCE, balance.difference(), "points", asked.day());
    }

    private Verdict tick(String finding) {
        Boolean seen = ticks.get(finding);
        if (seen == null) {
            return Verdict.UNKNOWN;
        } else if (!seen && WATER.contains(finding) && !asked.wet()) {
            heldBack.put(finding, "dry-time");
            return Verdict.UNKNOWN;
        }
        return Verdict.plainly(seen, List.of(), null, null, null, asked.day());
    }

    /** The spots' best values of a measure, as {@code method.key}; empty where none was read. */
    public Optional<Best> best(String measure) {
        List<SpotValues.AtSpot> said =
                values.of(measure).stream().filter(at -> at.number() != null).toList();
        if (said.isEmpty()) {
            return Optional.empty();
        }
        List<Double> numbers = said.stream().map(SpotValues.AtSpot::number).toList();
        Double sd = Numbers.sd(numbers);
        double ofReading = said.stream()
                .filter(at -> at.plusMinus() != null)
                .mapToDouble(at -> at.plusMinus() / NINE_OF_TEN)
                .max()
                .orElse(0);
        double spread = Math.max(sd == null ? 0 : sd, ofReading);
        return Optional.of(new Best(
                Numbers.mean(numbers),
                spread == 0 ? null : Double.valueOf(spread),
                measure,
                Once.of(said.stream().flatMap(at -> at.readings().stream()))));
    }

    /** Findings left open although one of their tests was made. */
    public List<Blocked> blocked(CauseTable table) {
        Map<String, Answer> answers = answers(table);
        List<Blocked> blocked = new ArrayList<>();
        for (CauseTable.Finding finding : table.findings()) {
            Answer answer = answers.get(finding.id());
            if (answer == null || (answer.value() == null && answer.of() == 0)) {
                Blocked why = whyOpen(finding);
                if (why != null) {
                    blocked.add(why);
                }
            }
        }
        return blocked;
    }

    private @Nullable Blocked whyOpen(CauseTable.Finding finding) {
        List<String> keys = finding.when().measures();
        Taken hollow = values.hollow(keys);
        if (hollow != null) {
            Evaluation done = hollow.evaluation();
            Evaluation.Flag flag = done.warning();
            return new Blocked(
                    finding.id(), done.method(), flag.code(), flag.text(), Lift.of(flag.code(), done.method()));
        }
        String reason = heldBack.get(finding.id());
        if (reason == null) {
            return null;
        }
        String method = finding.methods().isEmpty() ? "" : finding.methods().get(0);
        String text = switch (reason) {
            case "too-coarse" -> TOO_COARSE;
            case "not-deep" -> NOT_DEEP;
            default -> DRY_TIME;
        };
        return new Blocked(finding.id(), method, reason, text, Lift.of(reason, method));
    }
}
