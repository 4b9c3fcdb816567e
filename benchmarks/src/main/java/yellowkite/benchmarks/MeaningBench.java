package yellowkite.benchmarks;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Finding;
import yellowkite.core.compare.Comparison;
import yellowkite.core.compare.Side;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.dmx.Resolver;
import yellowkite.core.profile.FixtureType;

/** Resolving a frame of 512 slots, checking a mode of 100 channels, and comparing two profiles of 60. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class MeaningBench {
    private final FixtureType full = Fixtures.fixture(1, 512);
    private final Resolver resolver = Resolver.of(full, full.modes().getFirst());
    private final long[] raws = values();
    private final FixtureType hundred = Fixtures.fixture(1, 100);

    private final Side before = Side.of(Fixtures.fixture(1, 60));
    private final Side after = Side.of(Fixtures.moved(Fixtures.fixture(1, 60)));

    private long[] values() {
        var values = resolver.startValues();
        for (int i = 0; i < values.length; i++) {
            values[i] = i * 37L % (resolver.map().channels().get(i).channel().max() + 1);
        }
        return values;
    }

    @Benchmark
    public List<Meaning> resolve512Slots() {
        return resolver.resolve(raws);
    }

    @Benchmark
    public List<Finding> check100Channels() {
        return Checks.of(hundred);
    }

    @Benchmark
    public Comparison compare60Channels() {
        return Comparison.of(before, after);
    }
}
