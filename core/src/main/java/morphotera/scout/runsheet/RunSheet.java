package morphotera.scout.runsheet;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import morphotera.measure.Description;
import morphotera.measure.Step;
import morphotera.measure.methods.Methods;
import morphotera.scout.Walk;

/**
 * Who does which step where and when, so that the last one leaves early and nobody walks more than need be.
 *
 * @param totalS the end of the last step, seconds after the visit began
 * @param handsOnS everybody's seconds at work, no waits
 * @param oneAfterAnotherS the same visit, one test after another, spot by spot
 * @param lowerBoundS no sheet can be shorter
 * @param dayBefore what is done the day before, and {@code later} what is done at home
 * @param missed windows that can no longer be kept; what they end is planned all the same
 */
public record RunSheet(
        List<Timed> steps,
        int totalS,
        int handsOnS,
        int walkS,
        int oneAfterAnotherS,
        int lowerBoundS,
        List<Apart> dayBefore,
        List<Apart> later,
        List<Missed> missed) {
    /** Pieces looked at, for each piece there is, until the search is content: well under a second for five spots with ten methods. */
    private static final int PATIENCE = 80_000;

    /** With every further person there is more to choose from. */
    private static final double MORE_PATIENCE = 0.5;

    private static final double OF_IT_JOINED = 0.7;

    /** Of that, for each order that a search begins from; the best of them goes on. */
    private static final double EACH_START = 0.2;

    public record Timed(int person, String spot, List<String> methods, String step, int startS, int endS) {}

    /** A step that is not done in the field that day. */
    public record Apart(String spot, List<String> methods, String step, int handsOnS) {}

    public record Missed(String spot, String method, String step, int byS) {}

    public static RunSheet plan(Outing outing) {
        return plan(outing, 1);
    }

    /** @param share of the usual patience: many rough sheets can be asked for to choose among */
    static RunSheet plan(Outing outing, double share) {
        Planning planning = new Planning(outing);
        double patience = PATIENCE * (1 + MORE_PATIENCE * (outing.people() - 1));
        return planning.plan((int) (patience * share * planning.net.pieces));
    }

    /** The spots in the order of the shortest walk from the gate. */
    static List<Outing.Spot> along(Outing outing) {
        List<Outing.Spot> along = new ArrayList<>();
        for (int place : walk(outing, new Ways(outing))) {
            along.add(outing.spots().get(place));
        }
        return along;
    }

    private static int[] walk(Outing outing, Ways ways) {
        int n = outing.spots().size();
        double[][] metres = new double[n + 1][n + 1];
        for (int a = 0; a <= n; a++) {
            for (int b = 0; b <= n; b++) {
                metres[a][b] = ways.metres(a, b);
            }
        }
        return Walk.from(metres);
    }

    /** One sheet being made. */
    private static final class Planning {
        private final Outing outing;
        private final Ways ways;
        private final Progress progress;
        private final Work fine;
        private final Work.Joined joined;
        private final Net net;
        private final List<Missed> missed = new ArrayList<>();

        Planning(Outing outing) {
            this.outing = outing;
            this.ways = new Ways(outing);
            this.progress = new Progress(outing.now());
            this.fine = Work.of(outing, progress);
            forgiveWhatIsPast();
            this.joined = fine.joined();
            this.net = new Net(fine, ways, progress, outing);
        }

        RunSheet plan(int patience) {
            Lines rough = rough((int) (patience * OF_IT_JOINED));
            Search search = new Search(fine, net);
            search.take(cut(rough));
            search.improve((int) (patience * (1 - OF_IT_JOINED)));
            search.tidy(usualOrder());
            return sheet(search.best());
        }

        /** As one goes through the methods at a spot where nothing else decides: the surface first, the pit last. */
        private int[] usualOrder() {
            List<String> order = Methods.ALL.stream()
                    .map(method -> method.description().id())
                    .toList();
            int[] rank = new int[net.pieces];
            for (int i = 0; i < fine.pieces().size(); i++) {
                int first = order.size();
                for (String method : fine.pieces().get(i).parts().get(0).methods()) {
                    first = Math.min(first, order.indexOf(method));
                }
                rank[i] = first;
            }
            return rank;
        }

        /** A window that nobody can reach any more. */
        private void forgiveWhatIsPast() {
            int[][] legs = ways.legs();
            for (int i = 0; i < fine.pieces().size(); i++) {
                if (fine.due(i) == Work.OPEN) {
                    continue;
                }
                int soonest = Work.OPEN;
                for (int person = 0; person < outing.people(); person++) {
                    String spot = progress.spotOf(person);
                    int from = spot == null ? ways.gate() : outing.place(spot);
                    soonest = Math.min(
                            soonest,
                            progress.freeAt(person)
                                    + legs[from][fine.pieces().get(i).place()]);
                }
                if (Math.max(soonest, progress.atS()) > fine.due(i)) {
                    miss(i);
                }
            }
        }

        private void miss(int piece) {
            Work.Part part = fine.pieces().get(piece).parts().get(0);
            missed.add(new Missed(
                    outing.spots().get(fine.pieces().get(piece).place()).id(),
                    part.methods().get(0),
                    part.step().id(),
                    fine.due(piece)));
            fine.forgive(piece);
        }

        private Lines rough(int patience) {
            Work work = joined.work();
            Net joinedNet = new Net(work, ways, progress, outing);
            List<Search> starts = new ArrayList<>();
            for (List<Integer> order : orders(new Search(work, joinedNet), work)) {
                Search start = new Search(work, joinedNet);
                build(start, order, work, joinedNet);
                start.improve((int) (patience * EACH_START));
                starts.add(start);
            }
            Search search = Collections.min(starts, Comparator.comparingDouble(Search::bestAim));
            search.improve((int) (patience * (1 - EACH_START * starts.size())));
            return search.best();
        }

        /** Builds in this order; a window that spoils it is given up, the latest of them first. */
        private void build(Search search, List<Integer> order, Work work, Net joinedNet) {
            while (!search.build(order)) {
                int latest = -1;
                for (int i = 0; i < work.pieces().size(); i++) {
                    boolean open = joinedNet.due[i] == Work.OPEN;
                    latest = !open && (latest < 0 || joinedNet.due[i] > joinedNet.due[latest]) ? i : latest;
                }
                if (latest < 0) {
                    throw new IllegalStateException("no sheet keeps all windows, not even one after another");
                }
                int piece = joined.of().get(latest).get(0);
                miss(piece);
                joinedNet.due[latest] = Work.OPEN;
                net.due[piece] = Work.OPEN;
            }
        }

        private List<List<Integer>> orders(Search search, Work work) {
            List<Integer> byRank = new ArrayList<>();
            for (int test = 0; test < search.tests(); test++) {
                byRank.add(test);
            }
            // What has a window already begun comes first, the soonest of them before the others.
            Comparator<Integer> urgent = Comparator.comparingInt(test -> work.due(search.piecesOf(test)[0]));
            Comparator<Integer> ranked = Comparator.comparingInt(test -> -search.rank(test));
            int[] nth = new int[outing.spots().size() + 1];
            int[] walk = RunSheet.walk(outing, ways);
            for (int k = 0; k < walk.length; k++) {
                nth[walk[k]] = k;
            }
            Comparator<Integer> along = Comparator.comparingInt(
                    test -> nth[work.pieces().get(search.piecesOf(test)[0]).place()]);
            List<List<Integer>> orders = new ArrayList<>();
            for (Comparator<Integer> next : List.of(along, along.reversed())) {
                List<Integer> order = new ArrayList<>(byRank);
                order.sort(urgent.thenComparing(next).thenComparing(ranked));
                orders.add(order);
            }
            List<Integer> order = new ArrayList<>(byRank);
            order.sort(urgent.thenComparing(ranked));
            orders.add(order);
            return orders;
        }

        /** The joined lines, each piece cut into what it was made of. */
        private Lines cut(Lines rough) {
            Lines lines = new Lines(net);
            int[] twinOf = new int[net.pieces];
            int next = joined.work().pieces().size();
            for (int i = 0; i < joined.work().pieces().size(); i++) {
                if (joined.work().pieces().get(i).byTwo()) {
                    twinOf[next++] = i;
                }
            }
            for (int person = 0; person < outing.people(); person++) {
                for (int k = 0; k < rough.length[person]; k++) {
                    int piece = rough.of[person][k];
                    boolean second = piece >= joined.work().pieces().size();
                    for (int part : joined.of().get(second ? twinOf[piece] : piece)) {
                        lines.put(person, lines.length[person], second ? net.twin[part] : part);
                    }
                }
            }
            return lines;
        }

        private RunSheet sheet(Lines lines) {
            List<Timed> timed = new ArrayList<>();
            double walk = 0;
            int total = 0;
            int handsOn = 0;
            for (int person = 0; person < outing.people(); person++) {
                int at = net.standing[person];
                for (int k = 0; k < lines.length[person]; k++) {
                    int index = lines.of[person][k];
                    Work.Piece piece = fine.pieces().get(index < fine.pieces().size() ? index : net.twin[index]);
                    walk += at == piece.place() ? 0 : ways.seconds(at, piece.place());
                    at = piece.place();
                    for (Work.Part part : piece.parts()) {
                        int start = lines.start[index] + part.fromS();
                        timed.add(new Timed(
                                person,
                                outing.spots().get(at).id(),
                                part.methods(),
                                part.step().id(),
                                start,
                                start + part.lastsS()));
                        handsOn += part.lastsS();
                        total = Math.max(total, start + part.lastsS());
                    }
                }
            }
            if (outing.now() != null) {
                for (Outing.Done done : outing.now().done()) {
                    total = Math.max(total, done.endS());
                }
            }
            timed.sort(Comparator.comparingInt(Timed::startS).thenComparingInt(Timed::person));
            return new RunSheet(
                    timed,
                    total,
                    handsOn,
                    (int) Math.ceil(walk),
                    OneAfterAnother.seconds(outing.before(), RunSheet.walk(outing, ways)),
                    (int) Math.floor(LeastTime.of(outing)),
                    apart(Step.When.DAY_BEFORE),
                    apart(Step.When.LATER),
                    missed);
        }

        private List<Apart> apart(Step.When when) {
            List<Apart> apart = new ArrayList<>();
            for (Outing.Test test : outing.tests()) {
                Description.Variant variant = test.variant();
                for (Step step : variant.steps()) {
                    if (step.when() == when) {
                        apart.add(new Apart(test.spot(), List.of(test.method().id()), step.id(), step.handsOnS()));
                    }
                }
            }
            return apart;
        }
    }
}
