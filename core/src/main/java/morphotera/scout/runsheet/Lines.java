package morphotera.scout.runsheet;

/**
 * What each person does, one piece after the other, and when each begins, as early as the windows let it: a longest path over
 * ways, waits and latest ends. Begins only move later as pieces are put in, so that a try goes on from where they stand.
 */
final class Lines {
    private static final int MOST_ROUNDS = 40;

    final int[][] of;
    final int[] length;
    final int[] start;
    /** Pieces looked at so far: how long a search has been at it, the same on every machine. */
    long looked;

    private final Net net;
    private final boolean[] holds;
    private long walk;

    Lines(Net net) {
        this.net = net;
        of = new int[net.people][net.pieces + 1];
        length = new int[net.people];
        start = new int[net.pieces];
        holds = new boolean[net.pieces];
    }

    boolean holds(int piece) {
        return holds[piece];
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
        holds[piece] = true;
        start[piece] = net.release[piece];
        walk += round(person, at);
    }

    void takeAt(int person, int at) {
        int[] line = of[person];
        walk -= round(person, at);
        holds[line[at]] = false;
        length[person]--;
        for (int k = at; k < length[person]; k++) {
            line[k] = line[k + 1];
        }
    }

    void take(int piece) {
        for (int person = 0; person < net.people; person++) {
            int at = indexOf(person, piece);
            if (at >= 0) {
                takeAt(person, at);
                return;
            }
        }
    }

    int indexOf(int person, int piece) {
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
        int went = pass(person, at, capS);
        return went == 0 && net.people == 1 || went >= 0 && run(capS);
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

    boolean isInOrder() {
        for (int person = 0; person < net.people; person++) {
            for (int at = 0; at < length[person]; at++) {
                if (net.tied[of[person][at]] && !isInOrder(person, at)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** All begins anew, the lines being in order. */
    boolean refresh() {
        for (int i = 0; i < net.pieces; i++) {
            start[i] = net.release[i];
        }
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
        int[] line = of[person];
        int many = length[person];
        int[] begins = start;
        int end = from == 0 ? net.freeAt[person] : end(line[from - 1]);
        int at = from == 0 ? net.standing[person] : net.place[line[from - 1]];
        int again = 0;
        looked += many - from + 8;
        for (int k = from; k < many; k++) {
            int piece = line[k];
            int place = net.place[piece];
            int begin = Math.max(begins[piece], end + net.legs[at][place]);
            int[] needs = net.before[piece];
            for (int b = 0; b < needs.length; b++) {
                if (holds[needs[b]]) {
                    begin = Math.max(begin, begins[needs[b]] + net.lasts[needs[b]] + net.minS[piece][b]);
                }
            }
            int twin = net.twin[piece];
            if (twin >= 0 && holds[twin]) {
                begin = Math.max(begin, begins[twin]);
            }
            end = begin + net.lasts[piece];
            if (begin > begins[piece]) {
                if (begin > net.due[piece] || end > capS) {
                    return -1;
                }
                begins[piece] = begin;
                again |= net.crosses[piece];
            }
            if (net.windowed[piece]) {
                for (int b = 0; b < needs.length; b++) {
                    int latest = begin - net.maxS[piece][b] - net.lasts[needs[b]];
                    if (holds[needs[b]] && latest > begins[needs[b]]) {
                        if (latest > net.due[needs[b]] || latest + net.lasts[needs[b]] > capS) {
                            return -1;
                        }
                        begins[needs[b]] = latest;
                        again = 1;
                    }
                }
            }
            at = place;
        }
        return again;
    }

    /** What these lines cost as they stand. */
    long cost() {
        int last = 0;
        long sum = 0;
        for (int person = 0; person < net.people; person++) {
            int end = length[person] == 0 ? 0 : end(of[person][length[person] - 1]);
            sum += end;
            last = Math.max(last, end);
        }
        return (long) Net.LAST * last + Net.MEAN * sum / net.people + Net.WALK * walk;
    }

    void like(Lines other) {
        for (int person = 0; person < of.length; person++) {
            System.arraycopy(other.of[person], 0, of[person], 0, other.length[person]);
            length[person] = other.length[person];
        }
        System.arraycopy(other.holds, 0, holds, 0, holds.length);
        System.arraycopy(other.start, 0, start, 0, start.length);
        walk = other.walk;
    }
}
