package morphotera.scout.runsheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import morphotera.ground.Nullable;
import morphotera.ground.TextureGroup;
import morphotera.measure.Description;
import morphotera.measure.Step;

/**
 * What is to be done in the field: pieces that nobody leaves, what comes before what, and how long after. What several methods
 * share at a spot (the block, the hole of the auger, putting back) is one piece.
 */
final class Work {
    /** No latest end. */
    static final int OPEN = Integer.MAX_VALUE / 4;

    private static final String PUT_BACK = "put-back";

    /** A step inside a piece, so many seconds after the piece begins. */
    record Part(List<String> methods, Step step, int fromS, int lastsS) {}

    /** @param test which test's it is, by its number; a shared piece has a number of its own */
    record Piece(int place, int test, List<Part> parts, int lastsS, boolean byTwo) {}

    /** A piece begins at least {@code minS} and at most {@code maxS} after another one ends. */
    record After(int piece, int minS, int maxS) {}

    private final List<Piece> pieces = new ArrayList<>();
    private final List<List<After>> after = new ArrayList<>();
    private final List<Integer> release = new ArrayList<>();
    private final List<Integer> due = new ArrayList<>();
    private final List<List<Integer>> heldBy = new ArrayList<>();
    private int tests;

    List<Piece> pieces() {
        return pieces;
    }

    List<After> after(int piece) {
        return after.get(piece);
    }

    /** Not before this second. */
    int release(int piece) {
        return release.get(piece);
    }

    /** Not after this second. */
    int due(int piece) {
        return due.get(piece);
    }

    void forgive(int piece) {
        due.set(piece, OPEN);
    }

    /** Who has it in hand already; nobody: anybody may do it. */
    List<Integer> heldBy(int piece) {
        return heldBy.get(piece);
    }

    int tests() {
        return tests;
    }

    private int add(Piece piece) {
        pieces.add(piece);
        after.add(new ArrayList<>());
        release.add(0);
        due.add(OPEN);
        heldBy.add(List.of());
        return pieces.size() - 1;
    }

    /** All of it, from the beginning or from now. */
    static Work of(Outing outing, Progress progress) {
        Work work = new Work();
        for (Outing.Spot spot : outing.spots()) {
            new AtSpot(work, outing, spot.id(), progress).lay();
        }
        return work;
    }

    /** The wait after a step as it is planned with: as short as the ground lets it be. */
    static int waitS(Step.Wait wait, TextureGroup texture) {
        return wait.expect() == null ? wait.minS() : wait.expect().in(texture);
    }

    /** The steps of a way of doing it that are done in the field. */
    static List<Step> inField(Description.Variant variant) {
        List<Step> steps = new ArrayList<>();
        for (Step step : variant.steps()) {
            if (step.when() == Step.When.FIELD) {
                steps.add(step);
            }
        }
        return steps;
    }

    /** The wait between two field steps that follow on one another; what is done later lies between, there is none. */
    static @Nullable Step.Wait between(Description.Variant variant, Step one, Step next) {
        int at = variant.steps().indexOf(one);
        boolean follows = at + 1 < variant.steps().size() && variant.steps().get(at + 1) == next;
        return follows ? one.pause() : null;
    }

    /** One spot being laid out. */
    private static final class AtSpot {
        private final Work work;
        private final Outing outing;
        private final int place;
        private final List<Outing.Test> tests;
        private final Progress progress;
        private final String spot;
        private final Map<String, Integer> shared = new LinkedHashMap<>();
        private final Map<String, Set<Integer>> users = new LinkedHashMap<>();

        AtSpot(Work work, Outing outing, String spot, Progress progress) {
            this.work = work;
            this.outing = outing;
            this.spot = spot;
            this.place = outing.place(spot);
            this.tests = outing.at(spot);
            this.progress = progress;
        }

        void lay() {
            Map<String, List<String>> sharing = new LinkedHashMap<>();
            Map<String, Step> steps = new LinkedHashMap<>();
            for (Outing.Test test : tests) {
                for (Step step : inField(test.variant())) {
                    if (step.sharedAs() != null) {
                        sharing.computeIfAbsent(step.sharedAs(), any -> new ArrayList<>())
                                .add(test.method().id());
                        steps.putIfAbsent(step.sharedAs(), step);
                    }
                }
            }
            sharing.forEach((name, methods) -> {
                if (!name.equals(PUT_BACK)) {
                    share(name, methods, steps.get(name));
                }
            });
            tests.forEach(this::own);
            if (sharing.containsKey(PUT_BACK)) {
                share(PUT_BACK, sharing.get(PUT_BACK), steps.get(PUT_BACK));
                Integer back = shared.get(PUT_BACK);
                for (int use : users.getOrDefault("block", Set.of())) {
                    if (back != null) {
                        work.after(back).add(new After(use, 0, OPEN));
                    }
                }
            }
        }

        private void share(String name, List<String> methods, Step step) {
            int test = work.tests++;
            if (progress.endOf(spot, methods, step.id()) != null) {
                return;
            }
            List<Outing.Running> running = progress.running(spot, methods, step.id());
            int lasts = lasts(step, running);
            List<Part> parts = List.of(new Part(List.copyOf(methods), step, 0, lasts));
            int piece = work.add(new Piece(place, test, parts, lasts, step.minPeople() > 1));
            hold(piece, running);
            shared.put(name, piece);
        }

        /** A step in hand that takes longer than planned ends now at the earliest. */
        private int lasts(Step step, List<Outing.Running> running) {
            int sofar = running.isEmpty() ? 0 : progress.atS() - running.get(0).startS();
            return Math.max(step.handsOnS(), sofar);
        }

        private void hold(int piece, List<Outing.Running> running) {
            if (!running.isEmpty()) {
                work.release.set(piece, running.get(0).startS());
                work.due.set(piece, OPEN);
                work.after.get(piece).clear();
                List<Integer> people = new ArrayList<>();
                running.forEach(one -> people.add(one.person()));
                work.heldBy.set(piece, people);
            }
        }

        /** The steps that are this test's alone, cut wherever it may be left. */
        private void own(Outing.Test test) {
            List<Step> steps = inField(test.variant());
            List<String> method = List.of(test.method().id());
            int number = work.tests++;
            Set<String> begun = new LinkedHashSet<>();
            List<Part> parts = new ArrayList<>();
            int before = -1;
            Step.Wait wait = null;
            Integer doneAt = null;
            List<Outing.Running> running = new ArrayList<>();
            int lasts = 0;
            for (int i = 0; i < steps.size(); i++) {
                Step step = steps.get(i);
                if (step.sharedAs() != null) {
                    if (!step.sharedAs().equals(PUT_BACK)) {
                        begun.add(step.sharedAs());
                    }
                    continue;
                }
                Integer end = progress.endOf(spot, method, step.id());
                Step next = i + 1 < steps.size() ? steps.get(i + 1) : null;
                Step.Wait pause = next == null ? null : between(test.variant(), step, next);
                if (end != null) {
                    doneAt = end;
                    wait = pause;
                    continue;
                }
                List<Outing.Running> now = progress.running(spot, method, step.id());
                int takes = lasts(step, now);
                parts.add(new Part(method, step, lasts, takes));
                running.addAll(now);
                lasts += takes;
                if (pause != null && pause.watched()) {
                    lasts += waitS(pause, outing.texture());
                    continue;
                }
                int piece = work.add(new Piece(place, number, List.copyOf(parts), lasts, step.minPeople() > 1));
                tie(piece, before, wait, doneAt, begun);
                hold(piece, running);
                running.clear();
                parts.clear();
                lasts = 0;
                before = piece;
                wait = pause;
                doneAt = null;
            }
            if (before >= 0 && begun.contains("block")) {
                users.computeIfAbsent("block", any -> new LinkedHashSet<>()).add(before);
            }
        }

        private void tie(int piece, int before, @Nullable Step.Wait wait, @Nullable Integer doneAt, Set<String> begun) {
            int min = wait == null ? 0 : waitS(wait, outing.texture());
            int max = wait == null ? OPEN : wait.maxS();
            if (before >= 0) {
                work.after(piece).add(new After(before, min, max));
            } else if (doneAt != null) {
                work.release.set(piece, doneAt + min);
                work.due.set(piece, max == OPEN ? OPEN : doneAt + max);
                Integer watcher = wait != null && wait.watched() ? progress.watcher(spot) : null;
                if (watcher != null) {
                    work.heldBy.set(piece, List.of(watcher));
                }
            } else {
                for (String name : begun) {
                    Integer first = shared.get(name);
                    if (first != null) {
                        work.after(piece).add(new After(first, 0, OPEN));
                    }
                }
            }
        }
    }

    /** Which pieces of the finer work each piece of the joined one is made of. */
    record Joined(Work work, List<List<Integer>> of) {}

    /** The same with whatever of a test can go on without a wait done in one go: fewer pieces to order. */
    Joined joined() {
        Work coarse = new Work();
        coarse.tests = tests;
        List<List<Integer>> of = new ArrayList<>();
        int[] into = new int[pieces.size()];
        for (int i = 0; i < pieces.size(); i++) {
            Piece piece = pieces.get(i);
            int last = coarse.pieces.size() - 1;
            if (last >= 0 && goesOn(i)) {
                Piece so = coarse.pieces.get(last);
                List<Part> parts = new ArrayList<>(so.parts());
                for (Part part : piece.parts()) {
                    parts.add(new Part(part.methods(), part.step(), so.lastsS() + part.fromS(), part.lastsS()));
                }
                coarse.pieces.set(
                        last, new Piece(so.place(), so.test(), parts, so.lastsS() + piece.lastsS(), so.byTwo()));
                of.get(last).add(i);
                into[i] = last;
            } else {
                into[i] = coarse.add(piece);
                coarse.release.set(into[i], release.get(i));
                coarse.due.set(into[i], due.get(i));
                coarse.heldBy.set(into[i], heldBy.get(i));
                of.add(new ArrayList<>(List.of(i)));
                for (After one : after.get(i)) {
                    coarse.after(into[i]).add(new After(into[one.piece()], one.minS(), one.maxS()));
                }
            }
        }
        return new Joined(coarse, of);
    }

    private boolean goesOn(int i) {
        if (i == 0 || after.get(i).size() != 1) {
            return false;
        }
        After one = after.get(i).get(0);
        Piece before = pieces.get(i - 1);
        return one.piece() == i - 1
                && one.minS() == 0
                && one.maxS() == OPEN
                && before.test() == pieces.get(i).test()
                && before.byTwo() == pieces.get(i).byTwo();
    }
}
