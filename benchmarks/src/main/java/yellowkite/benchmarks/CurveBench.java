package yellowkite.benchmarks;

import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import yellowkite.core.curve.Measured;

/** A table of 256 measured points read and made a curve, or its correction; beside reading the numbers of the same table. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class CurveBench {
    private final String table = IntStream.range(0, 256)
        .mapToObj(i -> i + ";" + i * i / 10 + "." + i % 10)
        .collect(Collectors.joining("\n"));

    @Benchmark
    public double readNumbers() {
        return table.lines().mapToDouble(line -> {
            int at = line.indexOf(';');
            return Double.parseDouble(line.substring(0, at)) + Double.parseDouble(line.substring(at + 1));
        }).sum();
    }

    @Benchmark
    public Measured.Read curveThrough256() {
        return Measured.read(table, false);
    }

    @Benchmark
    public Measured.Read correctionOf256() {
        return Measured.read(table, true);
    }
}
