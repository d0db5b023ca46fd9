package morphotera.scout.runsheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import morphotera.ground.TextureGroup;
import morphotera.measure.Description;
import morphotera.measure.Method;
import morphotera.measure.Step;
import morphotera.measure.methods.Methods;

/** Visits to time: drawn by chance, or said spot by spot. */
final class Outings {
    private static final double M_PER_DEGREE = 111_200;
    private static final Outing.Place GATE = new Outing.Place(47.6, -29.1);

    private Outings() {}

    static Outing.Place place(double eastM, double northM) {
        return new Outing.Place(
                GATE.lat() + northM / M_PER_DEGREE,
                GATE.lon() + eastM / (M_PER_DEGREE * Math.cos(Math.toRadians(GATE.lat()))));
    }

    /** So many spots in a row, 80 m apart, each with all of these tests. */
    static Outing row(int people, int spots, String... methods) {
        List<Outing.Spot> at = new ArrayList<>();
        List<Outing.Test> tests = new ArrayList<>();
        for (int i = 0; i < spots; i++) {
            at.add(new Outing.Spot("s" + (i + 1), place(80.0 * (i + 1), 20)));
            for (String method : methods) {
                tests.add(Outing.Test.of(
                        "s" + (i + 1), Methods.find(method).orElseThrow().description()));
            }
        }
        return outing(people, TextureGroup.MEDIUM, at, tests);
    }

    static Outing outing(int people, TextureGroup texture, List<Outing.Spot> spots, List<Outing.Test> tests) {
        return new Outing(people, texture, GATE, spots, tests, Outing.WALK_M_PER_S, Outing.SET_DOWN_S, null);
    }

    /** 1 to 10 spots in up to 20 ha, 3 to 12 methods, 1 to 3 people; some tests at one spot only. */
    static Outing drawn(long seed) {
        Random chance = new Random(seed);
        int people = 1 + chance.nextInt(3);
        List<Outing.Spot> spots = new ArrayList<>();
        double side = 100 + chance.nextInt(350);
        int n = 1 + chance.nextInt(10);
        for (int i = 0; i < n; i++) {
            spots.add(new Outing.Spot("s" + i, place(chance.nextDouble() * side, chance.nextDouble() * side)));
        }
        List<Method> methods = new ArrayList<>(Methods.ALL);
        methods.removeIf(
                method -> method.description().steps().stream().noneMatch(step -> step.when() == Step.When.FIELD));
        methods.removeIf(method -> people == 1 && method.id().equals("root-pit"));
        java.util.Collections.shuffle(methods, chance);
        int chosen = 3 + chance.nextInt(10);
        List<Outing.Test> tests = new ArrayList<>();
        for (Method method : methods.subList(0, chosen)) {
            Description description = method.description();
            List<Description.Variant> variants = description.variants();
            Description.Variant variant = variants.get(chance.nextInt(variants.size()));
            boolean once = method.id().startsWith("texture") || chance.nextInt(6) == 0;
            // A pit takes the morning: one in the poor ground and one in the good.
            int most = once ? 1 : method.id().equals("root-pit") ? Math.min(2, n) : n;
            for (Outing.Spot spot : spots.subList(0, most)) {
                tests.add(new Outing.Test(spot.id(), description, variant));
            }
        }
        TextureGroup texture = TextureGroup.values()[chance.nextInt(3)];
        return outing(people, texture, spots, tests);
    }
}
