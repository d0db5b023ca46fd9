package morphotera.scout.runsheet;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import java.util.ArrayList;
import java.util.List;
import morphotera.ground.Numbers;

/**
 * How far run sheets are from what a constraint solver makes of them in a minute, beginning from the sheet itself:
 * {@code mvn -Pbench -pl core verify -DskipTests -Dbench=morphotera.scout.runsheet.SolverBench}. Half an hour.
 */
final class SolverBench {
    private static final int VISITS = 24;
    private static final double MOST_S = 60;

    private SolverBench() {}

    public static void main(String[] arguments) {
        Loader.loadNativeLibraries();
        List<Double> over = new ArrayList<>();
        int closed = 0;
        int unread = 0;
        for (int seed = 0; seed < VISITS; seed++) {
            Outing outing = Outings.drawn(seed);
            RunSheet sheet = RunSheet.plan(outing);
            SolverModel model = new SolverModel(outing, sheet);
            CpSolver solver = new CpSolver();
            solver.getParameters()
                    .setMaxTimeInSeconds(MOST_S)
                    .setNumWorkers(Runtime.getRuntime().availableProcessors());
            CpSolverStatus status = solver.solve(model.model());
            // The largest visits take it the whole minute to be read: the sheet it began from is then its best.
            boolean read = status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
            if (!read && status != CpSolverStatus.UNKNOWN) {
                throw new IllegalStateException(seed + ": " + status + ", though it began from a sheet");
            }
            RunSheet solved = read ? model.sheet(solver, sheet) : sheet;
            unread += read ? 0 : 1;
            // The solver's own sheet is held against the rules as well: a model with a rule missing would look better.
            List<String> faults = Inspector.faults(outing, solved);
            if (!faults.isEmpty()) {
                throw new IllegalStateException(seed + ": " + faults);
            }
            closed += status == CpSolverStatus.OPTIMAL ? 1 : 0;
            over.add((double) sheet.totalS() / solved.totalS());
            System.out.printf(
                    "%2d: %d people, %2d spots, %3d pieces; ours %5d s, solver %5d s (not under %5.0f), bound %5d s; %.3f%n",
                    seed,
                    outing.people(),
                    outing.spots().size(),
                    model.pieces(),
                    sheet.totalS(),
                    solved.totalS(),
                    solver.bestObjectiveBound(),
                    sheet.lowerBoundS(),
                    over.get(seed));
        }
        System.out.printf(
                "over the solver's best: median %.3f, worst %.3f; of %d, %d shown to be the least there is, %d too large for it%n",
                Numbers.median(over), Numbers.highest(over), VISITS, closed, unread);
    }
}
