package morphotera.scout.runsheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What can be done in the minutes there are: three ways of leaving out, each held against a sheet of its own. */
public final class Fits {
    /** Rough sheets are enough to choose by; what is proposed is planned with full patience. */
    private static final double ROUGH = 0.02;

    private final Outing outing;
    private final int seconds;
    private final Map<String, Double> worth;
    private final List<String> methods;

    /** What is done, how long it takes, what it settles in bits, and what it leaves out. */
    public record Proposal(String name, List<Chosen> tests, int totalS, double worth, List<Chosen> leftOut) {}

    public record Chosen(String spot, String method, String variant) {}

    private Fits(Outing outing, int minutes, Map<String, Double> worth) {
        this.outing = outing;
        this.seconds = minutes * 60;
        this.worth = worth;
        Set<String> ids = new LinkedHashSet<>();
        outing.tests().forEach(test -> ids.add(test.method().id()));
        this.methods = new ArrayList<>(ids);
    }

    /** @param worth in bits by method; one that is not named counts 1 at each spot */
    public static List<Proposal> of(Outing outing, int minutes, Map<String, Double> worth) {
        Fits fits = new Fits(outing, minutes, worth);
        List<Outing.Test> few = fits.allAtFew();
        List<Outing.Test> quick = fits.quickEverywhere();
        List<Outing.Test> best = fits.best(few, quick);
        Proposal atFew = fits.proposal("all-at-few", few);
        Proposal everywhere = fits.proposal("quick-everywhere", quick);
        Proposal most = fits.proposal("best-for-the-time", best);
        // Planned in full, the best may have lost a test that one of the others kept.
        for (Proposal other : List.of(atFew, everywhere)) {
            most = other.worth() > most.worth()
                    ? new Proposal(most.name(), other.tests(), other.totalS(), other.worth(), other.leftOut())
                    : most;
        }
        return List.of(atFew, everywhere, most);
    }

    private double worth(List<Outing.Test> tests) {
        double sum = 0;
        for (Outing.Test test : tests) {
            sum += worth.getOrDefault(test.method().id(), 1.0);
        }
        return sum;
    }

    private boolean fits(List<Outing.Test> tests) {
        if (tests.isEmpty()) {
            return true;
        }
        Outing part = outing.of(tests);
        return LeastTime.of(part) <= seconds && RunSheet.plan(part, ROUGH).totalS() <= seconds;
    }

    /** Everything at as many spots as there is time for, along the walk; at one spot what is worth most for its time. */
    private List<Outing.Test> allAtFew() {
        List<Outing.Test> all = new ArrayList<>();
        for (Outing.Spot spot : RunSheet.along(outing)) {
            List<Outing.Test> more = new ArrayList<>(all);
            more.addAll(outing.at(spot.id()));
            if (!fits(more)) {
                break;
            }
            all = more;
        }
        return all.isEmpty()
                ? filled(all, outing.at(RunSheet.along(outing).get(0).id()))
                : all;
    }

    /** The quick ones at every spot, one method after another as long as there is time. */
    private List<Outing.Test> quickEverywhere() {
        List<String> quickest = new ArrayList<>(methods);
        quickest.sort(Comparator.comparingDouble(this::secondsAtASpot));
        List<Outing.Test> chosen = new ArrayList<>();
        for (String method : quickest) {
            List<Outing.Test> more = new ArrayList<>(chosen);
            for (Outing.Test test : outing.tests()) {
                if (test.method().id().equals(method)) {
                    more.add(test);
                }
            }
            if (fits(more)) {
                chosen = more;
            }
        }
        return chosen;
    }

    private double secondsAtASpot(String method) {
        for (Outing.Test test : outing.tests()) {
            if (test.method().id().equals(method)) {
                return seconds(test);
            }
        }
        return 0;
    }

    private double seconds(Outing.Test test) {
        double sum = 0;
        for (var step : Work.inField(test.variant())) {
            sum += step.handsOnS();
            boolean watched = step.pause() != null && step.pause().watched();
            sum += watched ? Work.waitS(step.pause(), outing.texture()) : 0;
        }
        return Math.max(1, sum);
    }

    /** The better of the two, and one chosen test by test for what it settles a minute, each filled up. */
    private List<Outing.Test> best(List<Outing.Test> few, List<Outing.Test> quick) {
        List<Outing.Test> best = few;
        for (List<Outing.Test> from : List.of(few, quick, List.<Outing.Test>of())) {
            List<Outing.Test> so = filled(from, outing.tests());
            best = worth(so) > worth(best) ? so : best;
        }
        return best;
    }

    /** Adds what settles most a minute, as long as there is time. */
    private List<Outing.Test> filled(List<Outing.Test> from, List<Outing.Test> among) {
        List<Outing.Test> chosen = new ArrayList<>(from);
        List<Outing.Test> open = new ArrayList<>(among);
        open.removeAll(from);
        open.sort(Comparator.comparingDouble(
                test -> -worth.getOrDefault(test.method().id(), 1.0) / seconds(test)));
        Map<String, Integer> failed = new LinkedHashMap<>();
        for (Outing.Test test : open) {
            // A method that found no room at two spots finds none at the next.
            if (failed.getOrDefault(test.method().id(), 0) >= 2) {
                continue;
            }
            chosen.add(test);
            if (!fits(chosen)) {
                chosen.remove(chosen.size() - 1);
                failed.merge(test.method().id(), 1, Integer::sum);
            }
        }
        return chosen;
    }

    /** Planned in full; where that sheet should run over, the least worth goes. */
    private Proposal proposal(String name, List<Outing.Test> tests) {
        List<Outing.Test> chosen = new ArrayList<>(tests);
        chosen.sort(Comparator.comparingInt(outing.tests()::indexOf));
        while (!chosen.isEmpty()) {
            RunSheet sheet = RunSheet.plan(outing.of(chosen));
            if (sheet.totalS() <= seconds) {
                List<Outing.Test> left = new ArrayList<>(outing.tests());
                left.removeAll(chosen);
                return new Proposal(name, said(chosen), sheet.totalS(), worth(chosen), said(left));
            }
            chosen.remove(leastWorth(chosen));
        }
        return new Proposal(name, List.of(), 0, 0, said(outing.tests()));
    }

    private int leastWorth(List<Outing.Test> tests) {
        int least = 0;
        for (int i = 1; i < tests.size(); i++) {
            double one = worth.getOrDefault(tests.get(i).method().id(), 1.0);
            least = one <= worth.getOrDefault(tests.get(least).method().id(), 1.0) ? i : least;
        }
        return least;
    }

    private static List<Chosen> said(List<Outing.Test> tests) {
        List<Chosen> said = new ArrayList<>();
        for (Outing.Test test : tests) {
            said.add(new Chosen(test.spot(), test.method().id(), test.variant().id()));
        }
        return said;
    }
}
