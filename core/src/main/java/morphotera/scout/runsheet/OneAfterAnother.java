package morphotera.scout.runsheet;

import java.util.ArrayList;
import java.util.List;

/** The visit as it goes without a sheet: spot by spot along the walk, each test to its end before the next begins. */
final class OneAfterAnother {
    private OneAfterAnother() {}

    /** Several people share the spots out as they come free; what takes two comes first. */
    static int seconds(Outing outing, int[] walk) {
        Progress progress = new Progress(null);
        Work work = Work.of(outing, progress).joined().work();
        Net net = new Net(work, new Ways(outing), progress, outing);
        Lines lines = new Lines(net);
        for (int place : walk) {
            for (int piece = 0; piece < work.pieces().size(); piece++) {
                if (work.pieces().get(piece).place() == place
                        && work.pieces().get(piece).byTwo()) {
                    lines.put(0, lines.length[0], piece);
                    lines.put(1, lines.length[1], net.twin[piece]);
                }
            }
        }
        for (int place : walk) {
            List<Integer> here = new ArrayList<>();
            for (int piece = 0; piece < work.pieces().size(); piece++) {
                if (work.pieces().get(piece).place() == place
                        && !work.pieces().get(piece).byTwo()) {
                    here.add(piece);
                }
            }
            int person = firstFree(net, lines);
            for (int piece : here) {
                lines.put(person, lines.length[person], piece);
            }
        }
        lines.refresh();
        int last = 0;
        for (int person = 0; person < net.people; person++) {
            last = Math.max(last, lines.length[person] == 0 ? 0 : lines.end(lines.last(person)));
        }
        return last;
    }

    private static int firstFree(Net net, Lines lines) {
        lines.refresh();
        int first = 0;
        int soonest = Work.OPEN;
        for (int person = 0; person < net.people; person++) {
            int end = lines.length[person] == 0 ? 0 : lines.end(lines.last(person));
            if (end < soonest) {
                soonest = end;
                first = person;
            }
        }
        return first;
    }
}
