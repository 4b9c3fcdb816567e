package yellowkite.benchmarks;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import org.openjdk.jmh.runner.options.VerboseMode;

/**
 * {@code ./kite measure}: runs all benchmarks and prints what the budgets ask for. Of several rounds, each of all benchmarks, the fastest
 * counts: what else happens on a machine only ever adds.
 */
public final class Measure {
    private static final int ROUNDS = 3;

    private Measure() {}

    private record Cost(double micros, double bytes) {
        Cost cheaper(Cost other) {
            return micros <= other.micros ? this : other;
        }
    }

    public static void main(String[] arguments) throws RunnerException {
        var options = new OptionsBuilder().include("yellowkite.benchmarks")
            .forks(1)
            .warmupIterations(4)
            .warmupTime(TimeValue.seconds(1))
            .measurementIterations(3)
            .measurementTime(TimeValue.seconds(1))
            .addProfiler(GCProfiler.class)
            .verbosity(VerboseMode.SILENT)
            .build();
        Map<String, Cost> costs = new TreeMap<>();
        for (int round = 0; round < ROUNDS; round++) {
            for (var result : new Runner(options).run()) {
                var allocated = result.getSecondaryResults().get("gc.alloc.rate.norm");
                var size = result.getParams().getParam("size");
                costs.merge(result.getPrimaryResult().getLabel() + (size == null ? "" : " " + size),
                        new Cost(result.getPrimaryResult().getStatistics().getMin(), allocated == null ? 0 : allocated.getScore()),
                        Cost::cheaper);
            }
        }
        costs.forEach((name, cost) -> System.out.printf(Locale.ROOT, "%-24s %10.1f us %12.0f bytes allocated%n", name, cost.micros(),
                cost.bytes()));
        for (var size : List.of("typical", "heavy")) {
            ratio(costs, "read " + size, "unzipAndTokenise " + size, 2);
            ratio(costs, "write " + size, "zip " + size, 2);
        }
        ratio(costs, "readScene", "tokeniseScene", 2);
        ratio(costs, "writeChangedScene", "copyEntries", 2);
        budget(costs, "match60Kinds", 500_000);
        budget(costs, "resolve512Slots", 50);
        for (var each : List.of("readSacn", "readArtNet", "readRdm", "readOsc")) {
            budget(costs, each, 1); // a million a second
        }
        budget(costs, "check100Channels", 2_000);
        budget(costs, "compare60Channels", 30_000);
        budget(costs, "mixSixEmitters", 40);
        budget(costs, "mixThreeFlags", 40);
        budget(costs, "solveSixEmitters", 400);
        budget(costs, "solveThreeFlags", 400);
        budget(costs, "trace1024", 150_000);
        budget(costs, "curveThrough256", 5_000);
        budget(costs, "collisions2000Units", 5_000);
        budget(costs, "levels2000Units", 5_000);
        budget(costs, "add500Units", 300_000);
        ratio(costs, "collisions2000Units", "passOverSpans");
        ratio(costs, "levels2000Units", "copyFrames");
        ratio(costs, "mixSixEmitters", "resolveOneFixture");
        ratio(costs, "solveSixEmitters", "resolveOneFixture");
        ratio(costs, "trace1024", "onePassOverPixels");
        ratio(costs, "judge1024", "onePassOverPixels");
        ratio(costs, "curveThrough256", "readNumbers");
        ratio(costs, "correctionOf256", "readNumbers");
    }

    private static double micros(Map<String, Cost> costs, String what) {
        return Objects.requireNonNull(costs.get(what), what).micros();
    }

    private static void ratio(Map<String, Cost> costs, String what, String floor, double budget) {
        System.out.printf(Locale.ROOT, "%s / %s = %.2f (budget %.1f)%n", what, floor, micros(costs, what) / micros(costs, floor),
                budget);
    }

    private static void ratio(Map<String, Cost> costs, String what, String floor) {
        System.out.printf(Locale.ROOT, "%s / %s = %.2f%n", what, floor, micros(costs, what) / micros(costs, floor));
    }

    private static void budget(Map<String, Cost> costs, String what, double micros) {
        System.out.printf(Locale.ROOT, "%s = %.1f us (budget %.0f us)%n", what, micros(costs, what), micros);
    }
}
