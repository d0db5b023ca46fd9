package morphotera.scout.runsheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.measure.Step;

/** Holds a sheet against the steps of its methods, one rule after another, and knows nothing of how sheets are made. */
final class Inspector {
    private final Outing outing;
    private final RunSheet sheet;
    private final List<String> faults = new ArrayList<>();

    private Inspector(Outing outing, RunSheet sheet) {
        this.outing = outing;
        this.sheet = sheet;
    }

    /** What is wrong with it, in words. */
    static List<String> faults(Outing outing, RunSheet sheet) {
        Inspector inspector = new Inspector(outing, sheet);
        inspector.people();
        outing.tests().forEach(inspector::test);
        outing.spots().forEach(spot -> inspector.putBack(spot.id()));
        inspector.nothingElse();
        int last = sheet.steps().stream().mapToInt(RunSheet.Timed::endS).max().orElse(0);
        if (outing.now() == null && last != sheet.totalS()) {
            inspector.faults.add("the total is " + sheet.totalS() + " and the last step ends at " + last);
        }
        return inspector.faults;
    }

    private List<RunSheet.Timed> of(String spot, String method, String step) {
        return sheet.steps().stream()
                .filter(one -> one.spot().equals(spot)
                        && one.methods().contains(method)
                        && one.step().equals(step))
                .toList();
    }

    /** One thing at one place at a time, and time to walk between. */
    private void people() {
        for (int person = 0; person < outing.people(); person++) {
            int who = person;
            List<RunSheet.Timed> line = sheet.steps().stream()
                    .filter(one -> one.person() == who)
                    .sorted(Comparator.comparingInt(RunSheet.Timed::startS))
                    .toList();
            String at = outing.now() == null ? null : placeNow(person);
            int free = outing.now() == null ? 0 : outing.now().atS();
            for (RunSheet.Timed one : line) {
                double way =
                        one.spot().equals(at) ? 0 : haversine(at, one.spot()) / outing.walkMPerS() + outing.setDownS();
                // A great circle on a sphere is a little off the ellipsoid.
                if (one.startS() < free + way * 0.994 - 1 && !isRunning(one)) {
                    faults.add("person " + person + " cannot be at " + one + " after " + free + " s at " + at);
                }
                free = one.endS();
                at = one.spot();
            }
        }
    }

    private boolean isRunning(RunSheet.Timed one) {
        return outing.now() != null
                && outing.now().running().stream()
                        .anyMatch(running -> running.spot().equals(one.spot())
                                && running.step().equals(one.step())
                                && one.methods().contains(running.method()));
    }

    private String placeNow(int person) {
        for (Outing.Running running : outing.now().running()) {
            if (running.person() == person) {
                return running.spot();
            }
        }
        return outing.now().people().stream()
                .filter(one -> one.person() == person)
                .map(Outing.Standing::spot)
                .findFirst()
                .orElse(null);
    }

    private double haversine(String from, String to) {
        Outing.Place a = from == null ? outing.gate() : place(from);
        Outing.Place b = place(to);
        double dLat = Math.toRadians(b.lat() - a.lat());
        double dLon = Math.toRadians(b.lon() - a.lon());
        double half = Math.pow(Math.sin(dLat / 2), 2)
                + Math.cos(Math.toRadians(a.lat()))
                        * Math.cos(Math.toRadians(b.lat()))
                        * Math.pow(Math.sin(dLon / 2), 2);
        return 2 * 6_371_008.8 * Math.asin(Math.sqrt(half));
    }

    private Outing.Place place(String spot) {
        return outing.spots().stream()
                .filter(one -> one.id().equals(spot))
                .findFirst()
                .orElseThrow()
                .at();
    }

    /** Every field step once, by as many as it takes, in order and inside its window. */
    private void test(Outing.Test test) {
        List<Step> steps = test.variant().steps().stream()
                .filter(step -> step.when() == Step.When.FIELD)
                .toList();
        Integer before = null;
        int person = -1;
        Step last = null;
        for (Step step : steps) {
            Integer done = doneAt(test, step);
            List<RunSheet.Timed> found = of(test.spot(), test.method().id(), step.id());
            if (done == null && found.size() != step.minPeople()) {
                faults.add(test.spot() + " " + test.method().id() + " " + step.id() + " stands " + found.size()
                        + " times");
                return;
            }
            if (done != null) {
                before = done;
                last = step;
                person = -1;
                continue;
            }
            RunSheet.Timed timed = found.get(0);
            if (found.stream().anyMatch(one -> one.startS() != timed.startS())) {
                faults.add("not both at once: " + found);
            }
            if (outing.now() != null && timed.startS() < outing.now().atS() && !isRunning(timed)) {
                faults.add("before now: " + timed);
            }
            if (!isRunning(timed) && timed.endS() - timed.startS() != step.handsOnS()) {
                faults.add("too quick or slow: " + timed);
            }
            if (before != null && !isRunning(timed)) {
                window(test, last, timed, before, person);
            }
            before = timed.endS();
            person = timed.person();
            last = step;
        }
    }

    private void window(Outing.Test test, Step last, RunSheet.Timed timed, int before, int person) {
        int at = test.variant().steps().indexOf(last);
        Step.Wait wait = test.variant().steps().get(at + 1).id().equals(timed.step()) ? last.pause() : null;
        int least = wait == null
                ? 0
                : wait.expect() == null ? wait.minS() : wait.expect().in(outing.texture());
        if (timed.startS() < before + least) {
            faults.add("too early: " + timed + ", " + last.id() + " ended at " + before);
        }
        boolean missed = sheet.missed().stream()
                .anyMatch(one -> one.spot().equals(test.spot())
                        && one.method().equals(test.method().id())
                        && one.step().equals(timed.step()));
        if (wait != null && timed.startS() > before + wait.maxS() && !missed) {
            faults.add("too late: " + timed + ", " + last.id() + " ended at " + before);
        }
        if (wait != null && wait.watched() && person >= 0) {
            boolean away = timed.person() != person
                    || sheet.steps().stream()
                            .anyMatch(one -> one.person() == person
                                    && one.startS() >= before
                                    && one.endS() <= timed.startS()
                                    && one.endS() > one.startS());
            if (away) {
                faults.add("nobody watches before " + timed);
            }
        }
    }

    private Integer doneAt(Outing.Test test, Step step) {
        if (outing.now() == null) {
            return null;
        }
        return outing.now().done().stream()
                .filter(done -> done.spot().equals(test.spot()) && done.step().equals(step.id()))
                .filter(done -> done.method().equals(test.method().id()) || step.sharedAs() != null)
                .map(Outing.Done::endS)
                .findFirst()
                .orElse(null);
    }

    /** The block goes back once nobody needs it. */
    private void putBack(String spot) {
        sheet.steps().stream()
                .filter(one -> one.spot().equals(spot) && one.step().equals("put-back"))
                .forEach(back -> outing.at(spot).stream()
                        .filter(test ->
                                test.method().steps().stream().anyMatch(step -> "block".equals(step.sharedAs())))
                        .forEach(test -> sheet.steps().stream()
                                .filter(one -> one.spot().equals(spot)
                                        && one.methods().contains(test.method().id()))
                                .filter(one -> !one.step().equals("put-back") && one.endS() > back.startS())
                                .forEach(one -> faults.add("after the block went back: " + one))));
    }

    private void nothingElse() {
        Map<String, Integer> times = new LinkedHashMap<>();
        sheet.steps()
                .forEach(one -> times.merge(one.person() + one.spot() + one.step() + one.methods(), 1, Integer::sum));
        times.forEach((what, n) -> {
            if (n > 1) {
                faults.add(what + " twice by the same person");
            }
        });
    }
}
