package morphotera.scout.runsheet;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class LinesTest {
    /** One alone at a hole, which is read again and again, and must not be late for it. */
    private final Outing outing = Outings.row(1, 1, "percolation-hole", "root-depth");

    private final Progress progress = new Progress(null);
    private final Work work = Work.of(outing, progress);
    private final Net net = new Net(work, new Ways(outing), progress, outing);

    @Test
    void what_breaks_a_window_wherever_it_is_moved_is_given_up_in_the_second_round() {
        Lines lines = new Lines(net);
        int longest = 0;
        int read = -1;
        for (int piece = 0; piece < net.pieces; piece++) {
            boolean ofHole = work.pieces().get(piece).parts().get(0).methods().contains("percolation-hole");
            if (ofHole) {
                lines.put(0, lines.length[0], piece);
                read = net.windowed[piece] ? lines.length[0] - 1 : read;
            } else if (net.lasts[piece] > net.lasts[longest]) {
                longest = piece;
            }
        }
        assertThat(lines.refresh()).isTrue();
        assertThat(read).as("the reading that has a window").isPositive();
        net.lasts[longest] += net.longestS[lines.of[0][read]][0];

        lines.put(0, read, longest);
        int before = lines.looked;
        assertThat(lines.settle(0, read, Work.OPEN)).isFalse();
        int round = lines.length[0] + 8;
        assertThat(lines.looked - before).isLessThanOrEqualTo(2 * round);
    }
}
