package morphotera.scout.runsheet;

import java.util.ArrayList;
import java.util.List;
import morphotera.ground.Nullable;
import morphotera.ground.TextureGroup;
import morphotera.measure.Description;

/**
 * One visit to be timed.
 *
 * @param gate where everybody starts; null: nobody has a way to the first spot
 * @param setDownS seconds to set down and pick up at every change of place
 */
public record Outing(
        int people,
        TextureGroup texture,
        @Nullable Place gate,
        List<Spot> spots,
        List<Test> tests,
        double walkMPerS,
        int setDownS,
        @Nullable Now now) {
    public static final double WALK_M_PER_S = 1.2;
    public static final int SET_DOWN_S = 45;

    /** WGS 84 degrees. */
    public record Place(double lat, double lon) {}

    public record Spot(String id, Place at) {}

    /** One method at one spot, done in one of its ways. */
    public record Test(String spot, Description method, Description.Variant variant) {
        /** The usual way. */
        public static Test of(String spot, Description method) {
            return new Test(spot, method, method.variants().get(0));
        }
    }

    /** How far the visit is: seconds since it began. */
    public record Now(int atS, List<Standing> people, List<Done> done, List<Running> running) {}

    /** Where a person is; null: at the gate, or on the way. */
    public record Standing(int person, @Nullable String spot) {}

    public record Done(String spot, String method, String step, int endS) {}

    public record Running(int person, String spot, String method, String step, int startS) {}

    public Outing {
        spots = List.copyOf(spots);
        tests = List.copyOf(tests);
    }

    Outing before() {
        return new Outing(people, texture, gate, spots, tests, walkMPerS, setDownS, null);
    }

    public Outing of(List<Test> others) {
        return new Outing(people, texture, gate, spots, others, walkMPerS, setDownS, now);
    }

    int place(String spot) {
        for (int i = 0; i < spots.size(); i++) {
            if (spots.get(i).id().equals(spot)) {
                return i;
            }
        }
        throw new IllegalArgumentException("no spot '" + spot + "' in this visit");
    }

    List<Test> at(String spot) {
        List<Test> here = new ArrayList<>();
        for (Test test : tests) {
            if (test.spot().equals(spot)) {
                here.add(test);
            }
        }
        return here;
    }
}
