package yellowkite.benchmarks;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import java.util.List;
import yellowkite.core.colour.Additive;
import yellowkite.core.colour.Temperature;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.dmx.Probe;
import yellowkite.core.light.Light;
import yellowkite.core.light.WantedColour;
import yellowkite.core.profile.FixtureType;
import yellowkite.demo.DemoHouse;

/**
 * The light of one fixture at a probe, and the values for a wanted white; beside resolving the channels of the same fixture, which both
 * begin with.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class ColourBench {
    private final Fixture adds = new Fixture(DemoHouse.moth().description().type());
    private final Fixture filters = new Fixture(DemoHouse.petrelSpot().description().type());

    /** A fixture with all its channels at half. */
    private static final class Fixture {
        private final CompiledMode mode;
        private final Probe probe;
        private final List<Meaning> meanings;

        Fixture(FixtureType type) {
            this.mode = CompiledMode.of(type, type.modes().getFirst());
            this.probe = new Probe(mode, mode.map().channels().stream().mapToLong(each -> each.channel().max() / 2).toArray());
            this.meanings = probe.meanings();
        }

        WantedColour.Result solve() {
            return WantedColour.of(probe).find(new Temperature(3_200, 0).chromaticity(), Additive.Choice.EVENEST, 1);
        }
    }

    @Benchmark
    public List<Meaning> resolveOneFixture() {
        return adds.probe.meanings();
    }

    @Benchmark
    public Light mixSixEmitters() {
        return Light.of(adds.mode, adds.meanings);
    }

    @Benchmark
    public Light mixThreeFlags() {
        return Light.of(filters.mode, filters.meanings);
    }

    @Benchmark
    public WantedColour.Result solveSixEmitters() {
        return adds.solve();
    }

    @Benchmark
    public WantedColour.Result solveThreeFlags() {
        return filters.solve();
    }
}
