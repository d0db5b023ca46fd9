package morphotera.read;

import java.util.List;
import java.util.Map;
import morphotera.ground.Band;
import morphotera.measure.Cell;
import morphotera.measure.Evaluation;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.Taken;

/** Readings that gave a score, and nothing else of interest. */
final class Scored {
    private Scored() {}

    static Taken at(String spot, String method, Group group, Grade grade, double score) {
        return at(spot, null, method, group, grade, score, false);
    }

    static Taken at(
            String spot, Double depthCm, String method, Group group, Grade grade, double score, boolean hollow) {
        Evaluation done = new Evaluation(
                method,
                grade,
                group,
                List.of(),
                Map.of(),
                score,
                Band.of(score),
                List.of(),
                List.of(),
                null,
                hollow ? List.of(Evaluation.SCORE) : List.of());
        return Taken.at(spot, new Cell(null, depthCm, null, null, 1), done);
    }
}
