package morphotera;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import morphotera.decide.Causes;
import morphotera.decide.NextTests;
import morphotera.decide.Seen;
import morphotera.measure.Cell;
import morphotera.measure.Evaluation;
import morphotera.measure.Method;
import morphotera.measure.Taken;
import morphotera.measure.methods.GoodReadings;
import morphotera.measure.methods.Methods;
import morphotera.read.FieldScores;
import morphotera.read.School;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;

/** How long the sums take, on one core. {@code main} prints a line for each; figures are kept in docs/performance.md. */
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 4, time = 1)
@Fork(1)
public class CoreBench {
    private static final Map<String, Object> CONTEXT =
            Map.of("use", "arable", "texture", "loam", "moisture", "moist", "daysSinceRain", 2);

    /** One reading of a method. */
    @State(Scope.Benchmark)
    public static class OneReading {
        @Param("")
        public String method;

        private Map<String, Object> reading;

        @Setup(Level.Trial)
        public void read() {
            reading = GoodReadings.of(method);
        }
    }

    @Benchmark
    public Evaluation evaluation(OneReading one) {
        return Tables.evaluate(one.method, CONTEXT, one.reading);
    }

    /** A visit after which half of the findings are known. */
    @State(Scope.Benchmark)
    public static class Found {
        private final Map<String, Seen> findings = new LinkedHashMap<>();
        private final Map<String, Double> minutes = new LinkedHashMap<>();
        private final Causes.Setting setting = new Causes.Setting("arable", "medium", "humid", false, false);

        public Found() {
            for (int i = 0; i < Tables.CAUSES.findings().size(); i += 2) {
                findings.put(Tables.CAUSES.findings().get(i).id(), Seen.plainly(i % 4 == 0));
            }
            for (Method method : Methods.ALL) {
                minutes.put(method.id(), 5.0);
            }
        }
    }

    @Benchmark
    public int causesAndNextTests(Found found) {
        return Causes.judge(Tables.CAUSES, found.setting, found.findings).size()
                + NextTests.best(Tables.CAUSES, found.setting, found.findings, found.minutes)
                        .size();
    }

    /** A visit of ten spots and twenty methods. */
    @State(Scope.Benchmark)
    public static class Visit {
        private final List<Taken> taken = new ArrayList<>();

        public Visit() {
            for (Method method : Methods.ALL.subList(0, 20)) {
                Evaluation done = Tables.evaluate(method.id(), CONTEXT, GoodReadings.of(method.id()));
                for (int spot = 0; spot < 10; spot++) {
                    taken.add(Taken.at("spot " + spot, Cell.PLAIN, done));
                }
            }
        }
    }

    @Benchmark
    @BenchmarkMode(Mode.SingleShotTime)
    @OutputTimeUnit(TimeUnit.MILLISECONDS)
    @Warmup(iterations = 2)
    @Measurement(iterations = 5)
    public double tenThousandVisits(Visit visit) {
        double sum = 0;
        for (int i = 0; i < 10_000; i++) {
            sum += FieldScores.of(visit.taken, School.BALANCED, null).soil().balanced();
        }
        return sum;
    }

    public static void main(String[] args) throws Exception {
        String[] methods = Methods.ALL.stream().map(Method::id).toArray(String[]::new);
        List<RunResult> results = new ArrayList<>(new Runner(new OptionsBuilder()
                        .include("CoreBench.evaluation")
                        .param("method", methods)
                        .forks(1)
                        .warmupIterations(3)
                        .measurementIterations(2)
                        .measurementTime(TimeValue.seconds(1))
                        .warmupTime(TimeValue.seconds(1))
                        .build())
                .run());
        results.addAll(new Runner(new OptionsBuilder()
                        .include("CoreBench.(causes|tenThousand).*")
                        .addProfiler("gc")
                        .build())
                .run());
        System.out.println();
        for (RunResult result : results) {
            String name = result.getParams().getBenchmark().replaceAll(".*\\.", "");
            String of = result.getParams().getParamsKeys().isEmpty()
                    ? ""
                    : " " + result.getParams().getParam("method");
            System.out.printf(
                    "%s%s: median %.2f %s, p95 %.2f%n",
                    name,
                    of,
                    result.getPrimaryResult().getStatistics().getPercentile(50),
                    result.getPrimaryResult().getScoreUnit(),
                    result.getPrimaryResult().getStatistics().getPercentile(95));
            result.getSecondaryResults().forEach((key, value) -> {
                if (key.contains("alloc.rate.norm")) {
                    System.out.printf("  %s: %.0f %s%n", key, value.getScore(), value.getScoreUnit());
                }
            });
        }
    }
}
