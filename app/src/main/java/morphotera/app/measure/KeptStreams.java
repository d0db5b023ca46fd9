package morphotera.app.measure;

import java.util.List;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;

/** What probes said in the minute before their figures were taken. */
public record KeptStreams(List<Stream> streams) implements Checked {
    private static final int MOST_STREAMS = 20;
    private static final int MOST_POINTS = 1200;
    private static final double LONGEST_S = 61;

    public record Point(Double atS, Double value) {}

    /** @param field of the reading that the figure went into, such as {@code /reading/ec} */
    public record Stream(String field, String probe, String unit, List<Point> points) {}

    @Override
    public void check(Findings findings) {
        findings.needed("/streams", streams, "What the probe said");
        if (streams != null && streams.size() > MOST_STREAMS) {
            findings.refuse("/streams", "too-many", "A reading keeps " + MOST_STREAMS + " streams at most.");
        }
        for (int i = 0; streams != null && i < streams.size(); i++) {
            stream(findings, "/streams/" + i, streams.get(i));
        }
    }

    private static void stream(Findings findings, String at, Stream one) {
        findings.needed(at, one, "A stream");
        if (one == null) {
            return;
        }
        findings.text(at + "/field", one.field(), "The field it went into", 80);
        findings.text(at + "/probe", one.probe(), "The probe", 60);
        findings.text(at + "/unit", one.unit(), "The unit", 20);
        findings.needed(at + "/points", one.points(), "Its figures");
        if (one.points() == null) {
            return;
        }
        if (one.points().size() > MOST_POINTS) {
            findings.refuse(at + "/points", "too-many", "A stream keeps " + MOST_POINTS + " figures at most.");
        }
        points(findings, at + "/points", one.points());
    }

    private static void points(Findings findings, String at, List<Point> points) {
        double before = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < points.size(); i++) {
            Point point = points.get(i);
            String here = at + "/" + i;
            if (point == null || point.atS() == null || point.value() == null) {
                findings.refuse(here, "missing", "A figure has its instant and its value.");
                return;
            }
            findings.range(here + "/value", point.value(), "A value", -1e6, 1e6);
            if (!(point.atS() > before)) {
                findings.refuse(here + "/atS", "backward", "The instants of a stream rise.");
                return;
            }
            before = point.atS();
        }
        if (!points.isEmpty() && before - points.get(0).atS() > LONGEST_S) {
            findings.refuse(at, "too-long", "The last minute is kept, not more.");
        }
    }
}
