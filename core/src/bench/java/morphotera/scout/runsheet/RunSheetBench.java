package morphotera.scout.runsheet;

import java.util.ArrayList;
import java.util.List;
import morphotera.ground.Numbers;

/**
 * How good run sheets are and how long they take:
 * {@code mvn -Pbench -pl core verify -DskipTests -Dbench=morphotera.scout.runsheet.RunSheetBench}.
 */
final class RunSheetBench {
    private static final int VISITS = 200;

    private RunSheetBench() {}

    public static void main(String[] arguments) {
        List<Double> over = new ArrayList<>();
        List<Double> ms = new ArrayList<>();
        List<Double> gain = new ArrayList<>();
        for (int seed = 0; seed < VISITS; seed++) {
            Outing outing = Outings.drawn(seed);
            long began = System.nanoTime();
            RunSheet sheet = RunSheet.plan(outing);
            ms.add((System.nanoTime() - began) / 1e6);
            List<String> faults = Inspector.faults(outing, sheet);
            if (!faults.isEmpty()) {
                throw new IllegalStateException(seed + ": " + faults);
            }
            over.add((double) sheet.totalS() / sheet.lowerBoundS());
            gain.add((double) sheet.totalS() / sheet.oneAfterAnotherS());
        }
        Outing usual = Outings.row(
                1, 5, "texture-feel", "structure-spade", "earthworms", "slaking", "dispersion", "infiltration-ring",
                "penetration", "ph", "root-depth", "percolation-hole");
        RunSheet.plan(usual);
        long began = System.nanoTime();
        RunSheet.plan(usual);
        System.out.printf("%d visits, 1 to 10 spots, 3 to 12 methods, 1 to 3 people%n", VISITS);
        System.out.printf(
                "over the lower bound: median %.3f, nine of ten %.3f, worst %.3f%n",
                Numbers.median(over), Numbers.quantile(over, 0.9), Numbers.highest(over));
        System.out.printf("of one after another: median %.2f%n", Numbers.median(gain));
        System.out.printf("ms: median %.0f, worst %.0f%n", Numbers.median(ms), Numbers.highest(ms));
        System.out.printf("five spots, ten methods: %.0f ms%n", (System.nanoTime() - began) / 1e6);
    }
}
