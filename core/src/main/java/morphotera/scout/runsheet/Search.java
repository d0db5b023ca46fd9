package morphotera.scout.runsheet;

import java.util.ArrayList;
import java.util.List;

/**
 * Looks for lines that end early: whole tests are taken out and put back where they cost least, again and again, now and then
 * taking a little worse (simulated annealing: Kirkpatrick, Gelatt and Vecchi 1983). Its chance is seeded and its patience is
 * counted in pieces looked at, so that the same visit gets the same sheet on every machine.
 */
final class Search {
    private static final double WARMTH = 0.012;
    private static final int MOST_ROUNDS = 40;

    private final Net net;
    private final Placing placing;
    private final List<int[]> tests = new ArrayList<>();
    private final int[] testOf;
    /** The method of each test, by its first piece. */
    private final List<String> methods = new ArrayList<>();

    private final Lines lines;
    private final Lines best;
    private final Lines before;
    /** How many pieces are in each person's hands already. */
    private final int[] held;

    private double bestAim = Double.MAX_VALUE;
    private int seed = 0x2545f491;

    Search(Work work, Net net) {
        this.net = net;
        this.lines = new Lines(net);
        this.best = new Lines(net);
        this.before = new Lines(net);
        this.held = new int[net.people];
        this.testOf = new int[net.pieces];
        hold(work);
        this.placing = new Placing(net, lines, held);
        for (int test = 0; test < work.tests(); test++) {
            List<Integer> own = new ArrayList<>();
            for (int i = 0; i < work.pieces().size(); i++) {
                if (work.pieces().get(i).test() == test && !isHeld(i)) {
                    own.add(i);
                }
            }
            if (!own.isEmpty()) {
                for (int piece : own) {
                    testOf[piece] = tests.size();
                    if (net.twin[piece] >= 0) {
                        testOf[net.twin[piece]] = tests.size();
                    }
                }
                tests.add(own.stream().mapToInt(Integer::intValue).toArray());
                methods.add(
                        work.pieces().get(own.get(0)).parts().get(0).methods().get(0));
            }
        }
    }

    /** What somebody has in hand comes first in their line, and stays there. */
    private void hold(Work work) {
        for (int i = 0; i < work.pieces().size(); i++) {
            int piece = i;
            for (int person : work.heldBy(i)) {
                if (held[person] == 0 && piece >= 0 && !lines.holds(piece)) {
                    lines.put(person, 0, piece);
                    held[person] = 1;
                }
                piece = net.twin[i];
            }
        }
    }

    private boolean isHeld(int piece) {
        for (int person = 0; person < net.people; person++) {
            int first = held[person] == 0 ? -1 : lines.of[person][0];
            if (first == piece || first >= 0 && net.twin[first] == piece) {
                return true;
            }
        }
        return false;
    }

    int tests() {
        return tests.size();
    }

    double bestAim() {
        return bestAim;
    }

    Lines best() {
        return best;
    }

    /** Starts from the lines of another search. */
    void take(Lines found) {
        lines.like(found);
        keepIfBetter(lines.refresh() ? lines.cost() : Net.NEVER);
    }

    private void keepIfBetter(double cost) {
        if (cost < Net.NEVER && lines.aim() < bestAim) {
            bestAim = lines.aim();
            best.like(lines);
        }
    }

    /** Builds lines anew, test by test in this order; whether all windows could be kept. */
    boolean build(List<Integer> order) {
        Lines bare = new Lines(net);
        for (int person = 0; person < net.people; person++) {
            if (held[person] > 0) {
                bare.put(person, 0, lines.of[person][0]);
            }
        }
        lines.like(bare);
        double cost = lines.refresh() ? lines.cost() : Net.NEVER;
        for (int test : order) {
            cost = cost < Net.NEVER ? placing.place(tests.get(test), Net.NEVER) : cost;
        }
        keepIfBetter(cost);
        return cost < Net.NEVER;
    }

    int[] piecesOf(int test) {
        return tests.get(test);
    }

    /** Goes on until so many more pieces were looked at. */
    void improve(int patience) {
        lines.like(best);
        double cost = lines.cost();
        lines.looked = 0;
        while (lines.looked < patience && tests.size() > 0) {
            before.like(lines);
            lines.looked += net.pieces;
            double left = 1 - (double) lines.looked / patience;
            // How much worse it may be is drawn first: whatever is worse than that need not be looked at to its end.
            double bound = cost + 1 - WARMTH * left * left * cost * Math.log(1 - share());
            double next = chance(8) == 0 ? shiftStay() : replace(bound);
            if (next < bound) {
                cost = next;
                keepIfBetter(cost);
            } else {
                lines.like(before);
            }
        }
    }

    /** Neighbours at one spot change places where nothing is lost by it, so that the lower rank comes first. */
    void tidy(int[] rank) {
        lines.like(best);
        for (int person = 0; person < net.people; person++) {
            boolean moved = true;
            for (int round = 0; moved && round < MOST_ROUNDS; round++) {
                moved = false;
                for (int at = held[person]; at + 1 < lines.length[person]; at++) {
                    moved |= changePlaces(person, at, rank);
                }
            }
        }
        best.like(lines);
        lines.refresh();
        best.like(lines);
    }

    private boolean changePlaces(int person, int at, int[] rank) {
        int[] line = lines.of[person];
        int first = line[at];
        int second = line[at + 1];
        boolean alone = net.twin[first] < 0 && net.twin[second] < 0;
        boolean mayChange = alone && net.place[first] == net.place[second] && !net.leads[first][second];
        if (!mayChange || rank[first] <= rank[second]) {
            return false;
        }
        before.like(lines);
        line[at] = second;
        line[at + 1] = first;
        if (lines.refresh() && lines.aim() <= bestAim) {
            bestAim = lines.aim();
            return true;
        }
        lines.like(before);
        return false;
    }

    /** Some tests out, and in again where they cost least. */
    private double replace(double bound) {
        List<Integer> out = pick();
        for (int test : out) {
            for (int piece : tests.get(test)) {
                lines.take(piece);
                if (net.twin[piece] >= 0) {
                    lines.take(net.twin[piece]);
                }
            }
        }
        if (!lines.refresh()) {
            return Net.NEVER;
        }
        if (chance(3) > 0) {
            out.sort((a, b) -> rank(b) - rank(a));
        }
        double cost = Net.NEVER;
        for (int test : out) {
            cost = placing.place(tests.get(test), bound);
            if (cost >= Net.NEVER) {
                return cost;
            }
        }
        return cost;
    }

    /** What is shared first, then what waits, then what is long. */
    int rank(int test) {
        int[] own = tests.get(test);
        int lasts = 0;
        int waits = 0;
        for (int piece : own) {
            lasts += net.lasts[piece];
            for (int b = 0; b < net.before[piece].length; b++) {
                waits += net.minS[piece][b];
            }
        }
        boolean shared = net.before[own[0]].length == 0 && own.length == 1 && isNeeded(own[0]);
        boolean last = net.before[own[0]].length > 1;
        return (shared ? 1_000_000 : last ? -1_000_000 : 0) + waits * 4 + lasts;
    }

    private boolean isNeeded(int piece) {
        for (int[] needs : net.before) {
            for (int one : needs) {
                if (one == piece) {
                    return true;
                }
            }
        }
        return false;
    }

    private List<Integer> pick() {
        List<Integer> out = new ArrayList<>();
        int how = chance(11);
        if (how < 4) {
            // Neighbours in somebody's line.
            int person = somebody();
            int at = chance(lines.length[person]);
            for (int k = at; k < Math.min(lines.length[person], at + 1 + chance(5)); k++) {
                add(out, lines.of[person][k]);
            }
        } else if (how < 8) {
            // A few of one spot; now and then all of it.
            int place = net.place[tests.get(chance(tests.size()))[0]];
            boolean all = chance(8) == 0;
            for (int test = 0; test < tests.size(); test++) {
                if (net.place[tests.get(test)[0]] == place && (all || chance(3) == 0)) {
                    out.add(test);
                }
            }
        } else if (how == 8) {
            idle(out);
        } else if (how >= 10) {
            // One method at most of its spots: what waits is dealt out anew.
            String method = methods.get(chance(tests.size()));
            for (int test = 0; test < tests.size(); test++) {
                if (methods.get(test).equals(method) && chance(4) > 0) {
                    out.add(test);
                }
            }
        }
        if (out.isEmpty()) {
            int many = 1 + chance(3);
            for (int k = 0; k < many; k++) {
                int test = chance(tests.size());
                if (!out.contains(test)) {
                    out.add(test);
                }
            }
        }
        return out;
    }

    /** Those before and after a time when somebody stands about. */
    private void idle(List<Integer> out) {
        int person = somebody();
        int[] line = lines.of[person];
        for (int at = 1 + chance(lines.length[person]); at < lines.length[person]; at++) {
            int free = lines.end(line[at - 1]) + net.legs[net.place[line[at - 1]]][net.place[line[at]]];
            if (lines.start[line[at]] > free) {
                for (int near = Math.max(0, at - 2); near <= Math.min(at + 1, lines.length[person] - 1); near++) {
                    add(out, line[near]);
                }
                return;
            }
        }
    }

    private void add(List<Integer> out, int piece) {
        if (!isHeld(piece) && !out.contains(testOf[piece])) {
            out.add(testOf[piece]);
        }
    }

    private int somebody() {
        int person = chance(net.people);
        while (lines.length[person] == 0) {
            person = person + 1 == net.people ? 0 : person + 1;
        }
        return person;
    }

    /** One stay at a spot goes to another time of a line. */
    private double shiftStay() {
        int person = somebody();
        if (lines.length[person] <= held[person]) {
            return Net.NEVER;
        }
        int[] line = lines.of[person];
        int from = held[person] + chance(lines.length[person] - held[person]);
        int place = net.place[line[from]];
        while (from > held[person] && net.place[line[from - 1]] == place) {
            from--;
        }
        List<Integer> stay = new ArrayList<>();
        while (from < lines.length[person] && net.place[line[from]] == place) {
            stay.add(line[from]);
            lines.takeAt(person, from);
        }
        int other = chance(net.people);
        int to = held[other] + chance(lines.length[other] - held[other] + 1);
        int at = to;
        for (int piece : stay) {
            lines.put(other, at++, piece);
        }
        return lines.isInOrder(other, to, at) && lines.refresh() ? lines.cost() : Net.NEVER;
    }

    private int chance(int under) {
        return (int) (share() * under);
    }

    /** Marsaglia's xorshift (2003), 32 bits: whole numbers that a browser has, too. */
    private double share() {
        seed ^= seed << 13;
        seed ^= seed >>> 17;
        seed ^= seed << 5;
        return (seed >>> 1) / 2_147_483_648.0;
    }
}
