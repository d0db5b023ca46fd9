package morphotera.scout.runsheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.measure.Step;
import morphotera.scout.Walk;

/** What no sheet can be shorter than: the work and the ways that must be, and the longest chain of waits. */
final class LeastTime {
    private final Outing outing;
    private final Ways ways;
    private final double[] way;
    private final double[] legIn;
    private final int spots;

    /** One test at one spot: its pieces that nobody leaves, and the waits between them that somebody may. */
    private record Chain(String method, int ownS, List<Integer> stretches, List<Integer> waits, int largestWindow) {
        int chainS() {
            int sum = ownS;
            for (int wait : waits) {
                sum += wait;
            }
            return sum;
        }
    }

    private LeastTime(Outing outing) {
        this.outing = outing;
        this.ways = new Ways(outing);
        List<Integer> used = new ArrayList<>();
        for (int place = 0; place < outing.spots().size(); place++) {
            if (!outing.at(outing.spots().get(place).id()).isEmpty()) {
                used.add(place);
            }
        }
        used.add(ways.gate());
        this.spots = used.size() - 1;
        double[][] metres = new double[spots + 1][spots + 1];
        for (int a = 0; a <= spots; a++) {
            for (int b = 0; b <= spots; b++) {
                metres[a][b] = ways.seconds(used.get(a), used.get(b));
            }
        }
        this.way = metres[spots];
        this.legIn = new double[spots];
        for (int place = 0; place < spots; place++) {
            legIn[place] = way[place];
            for (int from = 0; from < spots; from++) {
                legIn[place] = from == place ? legIn[place] : Math.min(legIn[place], metres[from][place]);
            }
        }
        boolean alone = outing.people() == 1 && Walk.isExact(spots);
        walkS = alone ? Walk.length(metres, Walk.from(metres)) : Walk.tree(metres);
        List<Work.Piece> pieces = Work.of(outing.before(), new Progress(null)).pieces();
        for (int place : used.subList(0, spots)) {
            String spot = outing.spots().get(place).id();
            List<Chain> here = new ArrayList<>();
            for (Outing.Test test : outing.at(spot)) {
                here.add(chain(test));
            }
            chains.add(here);
            List<Work.Piece> ofSpot =
                    pieces.stream().filter(piece -> piece.place() == place).toList();
            work.add(work(ofSpot));
            stretches.add(stretches(ofSpot));
        }
    }

    private final double walkS;
    private final List<List<Chain>> chains = new ArrayList<>();
    /** People's seconds at each spot, and its stretches by the method they are of. */
    private final List<Integer> work = new ArrayList<>();

    private final List<Map<String, List<Integer>>> stretches = new ArrayList<>();

    static double of(Outing outing) {
        if (outing.tests().isEmpty()) {
            return 0;
        }
        return new LeastTime(outing).least();
    }

    private double least() {
        double nearest = Arrays.stream(way, 0, spots).min().orElse(0);
        double sum = 0;
        double least = 0;
        for (int place = 0; place < spots; place++) {
            sum += work.get(place);
            int longest = 0;
            for (Chain chain : chains.get(place)) {
                longest = Math.max(longest, chain.chainS());
            }
            least = Math.max(least, way[place] + outing.setDownS() + longest);
        }
        least = Math.max(least, (sum + walkS + (double) outing.setDownS() * spots) / outing.people());
        Map<String, Boolean> methods = new LinkedHashMap<>();
        outing.tests().forEach(test -> methods.put(test.method().id(), true));
        for (String method : methods.keySet()) {
            least = Math.max(least, returning(method, nearest));
        }
        return least;
    }

    /** Each open wait of a method is either waited for at the spot, or walked back to. */
    private double returning(String method, double nearest) {
        double byLegs = 0;
        double bySetDown = 0;
        double longs = 0;
        double alone = 0;
        for (int place = 0; place < spots; place++) {
            Chain of = null;
            for (Chain chain : chains.get(place)) {
                of = chain.method().equals(method) && (of == null || chain.chainS() > of.chainS()) ? chain : of;
            }
            if (of == null || of.waits().isEmpty()) {
                byLegs += work.get(place) + legIn[place] + outing.setDownS();
                bySetDown += work.get(place) + outing.setDownS();
                continue;
            }
            int too = 0;
            for (Map.Entry<String, List<Integer>> others : stretches.get(place).entrySet()) {
                for (int stretch : others.getValue()) {
                    too += !others.getKey().equals(method) && stretch > of.largestWindow() ? stretch : 0;
                }
            }
            longs += too;
            alone = Math.max(alone, of.chainS());
            byLegs += stay(of, work.get(place), too, legIn[place] + outing.setDownS());
            bySetDown += stay(of, work.get(place), too, outing.setDownS());
        }
        double least = Math.max(byLegs, bySetDown + walkS) / outing.people();
        return outing.people() == 1 ? Math.max(least, nearest + outing.setDownS() + alone + longs) : least;
    }

    private static double stay(Chain chain, int work, int longS, double comingS) {
        int[] waits =
                chain.waits().stream().mapToInt(Integer::intValue).sorted().toArray();
        double least = Double.MAX_VALUE;
        int waited = 0;
        for (int k = 0; k <= waits.length; k++) {
            int other = work - chain.ownS();
            double here = chain.ownS() + longS + Math.max(other - longS, waited) + (1 + waits.length - k) * comingS;
            least = Math.min(least, here);
            waited += k < waits.length ? waits[k] : 0;
        }
        return least;
    }

    private Chain chain(Outing.Test test) {
        List<Step> steps = Work.inField(test.variant());
        List<Integer> waits = new ArrayList<>();
        List<Integer> stretches = new ArrayList<>();
        int own = 0;
        int stretch = 0;
        int window = 0;
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            own += step.handsOnS();
            stretch += step.handsOnS();
            Step.Wait pause = i + 1 < steps.size() ? Work.between(test.variant(), step, steps.get(i + 1)) : null;
            if (pause != null && pause.watched()) {
                own += Work.waitS(pause, outing.texture());
                stretch += Work.waitS(pause, outing.texture());
            } else {
                stretches.add(stretch);
                stretch = 0;
            }
            if (pause != null && !pause.watched()) {
                waits.add(Work.waitS(pause, outing.texture()));
                window = Math.max(window, pause.maxS());
            }
        }
        return new Chain(test.method().id(), own, stretches, waits, window);
    }

    private static int work(List<Work.Piece> pieces) {
        int sum = 0;
        for (Work.Piece piece : pieces) {
            sum += piece.lastsS() * (piece.byTwo() ? 2 : 1);
        }
        return sum;
    }

    private static Map<String, List<Integer>> stretches(List<Work.Piece> pieces) {
        Map<String, List<Integer>> by = new LinkedHashMap<>();
        for (Work.Piece piece : pieces) {
            List<String> methods = piece.parts().get(0).methods();
            String whose = methods.size() == 1 ? methods.get(0) : "shared";
            by.computeIfAbsent(whose, any -> new ArrayList<>()).add(piece.lastsS());
        }
        return by;
    }
}
