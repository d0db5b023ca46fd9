package morphotera.scout.runsheet;

import java.util.Arrays;

/** Puts one test into the lines where it costs least: its first piece beside others at its spot, the rest when their windows open. */
final class Placing {
    private static final int NEW_STAYS = 3;
    private static final int NEXT = 5;
    private static final int GIVE_S = 90;
    /** So many are copied in the time that one is looked at. */
    private static final int COPIED = 6;

    private final Net net;
    private final Lines lines;
    private final int[] held;
    private final Lines found;
    private final int[] nearest = new int[NEW_STAYS];
    private final int[] detour = new int[NEW_STAYS];
    /** Begins before each piece of the test was put in. */
    private final int[][] kept;

    private final int[] persons;
    private final int[] ats;
    private final double[] least;
    private double best;

    /** @param held how many pieces stay at the head of each line */
    Placing(Net net, Lines lines, int[] held) {
        this.net = net;
        this.lines = lines;
        this.held = held;
        this.found = new Lines(net);
        this.kept = new int[4][net.pieces];
        int places = net.people * (net.pieces + 2);
        this.persons = new int[places];
        this.ats = new int[places];
        this.least = new double[places];
    }

    private void keep(int level) {
        System.arraycopy(lines.start, 0, kept[level], 0, kept[level].length);
    }

    private void back(int level) {
        System.arraycopy(kept[level], 0, lines.start, 0, kept[level].length);
        lines.looked += kept[level].length / COPIED;
    }

    /**
     * What all costs with it; {@link Net#NEVER} where no place keeps every window and costs less than {@code bound}, and the
     * lines are as they were.
     */
    double place(int[] pieces, double bound) {
        best = bound;
        int piece = pieces[0];
        keep(0);
        int many = 0;
        for (int person = 0; person < net.people; person++) {
            int[] idle = lines.idleFrom(person);
            for (int at : places(person, net.place[piece])) {
                many = note(many, person, at, lines.least(person, at, piece, net.release[piece], idle));
            }
        }
        for (int k = 0; k < many && least[k] < best; k++) {
            int person = persons[k];
            lines.put(person, ats[k], piece);
            if (lines.settle(person, ats[k], Net.atMostS(best)) && lines.cost() < best) {
                if (net.twin[piece] < 0) {
                    tryRest(pieces);
                } else {
                    withTwin(pieces, person);
                }
            }
            lines.takeAt(person, ats[k]);
            back(0);
        }
        if (best == bound) {
            return Net.NEVER;
        }
        lines.like(found);
        return best;
    }

    /** In the order of what each place costs at the least; of equals the one noted first. */
    private int note(int many, int person, int at, double cost) {
        if (cost >= best) {
            return many;
        }
        int k = many;
        while (k > 0 && least[k - 1] > cost) {
            least[k] = least[k - 1];
            persons[k] = persons[k - 1];
            ats[k] = ats[k - 1];
            k--;
        }
        least[k] = cost;
        persons[k] = person;
        ats[k] = at;
        return many + 1;
    }

    private void withTwin(int[] pieces, int first) {
        int twin = net.twin[pieces[0]];
        keep(1);
        for (int person = 0; person < net.people; person++) {
            if (person == first) {
                continue;
            }
            int[] idle = lines.idleFrom(person);
            for (int at : places(person, net.place[twin])) {
                if (lines.least(person, at, twin, lines.start[pieces[0]], idle) >= best) {
                    continue;
                }
                lines.put(person, at, twin);
                if (lines.settle(person, at, Net.atMostS(best)) && lines.cost() < best) {
                    tryRest(pieces);
                }
                lines.takeAt(person, at);
                back(1);
            }
        }
    }

    /** Beside what is done at the same spot, at the end, and where a new stay is the least way round; the latest first. */
    private int[] places(int person, int place) {
        int length = lines.length[person];
        int[] line = lines.of[person];
        int[] worth = new int[length + 1];
        int many = 0;
        worth[many++] = length;
        int kept = 0;
        for (int at = length - 1; at >= held[person]; at--) {
            int from = at == 0 ? net.standing[person] : net.place[line[at - 1]];
            int to = net.place[line[at]];
            if (from == place || to == place) {
                worth[many++] = at;
                continue;
            }
            int round = net.legs[from][place] + net.legs[place][to] - net.legs[from][to];
            int k = kept < NEW_STAYS ? kept++ : NEW_STAYS;
            while (k > 0 && detour[k - 1] > round) {
                if (k < NEW_STAYS) {
                    detour[k] = detour[k - 1];
                    nearest[k] = nearest[k - 1];
                }
                k--;
            }
            if (k < NEW_STAYS) {
                detour[k] = round;
                nearest[k] = at;
            }
        }
        for (int k = 0; k < kept; k++) {
            worth[many++] = nearest[k];
        }
        return Arrays.copyOf(worth, many);
    }

    /** The first piece stands; the next goes where it costs least, and so on. */
    private void tryRest(int[] pieces) {
        double cost = lines.cost();
        int put = 1;
        while (cost < best && put < pieces.length) {
            cost = putNext(pieces[put], pieces[put - 1]);
            put += cost < Net.NEVER ? 1 : 0;
        }
        if (cost < best) {
            best = cost;
            found.like(lines);
        }
        for (int k = put - 1; k >= 1; k--) {
            out(pieces[k]);
        }
    }

    private double putNext(int piece, int last) {
        int from = 0;
        int to = Work.OPEN;
        for (int b = 0; b < net.before[piece].length; b++) {
            if (net.before[piece][b] == last) {
                from = lines.end(last) + net.minS[piece][b];
                to = Math.min(Work.OPEN, lines.end(last) + net.maxS[piece][b]);
            }
        }
        keep(2);
        double cheapest = Net.NEVER;
        int who = -1;
        int where = -1;
        for (int person = 0; person < net.people; person++) {
            int[] line = lines.of[person];
            int length = lines.length[person];
            int after = lines.indexOf(person, last);
            int tried = 0;
            int[] idle = lines.idleFrom(person);
            for (int at = Math.max(after + 1, held[person]); at <= length && tried < NEXT; at++) {
                int here = at == 0 ? net.standing[person] : net.place[line[at - 1]];
                int free = at == 0 ? net.freeAt[person] : lines.end(line[at - 1]);
                boolean directly = after >= 0 && at == after + 1;
                if (!directly && free + net.legs[here][net.place[piece]] > to + GIVE_S) {
                    break;
                }
                if (!directly && at < length && lines.start[line[at]] < from - GIVE_S) {
                    continue;
                }
                tried++;
                if (lines.least(person, at, piece, from, idle) >= Math.min(best, cheapest)) {
                    continue;
                }
                double cost = put(person, at, piece, last, Net.atMostS(best));
                if (cost < cheapest) {
                    cheapest = cost;
                    who = person;
                    where = at;
                }
                out(piece);
                back(2);
            }
        }
        return who < 0 ? Net.NEVER : put(who, where, piece, last, Work.OPEN);
    }

    /** A piece for two goes on behind the one before it in the other's line, too. */
    private double put(int person, int at, int piece, int last, int cap) {
        lines.put(person, at, piece);
        boolean fits = lines.settle(person, at, cap);
        int twin = net.twin[piece];
        if (fits && twin >= 0) {
            for (int other = 0; other < net.people; other++) {
                int lastTwin = lines.indexOf(other, net.twin[last] < 0 ? last : net.twin[last]);
                if (other != person && lastTwin >= 0) {
                    lines.put(other, lastTwin + 1, twin);
                    return lines.settle(other, lastTwin + 1, cap) ? lines.cost() : Net.NEVER;
                }
            }
            return Net.NEVER;
        }
        return fits ? lines.cost() : Net.NEVER;
    }

    private void out(int piece) {
        lines.take(piece);
        if (net.twin[piece] >= 0 && lines.holds(net.twin[piece])) {
            lines.take(net.twin[piece]);
        }
    }
}
