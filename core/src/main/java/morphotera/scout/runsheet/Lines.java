package morphotera.scout.runsheet;

import java.util.Arrays;

/**
 * What each person does, one piece after the other, and when each begins, as early as the windows let it: a longest path over
 * ways, waits and latest ends. Begins only move later as pieces are put in, so that a try goes on from where they stand.
 */
final class Lines {
    /** What is not at rest by then is sooner tried elsewhere. */
    private static final int MOST_ROUNDS = 7;

    /** Where a piece that is in no line begins: nothing waits for it. */
    private static final int ABSENT = Integer.MIN_VALUE / 2;

    final int[][] of;
    final int[] length;
    /** When each begins; the last of them is nobody's. */
    final int[] start;
    /** Pieces looked at so far: how long a search has been at it, the same on every machine. */
    int looked;

    private final Net net;
    /** Whose line a piece is in, or −1. */
    private final int[] who;
    /** The piece for which each moved last since this began, or −1. */
    private final int[] movedBy;

    private int walk;

    Lines(Net net) {
        this.net = net;
        of = new int[net.people][net.pieces + 1];
        length = new int[net.people];
        start = new int[net.pieces + 1];
        Arrays.fill(start, ABSENT);
        who = new int[net.pieces];
        Arrays.fill(who, -1);
        movedBy = new int[net.pieces];
    }

    boolean holds(int piece) {
        return who[piece] >= 0;
    }

    int end(int piece) {
        return start[piece] + net.lasts[piece];
    }

    int last(int person) {
        return length[person] == 0 ? -1 : of[person][length[person] - 1];
    }

    void put(int person, int at, int piece) {
        int[] line = of[person];
        for (int k = length[person]; k > at; k--) {
            line[k] = line[k - 1];
        }
        line[at] = piece;
        length[person]++;
        who[piece] = person;
        start[piece] = net.release[piece];
        walk += round(person, at);
    }

    void takeAt(int person, int at) {
        int[] line = of[person];
        walk -= round(person, at);
        who[line[at]] = -1;
        start[line[at]] = ABSENT;
        length[person]--;
        for (int k = at; k < length[person]; k++) {
            line[k] = line[k + 1];
        }
    }

    void take(int piece) {
        int person = who[piece];
        if (person >= 0) {
            takeAt(person, indexOf(person, piece));
        }
    }

    /** Where it stands in that line, or −1. */
    int indexOf(int person, int piece) {
        if (who[piece] != person) {
            return -1;
        }
        int[] line = of[person];
        for (int k = 0; k < length[person]; k++) {
            if (line[k] == piece) {
                return k;
            }
        }
        return -1;
    }

    /** Walking that a piece adds where it stands. */
    private int round(int person, int at) {
        int[] line = of[person];
        int from = at == 0 ? net.standing[person] : net.place[line[at - 1]];
        int here = net.place[line[at]];
        if (at + 1 == length[person]) {
            return leg(from, here);
        }
        int to = net.place[line[at + 1]];
        return leg(from, here) + leg(here, to) - leg(from, to);
    }

    private int leg(int from, int to) {
        return from == to ? 0 : net.legs[from][to] - net.setDownS;
    }

    /** Lets begins move on after a piece was put in at this place; false where a window breaks or all ends after {@code cap}. */
    boolean settle(int person, int at, int cap) {
        if (net.tied[of[person][at]] && !isInOrder(person, at)) {
            return false;
        }
        int capS = Math.min(cap, net.horizonS);
        Arrays.fill(movedBy, -1);
        int went = pass(person, at, capS);
        return went == 0 || went > 0 && run(capS);
    }

    /** Nothing it needs stands behind it, and nothing that needs it before. */
    private boolean isInOrder(int person, int at) {
        int[] line = of[person];
        int piece = line[at];
        for (int k = 0; k < at; k++) {
            if (net.leads[piece][line[k]]) {
                return false;
            }
        }
        for (int k = at + 1; k < length[person]; k++) {
            if (net.leads[line[k]][piece]) {
                return false;
            }
        }
        return true;
    }

    /** Of those put in from one place to, and without, another. */
    boolean isInOrder(int person, int from, int to) {
        for (int at = from; at < to; at++) {
            if (net.tied[of[person][at]] && !isInOrder(person, at)) {
                return false;
            }
        }
        return true;
    }

    /** All begins anew, the lines being in order. */
    boolean refresh() {
        for (int i = 0; i < net.pieces; i++) {
            start[i] = holds(i) ? net.release[i] : ABSENT;
        }
        Arrays.fill(movedBy, -1);
        return run(net.horizonS);
    }

    private boolean run(int capS) {
        for (int round = 0; round < MOST_ROUNDS; round++) {
            int went = 0;
            for (int person = 0; person < net.people && went >= 0; person++) {
                int one = pass(person, 0, capS);
                went = one < 0 ? -1 : went | one;
            }
            if (went <= 0) {
                return went == 0;
            }
        }
        return false;
    }

    /** Moves begins later where they must be; 1: another round is needed, −1: it cannot be kept. */
    private int pass(int person, int from, int capS) {
        // Taken out of their objects once: a browser looks each of them up anew.
        int[] line = of[person];
        int many = length[person];
        int[] begins = start;
        int[] places = net.place;
        int[] lasts = net.lasts;
        int[] twins = net.twinOrNone;
        int[][] before = net.before;
        int[][] gaps = net.gapS;
        int last = from == 0 ? -1 : line[from - 1];
        int end = from == 0 ? net.freeAt[person] : end(last);
        int[] legs = net.legs[from == 0 ? net.standing[person] : places[last]];
        int again = 0;
        looked += many - from + 8;
        for (int k = from; k < many; k++) {
            int piece = line[k];
            int place = places[piece];
            int begin = end + legs[place];
            int by = last;
            int[] needs = before[piece];
            int needed = needs.length;
            if (needed > 0) {
                int[] gap = gaps[piece];
                for (int b = 0; b < needed; b++) {
                    int soonest = begins[needs[b]] + gap[b];
                    if (soonest > begin) {
                        begin = soonest;
                        by = needs[b];
                    }
                }
            }
            int twin = twins[piece];
            if (begins[twin] > begin) {
                begin = begins[twin];
                by = twin;
            }
            if (begin > begins[piece]) {
                if (begin > net.due[piece]
                        || begin + lasts[piece] > capS
                        || by >= 0 && who[by] != person && goesInCircles(by, piece)) {
                    return -1;
                }
                begins[piece] = begin;
                movedBy[piece] = by;
                again |= again == 0 && crosses(piece, person) ? 1 : 0;
            } else {
                begin = begins[piece];
            }
            if (needed > 0 && net.windowed[piece]) {
                int late = late(piece, begin, capS);
                if (late < 0) {
                    return -1;
                }
                again |= late;
            }
            end = begin + lasts[piece];
            legs = net.legs[place];
            last = piece;
        }
        return again;
    }

    /** What a piece must follow soon begins later, so that it does; 1: something moved, −1: it cannot. */
    private int late(int piece, int begin, int capS) {
        int[] needs = net.before[piece];
        int[] longest = net.longestS[piece];
        int again = 0;
        for (int b = 0; b < needs.length; b++) {
            int earlier = needs[b];
            int latest = begin - longest[b];
            if (latest > start[earlier] && holds(earlier)) {
                if (latest > net.due[earlier] || latest + net.lasts[earlier] > capS || goesInCircles(piece, earlier)) {
                    return -1;
                }
                start[earlier] = latest;
                movedBy[earlier] = piece;
                again = 1;
            }
        }
        return again;
    }

    /** Whether what moves a piece moved for that same piece: it would move for ever. */
    private boolean goesInCircles(int mover, int piece) {
        int by = mover;
        for (int back = 0; by >= 0 && back <= net.pieces; back++) {
            if (by == piece) {
                return true;
            }
            by = movedBy[by];
        }
        return by >= 0;
    }

    /** Whether a piece that moved may move one in another line. */
    private boolean crosses(int piece, int person) {
        if (net.people == 1) {
            return false;
        }
        int twin = net.twin[piece];
        if (twin >= 0 && who[twin] >= 0) {
            return true;
        }
        for (int later : net.after[piece]) {
            if (who[later] >= 0 && who[later] != person) {
                return true;
            }
        }
        return false;
    }

    /** How much a line stands about from each place on: no later end can be made up for by more. */
    int[] idleFrom(int person) {
        int[] line = of[person];
        int many = length[person];
        int[] idle = new int[many + 1];
        for (int k = many - 1; k >= 0; k--) {
            int piece = line[k];
            int free = k == 0
                    ? net.freeAt[person] + net.legs[net.standing[person]][net.place[piece]]
                    : end(line[k - 1]) + net.legs[net.place[line[k - 1]]][net.place[piece]];
            idle[k] = idle[k + 1] + start[piece] - free;
        }
        return idle;
    }

    /** What the lines would cost at the least with a piece put in there. */
    double least(int person, int at, int piece, int notBefore, int[] idle) {
        int[] line = of[person];
        int many = length[person];
        int place = net.place[piece];
        int from = at == 0 ? net.standing[person] : net.place[line[at - 1]];
        int free = at == 0 ? net.freeAt[person] : end(line[at - 1]);
        int ends = Math.max(free + net.legs[from][place], notBefore) + net.lasts[piece];
        int round = leg(from, place);
        int last = ends;
        if (at < many) {
            int to = net.place[line[at]];
            round += leg(place, to) - leg(from, to);
            int late = ends + net.legs[place][to] - start[line[at]];
            last = end(line[many - 1]) + Math.max(0, late - idle[at]);
        }
        int sum = 0;
        int latest = 0;
        for (int one = 0; one < net.people; one++) {
            int end = one == person ? last : length[one] == 0 ? 0 : end(of[one][length[one] - 1]);
            sum += end;
            latest = Math.max(latest, end);
        }
        return (double) Net.LAST * latest + (double) Net.MEAN * sum / net.people + Net.WALK * (walk + round);
    }

    /** What these lines cost as they stand. */
    double cost() {
        int last = 0;
        int sum = 0;
        for (int person = 0; person < net.people; person++) {
            int end = length[person] == 0 ? 0 : end(of[person][length[person] - 1]);
            sum += end;
            last = Math.max(last, end);
        }
        return (double) Net.LAST * last + (double) Net.MEAN * sum / net.people + Net.WALK * walk;
    }

    /** What is wanted in the end: to be done soon, and then to walk little. */
    double aim() {
        int last = 0;
        for (int person = 0; person < net.people; person++) {
            last = Math.max(last, length[person] == 0 ? 0 : end(of[person][length[person] - 1]));
        }
        return last * Net.WHOLE + walk;
    }

    void like(Lines other) {
        for (int person = 0; person < of.length; person++) {
            System.arraycopy(other.of[person], 0, of[person], 0, other.length[person]);
            length[person] = other.length[person];
        }
        System.arraycopy(other.who, 0, who, 0, who.length);
        System.arraycopy(other.start, 0, start, 0, start.length);
        walk = other.walk;
    }
}
