package morphotera.scout.runsheet;

/** The work as numbers, the way a search wants it. A piece for two stands in two lines: it has a twin. */
final class Net {
    /** More than anything costs. Costs are whole numbers in doubles: a browser has no long ones of its own, and counts them slowly. */
    static final double NEVER = 1e15;

    /**
     * What a second until the last one leaves, of everybody's mean and of walking weigh while a search goes on. Less walking
     * leads to less time, so it weighs more on the way than in the end.
     */
    static final int LAST = 100;

    static final int MEAN = 15;
    static final int WALK = 50;

    /** More than a day's walk: of two sheets the one that ends sooner is better, and of two that end together the one with less walking. */
    static final double WHOLE = 1e6;

    final int pieces;
    final int people;
    final int[] place;
    final int[] lasts;
    /** The same piece in the other person's line, or −1. */
    final int[] twin;
    /** The same, or the number of pieces. */
    final int[] twinOrNone;

    final int[][] before;
    final int[][] minS;
    final int[][] maxS;
    /** From the begin of each before it to its own: at the least, and at the most. */
    final int[][] gapS;

    final int[][] longestS;
    final int[] release;
    final int[] due;
    final int[] test;
    final int[][] legs;
    final int setDownS;
    final int[] freeAt;
    final int[] standing;

    /** Whose before they are. */
    final int[][] after;

    /** Whether the first must come before the second, one directly after the other. */
    final boolean[][] leads;

    /** Whether any piece must come before it or after it. */
    final boolean[] tied;

    /** Whether it must begin soon after another one. */
    final boolean[] windowed;

    /** Nothing that ends later is a sheet. */
    final int horizonS;

    Net(Work work, Ways ways, Progress progress, Outing outing) {
        int n = work.pieces().size();
        int twins = 0;
        for (Work.Piece piece : work.pieces()) {
            twins += piece.byTwo() ? 1 : 0;
        }
        pieces = n + twins;
        people = outing.people();
        legs = ways.legs();
        setDownS = outing.setDownS();
        place = new int[pieces];
        lasts = new int[pieces];
        twin = new int[pieces];
        test = new int[pieces];
        release = new int[pieces];
        due = new int[pieces];
        before = new int[pieces][];
        minS = new int[pieces][];
        maxS = new int[pieces][];
        gapS = new int[pieces][];
        longestS = new int[pieces][];
        int other = n;
        for (int i = 0; i < n; i++) {
            Work.Piece piece = work.pieces().get(i);
            take(work, i, i);
            twin[i] = -1;
            if (piece.byTwo()) {
                take(work, other, i);
                twin[i] = other;
                twin[other] = i;
                other++;
            }
        }
        twinOrNone = new int[pieces];
        for (int i = 0; i < pieces; i++) {
            twinOrNone[i] = twin[i] < 0 ? pieces : twin[i];
            measureGaps(i);
        }
        after = new int[pieces][];
        int[] many = new int[pieces];
        for (int[] needs : before) {
            for (int one : needs) {
                many[one]++;
            }
        }
        windowed = new boolean[pieces];
        leads = new boolean[pieces][pieces];
        tied = new boolean[pieces];
        for (int i = 0; i < pieces; i++) {
            for (int b = 0; b < before[i].length; b++) {
                leads[before[i][b]][i] = true;
                tied[i] = true;
                tied[before[i][b]] = true;
                windowed[i] |= maxS[i][b] < Work.OPEN;
                int earlier = before[i][b];
                after[earlier] = after[earlier] == null ? new int[many[earlier]] : after[earlier];
                after[earlier][--many[earlier]] = i;
            }
        }
        for (int i = 0; i < pieces; i++) {
            after[i] = after[i] == null ? new int[0] : after[i];
        }
        freeAt = new int[people];
        standing = new int[people];
        for (int person = 0; person < people; person++) {
            String spot = progress.spotOf(person);
            standing[person] = spot == null ? ways.gate() : outing.place(spot);
            freeAt[person] = progress.freeAt(person);
        }
        horizonS = horizon();
    }

    private void measureGaps(int piece) {
        int n = before[piece].length;
        gapS[piece] = new int[n];
        longestS[piece] = new int[n];
        for (int b = 0; b < n; b++) {
            int lasted = lasts[before[piece][b]];
            gapS[piece][b] = lasted + minS[piece][b];
            longestS[piece][b] = Math.min(Work.OPEN, lasted + Math.min(Work.OPEN, maxS[piece][b]));
        }
    }

    /** All of it by one person, each piece with its waits and the longest way. */
    private int horizon() {
        int longest = 0;
        for (int[] from : legs) {
            for (int leg : from) {
                longest = Math.max(longest, leg);
            }
        }
        int sum = longest;
        for (int person = 0; person < people; person++) {
            sum += freeAt[person];
        }
        for (int i = 0; i < pieces; i++) {
            int wait = 0;
            for (int min : minS[i]) {
                wait = Math.max(wait, min);
            }
            sum += lasts[i] + wait + longest + release[i];
        }
        return sum;
    }

    private void take(Work work, int at, int i) {
        Work.Piece piece = work.pieces().get(i);
        place[at] = piece.place();
        lasts[at] = piece.lastsS();
        test[at] = piece.test();
        release[at] = work.release(i);
        due[at] = work.due(i);
        int n = work.after(i).size();
        before[at] = new int[n];
        minS[at] = new int[n];
        maxS[at] = new int[n];
        for (int k = 0; k < n; k++) {
            Work.After one = work.after(i).get(k);
            before[at][k] = one.piece();
            minS[at][k] = one.minS();
            maxS[at][k] = one.maxS();
        }
    }

    /** The least seconds until the last one leaves that lines of this cost could have. */
    static int atMostS(double cost) {
        return cost >= NEVER ? Work.OPEN : (int) (cost / LAST);
    }
}
