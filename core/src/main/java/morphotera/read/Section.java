package morphotera.read;

import static java.util.Map.entry;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;
import morphotera.ground.Words;

/** What a cut through the ground says in words: where roots stop, where the cone meets its limit, what is plates or massive. */
public final class Section {
    private static final double ACID_UNDER = 5.5;
    private static final double SHORT_UNDER = 0.5;
    private static final Set<String> CLOSED = Set.of("plates", "massive");

    private static final Map<String, String> WORDS = Map.ofEntries(
            entry("roots-stop", "Roots stop at {depth:0} cm, where the ground closes"),
            entry("roots-stop-unseen", "Roots end flat at {depth:0} cm"),
            entry("hard-but-rooted", "Hard ground from {depth:0} cm, and roots still pass it"),
            entry("limiting-shape", "{shape} from {depth:0} cm hold the soil back"),
            entry("roots-bent", "Taproots turn sideways at {n:0} of {of:0} spots"),
            entry("roots-short", "Roots reach {depth:0} cm, {percent:0} % of what they should"),
            entry("acid-from", "Open ground, and too acid for most roots from {depth:0} cm"),
            entry("acid-not-hard", "Too acid for most roots from {depth:0} cm, and not too hard for them"),
            entry("open", "Nothing stops the roots to {depth:0} cm"),
            entry("open-mostly", "Roots run on at {n:0} of {of:0} spots"),
            entry(
                    "cone-limit",
                    "The cone meets the root limit at {mean} cm on average ({lowest:0} to {highest:0} cm), at {n:0} of {of:0} spots."),
            entry("cone-limit-once", "The cone meets the root limit at one of {of:0} spots, at {depth} cm."),
            entry("cone-open", "The cone stays under the root limit to {depth:0} cm at all {of:0} spots."),
            entry("shape", "The block comes apart in {shape} from {mean:0} cm at {n:0} of {of:0} spots."),
            entry(
                    "roots",
                    "Four fifths of the roots lie above {mean:0} cm ({lowest:0} to {highest:0} cm); they end flat at {n:0} of {of:0} spots."),
            entry(
                    "roots-free",
                    "Four fifths of the roots lie above {mean:0} cm ({lowest:0} to {highest:0} cm), and nowhere do they end flat."),
            entry(
                    "beside-open",
                    "The undisturbed ground beside it has no such layer: four fifths of its roots reach {depth:0} cm."),
            entry("beside", "In the undisturbed ground beside it four fifths of the roots reach {depth:0} cm."));

    private Section() {}

    /** What a column says, as far as the words need it. */
    private record Column(
            @Nullable Double root80Cm,
            @Nullable Double rootStopCm,
            @Nullable Boolean rootsEndFlat,
            @Nullable Boolean rootsBent,
            @Nullable Double rootRatio,
            @Nullable Double acidFromCm,
            @Nullable Double limitCm,
            @Nullable Double probedToCm,
            @Nullable String shape,
            @Nullable Double shapeTopCm,
            boolean blockSeen) {

        static Column of(GroundColumn ground) {
            GroundColumn.Layer closed = ground.layers().stream()
                    .filter(layer -> CLOSED.contains(layer.shape()))
                    .findFirst()
                    .orElse(null);
            Double acidFrom = ground.ph().stream()
                    .filter(at -> at.value() < ACID_UNDER)
                    .map(GroundColumn.At::depthCm)
                    .findFirst()
                    .orElse(null);
            boolean probed = !ground.cone().isEmpty() && !ground.coneHollow();
            return new Column(
                    ground.root80Cm(),
                    ground.rootStopCm(),
                    ground.rootsEndFlat() == null && ground.rootStopCm() != null ? Boolean.TRUE : ground.rootsEndFlat(),
                    ground.rootsBent(),
                    ground.rootRatio(),
                    acidFrom,
                    ground.limitCm(),
                    probed
                            ? Double.valueOf(
                                    ground.cone().get(ground.cone().size() - 1).depthCm())
                            : null,
                    closed == null ? null : closed.shape(),
                    closed == null ? null : closed.topCm(),
                    !ground.layers().isEmpty());
        }

        /** How deep most roots go: by the ruler, else where the pit shows that they stop. */
        @Nullable
        Double rootedCm() {
            return root80Cm == null ? rootStopCm : root80Cm;
        }
    }

    /** A finding: code, words, and the numbers in them. */
    public record Sentence(String code, String text) {}

    /** The headline first, then what it rests on; nothing where nothing was looked at. */
    public static List<Sentence> inWords(List<GroundColumn> ground) {
        List<Column> columns = ground.stream().map(Column::of).toList();
        List<Sentence> said = new ArrayList<>();
        headline(columns, said);
        cone(columns, said);
        shapes(columns, said);
        roots(columns, said);
        return said;
    }

    /** What the undisturbed ground of the same soil shows, where its roots were looked at. */
    public static List<Sentence> beside(List<GroundColumn> zoneGround, List<GroundColumn> referenceGround) {
        List<Column> zone = zoneGround.stream().map(Column::of).toList();
        List<Column> reference = referenceGround.stream().map(Column::of).toList();
        List<Sentence> said = new ArrayList<>();
        List<Double> rooted = values(reference, Column::root80Cm);
        if (!rooted.isEmpty() && !zone.isEmpty()) {
            boolean onlyHere = zone.stream().anyMatch(Section::isClosed)
                    && reference.stream().noneMatch(Section::isClosed);
            say(said, onlyHere ? "beside-open" : "beside", Map.of("depth", Numbers.mean(rooted)));
        }
        return said;
    }

    private static void headline(List<Column> columns, List<Sentence> said) {
        List<Double> rooted = values(columns, Column::rootedCm);
        List<Double> limits = values(columns, Column::limitCm);
        List<Column> bad = columns.stream().filter(Section::isClosed).toList();
        List<Column> seen =
                columns.stream().filter(column -> column.rootsEndFlat() != null).toList();
        long flat = seen.stream().filter(Column::rootsEndFlat).count();
        boolean stops = !seen.isEmpty() && flat * 2 >= seen.size();
        List<Double> layer = values(bad, Column::shapeTopCm);
        boolean closed =
                !limits.isEmpty() && limits.size() * 2 >= coneSpots(columns).size()
                        || bad.size() * 2 >= columns.size() && !layer.isEmpty();
        if (stops && closed) {
            say(said, "roots-stop", Map.of("depth", Numbers.mean(rooted)));
        } else if (stops) {
            say(said, "roots-stop-unseen", Map.of("depth", Numbers.mean(rooted)));
        } else if (isSoft(columns) && most(columns, Section::isAcid)) {
            say(said, "acid-not-hard", Map.of("depth", Numbers.lowest(values(columns, Column::acidFromCm))));
        } else if (!layer.isEmpty() && bad.size() * 2 >= columns.size()) {
            say(said, "limiting-shape", Map.of("shape", shapes(bad), "depth", Numbers.mean(layer)));
        } else if (most(columns, Column::rootsBent)) {
            say(
                    said,
                    "roots-bent",
                    Map.of("n", count(columns, Column::rootsBent), "of", seen(columns, Column::rootsBent)));
        } else if (closed && !rooted.isEmpty()) {
            say(said, "hard-but-rooted", Map.of("depth", Numbers.mean(limits)));
        } else if (most(columns, Section::isShort)) {
            double ratio = Numbers.mean(values(columns, Column::rootRatio));
            say(said, "roots-short", Map.of("percent", 100 * ratio, "depth", Numbers.mean(rooted)));
        } else if (most(columns, Section::isAcid)) {
            say(said, "acid-from", Map.of("depth", Numbers.lowest(values(columns, Column::acidFromCm))));
        } else if (flat > 0) {
            say(said, "open-mostly", Map.of("n", seen.size() - flat, "of", seen.size()));
        } else {
            List<Double> known = new ArrayList<>(limits);
            known.addAll(limits.isEmpty() ? values(columns, Column::probedToCm) : List.of());
            known.addAll(known.isEmpty() ? rooted : List.of());
            if (!known.isEmpty()) {
                say(said, "open", Map.of("depth", Numbers.lowest(known)));
            }
        }
    }

    private static void cone(List<Column> columns, List<Sentence> said) {
        List<Column> probed = coneSpots(columns);
        List<Double> limits = values(probed, Column::limitCm);
        if (limits.size() == 1) {
            say(said, "cone-limit-once", Map.of("depth", limits.get(0), "of", probed.size()));
        } else if (!limits.isEmpty()) {
            say(said, "cone-limit", spread(limits, limits.size(), probed.size()));
        } else if (!probed.isEmpty()) {
            double depth = Numbers.lowest(values(probed, Column::probedToCm));
            say(said, "cone-open", Map.of("depth", depth, "of", probed.size()));
        }
    }

    private static void shapes(List<Column> columns, List<Sentence> said) {
        long blocks = columns.stream().filter(Column::blockSeen).count();
        List<Column> bad = columns.stream().filter(Section::isClosed).toList();
        if (!bad.isEmpty()) {
            Map<String, Object> values = new LinkedHashMap<>();
            values.put("shape", shapes(bad));
            values.put("mean", Numbers.mean(values(bad, Column::shapeTopCm)));
            values.put("n", bad.size());
            values.put("of", blocks);
            say(said, "shape", values);
        }
    }

    private static void roots(List<Column> columns, List<Sentence> said) {
        List<Double> depths = values(columns, Column::root80Cm);
        if (depths.isEmpty()) {
            return;
        }
        List<Column> seen =
                columns.stream().filter(column -> column.rootsEndFlat() != null).toList();
        int flat = (int) seen.stream().filter(Column::rootsEndFlat).count();
        say(said, flat > 0 ? "roots" : "roots-free", spread(depths, flat, seen.size()));
    }

    private static boolean isClosed(Column column) {
        return column.shape() != null;
    }

    /** Less than half of what the crop should reach; null where the roots were not looked at. */
    private static @Nullable Boolean isShort(Column column) {
        return column.rootRatio() == null ? null : column.rootRatio() < SHORT_UNDER;
    }

    /** A cone passes most of it, whatever its pieces look like. */
    private static boolean isSoft(List<Column> columns) {
        List<Column> probed = coneSpots(columns);
        return values(probed, Column::limitCm).size() * 2 < probed.size();
    }

    private static Boolean isAcid(Column column) {
        return column.acidFromCm() != null;
    }

    /** Whether half or more of the spots that looked say so. */
    private static boolean most(List<Column> columns, Function<Column, Boolean> of) {
        int yes = count(columns, of);
        return yes > 0 && yes * 2 >= seen(columns, of);
    }

    private static int count(List<Column> columns, Function<Column, Boolean> of) {
        return (int) columns.stream()
                .filter(column -> Boolean.TRUE.equals(of.apply(column)))
                .count();
    }

    private static int seen(List<Column> columns, Function<Column, Boolean> of) {
        return (int) columns.stream().filter(column -> of.apply(column) != null).count();
    }

    private static List<Column> coneSpots(List<Column> columns) {
        return columns.stream().filter(column -> column.probedToCm() != null).toList();
    }

    private static String shapes(List<Column> bad) {
        boolean plates = bad.stream().anyMatch(column -> column.shape().equals("plates"));
        boolean massive = bad.stream().anyMatch(column -> column.shape().equals("massive"));
        return plates && massive ? "plates or massive pieces" : plates ? "plates" : "massive pieces";
    }

    private static Map<String, Object> spread(List<Double> values, int n, int of) {
        Map<String, Object> spread = new LinkedHashMap<>();
        spread.put("mean", Numbers.mean(values));
        spread.put("lowest", Numbers.lowest(values));
        spread.put("highest", Numbers.highest(values));
        spread.put("n", n);
        spread.put("of", of);
        return spread;
    }

    private static List<Double> values(List<Column> columns, Function<Column, Double> of) {
        return columns.stream().map(of).filter(Objects::nonNull).toList();
    }

    private static void say(List<Sentence> said, String code, Map<String, ?> values) {
        String text = Words.fill(WORDS.get(code), values);
        // A sentence may begin with a filled-in word.
        char first = text.charAt(0);
        said.add(new Sentence(code, (first >= 'a' && first <= 'z' ? (char) (first - 32) : first) + text.substring(1)));
    }
}
