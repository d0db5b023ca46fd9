package morphotera.scout;

import java.util.Arrays;

/** The shortest way through some places from a gate: exact for few of them, else nearest neighbour put right by 2-opt. */
public final class Walk {
    private static final int EXACT = 11;

    private Walk() {}

    /**
     * An open path.
     *
     * @param metres between places, the gate after the last of them
     * @return the places in the order they are walked to
     */
    public static int[] from(double[][] metres) {
        int n = metres.length - 1;
        return n <= EXACT ? exact(metres, n) : improved(metres, n);
    }

    /** The path from the gate through the places in this order. */
    public static double length(double[][] metres, int[] order) {
        double length = 0;
        int at = metres.length - 1;
        for (int place : order) {
            length += metres[at][place];
            at = place;
        }
        return length;
    }

    /** A least spanning tree over the gate and all places: no walk by several people is shorter. */
    public static double tree(double[][] metres) {
        int n = metres.length;
        double[] nearest = metres[n - 1].clone();
        boolean[] in = new boolean[n];
        in[n - 1] = true;
        double sum = 0;
        for (int added = 1; added < n; added++) {
            int next = -1;
            for (int i = 0; i < n; i++) {
                if (!in[i] && (next < 0 || nearest[i] < nearest[next])) {
                    next = i;
                }
            }
            in[next] = true;
            sum += nearest[next];
            for (int i = 0; i < n; i++) {
                nearest[i] = Math.min(nearest[i], metres[next][i]);
            }
        }
        return sum;
    }

    /** Whether {@link #from} is the shortest there is. */
    public static boolean isExact(int places) {
        return places <= EXACT;
    }

    /** Held and Karp (1962): the best way to end at each place having seen each set. */
    private static int[] exact(double[][] metres, int n) {
        if (n == 0) {
            return new int[0];
        }
        double[][] best = new double[1 << n][n];
        int[][] from = new int[1 << n][n];
        for (double[] row : best) {
            Arrays.fill(row, Double.MAX_VALUE);
        }
        for (int i = 0; i < n; i++) {
            best[1 << i][i] = metres[n][i];
            from[1 << i][i] = -1;
        }
        for (int seen = 1; seen < 1 << n; seen++) {
            for (int last = 0; last < n; last++) {
                if ((seen >> last & 1) == 0 || best[seen][last] == Double.MAX_VALUE) {
                    continue;
                }
                for (int next = 0; next < n; next++) {
                    int with = seen | 1 << next;
                    double length = best[seen][last] + metres[last][next];
                    if (with != seen && length < best[with][next]) {
                        best[with][next] = length;
                        from[with][next] = last;
                    }
                }
            }
        }
        int seen = (1 << n) - 1;
        int last = 0;
        for (int i = 1; i < n; i++) {
            last = best[seen][i] < best[seen][last] ? i : last;
        }
        int[] order = new int[n];
        for (int k = n - 1; k >= 0; k--) {
            order[k] = last;
            int before = from[seen][last];
            seen &= ~(1 << last);
            last = before;
        }
        return order;
    }

    private static int[] improved(double[][] metres, int n) {
        int[] order = new int[n];
        boolean[] seen = new boolean[n];
        int at = n;
        for (int k = 0; k < n; k++) {
            int next = -1;
            for (int i = 0; i < n; i++) {
                if (!seen[i] && (next < 0 || metres[at][i] < metres[at][next])) {
                    next = i;
                }
            }
            seen[next] = true;
            order[k] = next;
            at = next;
        }
        boolean better = true;
        while (better) {
            better = false;
            for (int i = 0; i < n - 1; i++) {
                for (int k = i + 1; k < n; k++) {
                    better |= turn(metres, order, i, k);
                }
            }
        }
        return order;
    }

    /** Walks a stretch the other way round where that is shorter; the path is open, so its end is free. */
    private static boolean turn(double[][] metres, int[] order, int i, int k) {
        int n = order.length;
        int before = i == 0 ? n : order[i - 1];
        double now = metres[before][order[i]] + (k + 1 < n ? metres[order[k]][order[k + 1]] : 0);
        double turned = metres[before][order[k]] + (k + 1 < n ? metres[order[i]][order[k + 1]] : 0);
        if (turned >= now - 1e-9) {
            return false;
        }
        for (int a = i, b = k; a < b; a++, b--) {
            int kept = order[a];
            order[a] = order[b];
            order[b] = kept;
        }
        return true;
    }
}
