package morphotera.scout.runsheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import morphotera.ground.TextureGroup;
import morphotera.measure.Description;
import morphotera.measure.Step;
import morphotera.measure.methods.Methods;

/** A run sheet as it is asked for, by words and ids; {@link #outing} says all that is wrong with it. */
public record Asked(
        Integer people,
        @Nullable String textureGroup,
        @Nullable Place gate,
        List<Spot> spots,
        List<Test> tests,
        Double walkMPerS,
        Integer setDownS,
        @Nullable Now now) {
    public static final int MOST_PEOPLE = 3;
    public static final int MOST_SPOTS = 30;
    static final int MOST_TESTS = 400;
    private static final int LONGEST_S = 172_800;
    private static final double FARTHEST_M = 50_000;

    public record Place(Double lat, Double lon) {}

    public record Spot(String id, Double lat, Double lon) {}

    public record Test(String spot, String method, @Nullable String variant) {}

    public record Standing(Integer person, @Nullable String spot) {}

    public record Done(String spot, String method, String step, Integer endS) {}

    public record Running(Integer person, String spot, String method, String step, Integer startS) {}

    public record Now(
            Integer atS,
            @Nullable List<Standing> people,
            @Nullable List<Done> done,
            @Nullable List<Running> running) {}

    /** The visit that is meant. */
    public Outing outing() {
        Reader reader = new Reader();
        Outing outing = reader.read();
        if (!reader.refusals.isEmpty()) {
            throw new Refused(List.copyOf(reader.refusals.values()));
        }
        return outing;
    }

    private final class Reader {
        private static final int MOST_REFUSALS = 50;
        private final Map<String, Refusal> refusals = new LinkedHashMap<>();
        private final Map<String, Outing.Test> known = new LinkedHashMap<>();

        private void refuse(String path, String code, String text) {
            if (refusals.size() < MOST_REFUSALS) {
                refusals.putIfAbsent(path, new Refusal(path, code, text));
            }
        }

        private boolean isWithin(String path, Number value, String label, double least, double most) {
            if (value == null) {
                refuse(path, "missing", label + " is needed here.");
                return false;
            }
            if (!(value.doubleValue() >= least && value.doubleValue() <= most)) {
                refuse(path, "out-of-range", label + " goes from " + plain(least) + " to " + plain(most) + ".");
                return false;
            }
            return true;
        }

        private String plain(double value) {
            return value == (long) value ? String.valueOf((long) value) : String.valueOf(value);
        }

        private @Nullable Outing.Place place(String path, Double lat, Double lon) {
            boolean fits = isWithin(path + "/lat", lat, "Latitude", -90, 90)
                    & isWithin(path + "/lon", lon, "Longitude", -180, 180);
            return fits ? new Outing.Place(lat, lon) : null;
        }

        @Nullable
        Outing read() {
            boolean peopled = isWithin("/people", people, "The number of people", 1, MOST_PEOPLE);
            double walk = walkMPerS == null ? Outing.WALK_M_PER_S : walkMPerS;
            int setDown = setDownS == null ? Outing.SET_DOWN_S : setDownS;
            isWithin("/walkMPerS", walk, "Walking, m/s,", 0.1, 5);
            isWithin("/setDownS", setDown, "Setting down, s,", 0, 600);
            TextureGroup texture = TextureGroup.MEDIUM;
            if (textureGroup != null) {
                Optional<TextureGroup> found = Coded.find(TextureGroup.values(), textureGroup);
                if (found.isEmpty()) {
                    refuse("/textureGroup", "unknown-word", "A texture group is coarse, medium or fine.");
                }
                texture = found.orElse(texture);
            }
            Outing.Place from = gate == null ? null : place("/gate", gate.lat(), gate.lon());
            List<Outing.Spot> at = spots();
            tests(at);
            Outing.Now so = now == null ? null : now();
            if (!refusals.isEmpty() || !peopled) {
                return null;
            }
            far(from, at);
            return new Outing(people, texture, from, at, List.copyOf(known.values()), walk, setDown, so);
        }

        private List<Outing.Spot> spots() {
            List<Outing.Spot> at = new ArrayList<>();
            if (spots == null || spots.isEmpty()) {
                refuse("/spots", "empty-list", "One spot at least.");
                return at;
            }
            if (spots.size() > MOST_SPOTS) {
                refuse("/spots", "too-many", "A visit goes to " + MOST_SPOTS + " spots at most.");
                return at;
            }
            Set<String> seen = new LinkedHashSet<>();
            for (int i = 0; i < spots.size(); i++) {
                String path = "/spots/" + i;
                Spot spot = spots.get(i);
                if (spot == null || spot.id() == null) {
                    refuse(path + "/id", "missing", "A spot has an id.");
                    continue;
                }
                if (!seen.add(spot.id())) {
                    refuse(path + "/id", "twice", "This spot is in the list already.");
                }
                Outing.Place place = place(path, spot.lat(), spot.lon());
                at.add(new Outing.Spot(spot.id(), place));
            }
            return at;
        }

        /** A day's walk is not a visit; the clock's whole numbers would not hold it either. */
        private void far(@Nullable Outing.Place from, List<Outing.Spot> at) {
            for (int i = 0; i < at.size(); i++) {
                Outing.Place first = from == null ? at.get(0).at() : from;
                if (Ways.metres(first, at.get(i).at()) > FARTHEST_M) {
                    refuse("/spots/" + i, "too-far", "This spot is over 50 km away: is its place right?");
                }
            }
        }

        private void tests(List<Outing.Spot> at) {
            if (tests == null || tests.isEmpty()) {
                refuse("/tests", "empty-list", "One test at least.");
                return;
            }
            if (tests.size() > MOST_TESTS) {
                refuse("/tests", "too-many", "A visit takes " + MOST_TESTS + " tests at most.");
                return;
            }
            Set<String> here = new LinkedHashSet<>();
            at.forEach(spot -> here.add(spot.id()));
            for (int i = 0; i < tests.size(); i++) {
                String path = "/tests/" + i;
                Test test = tests.get(i);
                if (test == null) {
                    refuse(path, "missing", "A test is needed here.");
                    continue;
                }
                if (!here.contains(String.valueOf(test.spot()))) {
                    refuse(path + "/spot", "unknown-id", "There is no spot '" + test.spot() + "' in this visit.");
                }
                variant(path, test).ifPresent(variant -> {
                    Description method =
                            Methods.find(test.method()).orElseThrow().description();
                    if (known.putIfAbsent(
                                    key(test.spot(), test.method()), new Outing.Test(test.spot(), method, variant))
                            != null) {
                        refuse(path, "twice", "This test is done at this spot already.");
                    }
                    boolean byTwo = variant.steps().stream().anyMatch(step -> step.minPeople() > 1);
                    if (byTwo && people != null && people == 1) {
                        refuse(
                                path + "/method",
                                "two-people",
                                method.name() + " is never done alone: take somebody along, or leave it out.");
                    }
                });
            }
        }

        private String key(String spot, String method) {
            return spot + "\n" + method;
        }

        private Optional<Description.Variant> variant(String path, Test test) {
            var method = Methods.find(String.valueOf(test.method()));
            if (method.isEmpty()) {
                refuse(path + "/method", "unknown-word", "There is no method '" + test.method() + "'.");
                return Optional.empty();
            }
            List<Description.Variant> variants = method.get().description().variants();
            if (test.variant() == null) {
                return Optional.of(variants.get(0));
            }
            for (Description.Variant one : variants) {
                if (one.id().equals(test.variant())) {
                    return Optional.of(one);
                }
            }
            StringBuilder ways = new StringBuilder();
            for (Description.Variant one : variants) {
                ways.append(ways.length() == 0 ? "" : ", ").append(one.id());
            }
            refuse(path + "/variant", "unknown-word", "There is no such way of doing it; there are: " + ways + ".");
            return Optional.empty();
        }

        private @Nullable Outing.Now now() {
            if (!isWithin("/now/atS", now.atS(), "Now, s,", 0, LONGEST_S)) {
                return null;
            }
            List<Outing.Standing> standing = new ArrayList<>();
            List<Standing> all = now.people() == null ? List.of() : now.people();
            for (int i = 0; i < all.size(); i++) {
                Standing one = all.get(i);
                if (isPerson("/now/people/" + i, one == null ? null : one.person())) {
                    isSpot("/now/people/" + i + "/spot", one.spot(), true);
                    standing.add(new Outing.Standing(one.person(), one.spot()));
                }
            }
            List<Outing.Done> done = done();
            return new Outing.Now(now.atS(), standing, done, running(done));
        }

        private boolean isPerson(String path, @Nullable Integer person) {
            return isWithin(
                    path + "/person", person, "A person", 0, Math.max(0, people == null ? MOST_PEOPLE : people - 1));
        }

        private boolean isSpot(String path, @Nullable String spot, boolean mayBeNone) {
            if (spot == null && mayBeNone) {
                return true;
            }
            boolean here = spots != null
                    && spots.stream()
                            .anyMatch(one ->
                                    one != null && String.valueOf(one.id()).equals(spot));
            if (!here) {
                refuse(path, "unknown-id", "There is no spot '" + spot + "' in this visit.");
            }
            return here;
        }

        private List<Outing.Done> done() {
            List<Outing.Done> done = new ArrayList<>();
            List<Done> all = now.done() == null ? List.of() : now.done();
            Set<String> seen = new LinkedHashSet<>();
            for (int i = 0; i < all.size(); i++) {
                Done one = all.get(i);
                String path = "/now/done/" + i;
                Step step = one == null ? null : step(path, one.spot(), one.method(), one.step());
                if (step == null || !isWithin(path + "/endS", one.endS(), "The end, s,", 0, now.atS())) {
                    continue;
                }
                String whose = step.sharedAs() == null ? one.method() : "";
                if (!seen.add(key(one.spot(), whose + "\n" + one.step()))) {
                    refuse(path, "twice", "This step is reported already.");
                }
                done.add(new Outing.Done(one.spot(), one.method(), one.step(), one.endS()));
            }
            for (int i = 0; i < all.size() && refusals.isEmpty(); i++) {
                Done one = all.get(i);
                possible("/now/done/" + i, one.spot(), one.method(), one.step(), one.endS(), done);
            }
            return done;
        }

        private List<Outing.Running> running(List<Outing.Done> done) {
            List<Outing.Running> running = new ArrayList<>();
            List<Running> all = now.running() == null ? List.of() : now.running();
            Set<Integer> busy = new LinkedHashSet<>();
            for (int i = 0; i < all.size(); i++) {
                Running one = all.get(i);
                String path = "/now/running/" + i;
                if (one == null || !isPerson(path, one.person())) {
                    continue;
                }
                if (!busy.add(one.person())) {
                    refuse(path + "/person", "twice", "A person does one thing at a time.");
                }
                Step step = step(path, one.spot(), one.method(), one.step());
                if (step == null || !isWithin(path + "/startS", one.startS(), "The start, s,", 0, now.atS())) {
                    continue;
                }
                boolean ended = done.stream()
                        .anyMatch(end -> end.spot().equals(one.spot())
                                && end.step().equals(one.step())
                                && (end.method().equals(one.method()) || step.sharedAs() != null));
                if (ended) {
                    refuse(path, "twice", "This step is reported as done.");
                }
                possible(path, one.spot(), one.method(), one.step(), one.startS(), done);
                running.add(new Outing.Running(one.person(), one.spot(), one.method(), one.step(), one.startS()));
            }
            return running;
        }

        private @Nullable Step step(String path, String spot, String method, String step) {
            Outing.Test test = known.get(key(spot, method));
            if (test == null) {
                refuse(path, "unknown-id", "This test is not in the visit.");
                return null;
            }
            for (Step one : Work.inField(test.variant())) {
                if (one.id().equals(step)) {
                    return one;
                }
            }
            refuse(path + "/step", "unknown-word", "There is no step '" + step + "' to do in the field.");
            return null;
        }

        /** The step before it must have ended by then. */
        private void possible(String path, String spot, String method, String step, int at, List<Outing.Done> done) {
            Outing.Test test = known.get(key(spot, method));
            Step before = null;
            for (Step one : Work.inField(test.variant())) {
                if (one.id().equals(step)) {
                    break;
                }
                before = one;
            }
            if (before == null) {
                return;
            }
            List<String> whose = new ArrayList<>();
            for (Outing.Test other : known.values()) {
                if (other.spot().equals(spot) && (before.sharedAs() != null || other == test)) {
                    whose.add(other.method().id());
                }
            }
            String first = before.id();
            Integer end = new Progress(new Outing.Now(at, List.of(), done, List.of())).endOf(spot, whose, first);
            if (end == null || end > at) {
                refuse(path, "too-early", "'" + first + "' comes before it, and had not ended by then.");
            }
        }
    }
}
