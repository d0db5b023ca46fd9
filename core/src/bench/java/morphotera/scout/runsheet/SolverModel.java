package morphotera.scout.runsheet;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CircuitConstraint;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** A visit for a constraint solver: each person's round through the pieces, when each begins, and the sheet to begin from. */
final class SolverModel {
    private final Outing outing;
    private final Work work;
    private final Net net;
    private final CpModel model = new CpModel();
    private final IntVar[] start;
    /** Who does what: by person and piece. */
    private final BoolVar[][] does;

    private final int mostS;

    SolverModel(Outing outing, RunSheet from) {
        this.outing = outing;
        Progress progress = new Progress(outing.now());
        this.work = Work.of(outing, progress);
        this.net = new Net(work, new Ways(outing), progress, outing);
        this.mostS = from.totalS();
        this.start = new IntVar[net.pieces];
        this.does = new BoolVar[net.people][net.pieces];
        List<List<RunSheet.Timed>> begun = new ArrayList<>();
        for (int piece = 0; piece < net.pieces; piece++) {
            start[piece] = model.newIntVar(0, mostS - net.lasts[piece], "start");
            begun.add(timed(from, piece));
        }
        waits();
        for (int person = 0; person < net.people; person++) {
            round(person, begun);
        }
        shares(begun);
        IntVar last = model.newIntVar(from.lowerBoundS(), mostS, "last");
        for (int piece = 0; piece < net.pieces; piece++) {
            model.addGreaterOrEqual(last, LinearExpr.affine(start[piece], 1, net.lasts[piece]));
        }
        model.addHint(last, mostS);
        model.minimize(last);
    }

    CpModel model() {
        return model;
    }

    int pieces() {
        return net.pieces;
    }

    private int first(int piece) {
        return Math.min(piece, net.twin[piece] < 0 ? piece : net.twin[piece]);
    }

    /** As the sheet has it, once for each person it takes. */
    private List<RunSheet.Timed> timed(RunSheet sheet, int piece) {
        Work.Piece of = work.pieces().get(first(piece));
        Work.Part part = of.parts().get(0);
        String spot = outing.spots().get(of.place()).id();
        return sheet.steps().stream()
                .filter(one -> one.spot().equals(spot)
                        && one.methods().equals(part.methods())
                        && one.step().equals(part.step().id()))
                .sorted(Comparator.comparingInt(RunSheet.Timed::person))
                .toList();
    }

    private void waits() {
        for (int piece = 0; piece < net.pieces; piece++) {
            for (int b = 0; b < net.before[piece].length; b++) {
                int earlier = net.before[piece][b];
                IntVar from = start[earlier];
                model.addGreaterOrEqual(
                        start[piece], LinearExpr.affine(from, 1, net.lasts[earlier] + net.minS[piece][b]));
                if (net.maxS[piece][b] < Work.OPEN) {
                    model.addLessOrEqual(
                            start[piece], LinearExpr.affine(from, 1, net.lasts[earlier] + net.maxS[piece][b]));
                }
            }
        }
    }

    /** From the gate through pieces, each once at most, and home from wherever the last one is. */
    private void round(int person, List<List<RunSheet.Timed>> begun) {
        int gate = net.pieces;
        CircuitConstraint circuit = model.addCircuit();
        IntervalVar[] busy = new IntervalVar[net.pieces];
        int[] next = next(person, begun);
        for (int piece = 0; piece < net.pieces; piece++) {
            does[person][piece] = model.newBoolVar("does");
            busy[piece] = model.newOptionalFixedSizeIntervalVar(
                    start[piece], net.lasts[piece], does[person][piece], "busy");
            circuit.addArc(piece, piece, does[person][piece].not());
            arc(circuit, gate, piece, next, net.legs[net.standing[person]][net.place[piece]]);
            BoolVar home = model.newBoolVar("home");
            circuit.addArc(piece, gate, home);
            model.addHint(home, next[piece] == gate ? 1 : 0);
            for (int other = 0; other < net.pieces; other++) {
                if (other != piece && net.twin[piece] != other && !net.leads[other][piece]) {
                    arc(circuit, piece, other, next, net.legs[net.place[piece]][net.place[other]]);
                }
            }
        }
        BoolVar stays = model.newBoolVar("stays");
        circuit.addArc(gate, gate, stays);
        model.addHint(stays, next[gate] == gate ? 1 : 0);
        model.addNoOverlap(busy);
    }

    private void arc(CircuitConstraint circuit, int from, int to, int[] next, int leg) {
        BoolVar goes = model.newBoolVar("goes");
        circuit.addArc(from, to, goes);
        if (from == net.pieces) {
            model.addGreaterOrEqual(start[to], leg).onlyEnforceIf(goes);
        } else {
            model.addGreaterOrEqual(start[to], LinearExpr.affine(start[from], 1, net.lasts[from] + leg))
                    .onlyEnforceIf(goes);
        }
        model.addHint(goes, next[from] == to ? 1 : 0);
    }

    /** Which piece that person does after each, by the sheet to begin from. */
    private int[] next(int person, List<List<RunSheet.Timed>> begun) {
        List<Integer> own = new ArrayList<>();
        for (int piece = 0; piece < net.pieces; piece++) {
            if (doer(piece, begun) == person) {
                own.add(piece);
            }
        }
        own.sort(Comparator.comparingInt(
                piece -> begun.get(piece).get(0).startS() * 2 + (net.lasts[piece] > 0 ? 1 : 0)));
        int[] next = new int[net.pieces + 1];
        java.util.Arrays.fill(next, -1);
        int at = net.pieces;
        for (int piece : own) {
            next[at] = piece;
            at = piece;
        }
        next[at] = net.pieces;
        return next;
    }

    private int doer(int piece, List<List<RunSheet.Timed>> begun) {
        List<RunSheet.Timed> timed = begun.get(piece);
        return timed.get(piece == first(piece) ? 0 : timed.size() - 1).person();
    }

    /** Somebody does each piece; two do the one for two, at the same time. */
    private void shares(List<List<RunSheet.Timed>> begun) {
        for (int piece = 0; piece < net.pieces; piece++) {
            List<Literal> somebody = new ArrayList<>();
            for (int person = 0; person < net.people; person++) {
                somebody.add(does[person][piece]);
                model.addHint(does[person][piece], doer(piece, begun) == person ? 1 : 0);
                if (net.twin[piece] > piece) {
                    // Whoever is named first has the first half: two names for one sheet are one too many.
                    for (int other = 0; other <= person; other++) {
                        model.addBoolOr(new Literal[] {
                            does[person][piece].not(), does[other][net.twin[piece]].not()
                        });
                    }
                }
            }
            model.addExactlyOne(somebody);
            if (net.twin[piece] > piece) {
                model.addEquality(start[piece], start[net.twin[piece]]);
            }
            model.addHint(start[piece], begun.get(piece).get(0).startS());
        }
    }

    /** What the solver found, as a sheet of the same visit. */
    RunSheet sheet(CpSolver solver, RunSheet like) {
        List<RunSheet.Timed> steps = new ArrayList<>();
        int total = 0;
        for (int piece = 0; piece < net.pieces; piece++) {
            Work.Piece of = work.pieces().get(first(piece));
            int begins = (int) solver.value(start[piece]);
            for (int person = 0; person < net.people; person++) {
                if (!solver.booleanValue(does[person][piece])) {
                    continue;
                }
                for (Work.Part part : of.parts()) {
                    int from = begins + part.fromS();
                    String spot = outing.spots().get(of.place()).id();
                    steps.add(new RunSheet.Timed(
                            person, spot, part.methods(), part.step().id(), from, from + part.lastsS()));
                    total = Math.max(total, from + part.lastsS());
                }
            }
        }
        return new RunSheet(
                steps,
                total,
                like.handsOnS(),
                like.walkS(),
                like.oneAfterAnotherS(),
                like.lowerBoundS(),
                like.dayBefore(),
                like.later(),
                List.of());
    }
}
