package yellowkite.benchmarks;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import yellowkite.core.gobo.Cut;
import yellowkite.core.gobo.Metal;
import yellowkite.core.gobo.Outline;
import yellowkite.core.gobo.Picture;
import yellowkite.media.PictureFile;
import yellowkite.demo.DemoHouse;

/** A gobo of 1024 pixels a side: traced, and judged for metal; beside one pass over the same pixels. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class GoboBench {
    private final Picture gobo = Cut.middle(Cut.LARGEST).of(PictureFile.read("reeds.png", DemoHouse.gobos().getFirst().png()));

    @Benchmark
    public long onePassOverPixels() {
        long light = 0;
        for (int y = 0; y < gobo.height(); y++) {
            for (int x = 0; x < gobo.width(); x++) {
                int argb = gobo.at(x, y);
                light += (argb >>> 24) * ((argb >> 16 & 0xFF) + (argb >> 8 & 0xFF) + (argb & 0xFF));
            }
        }
        return light;
    }

    @Benchmark
    public Outline trace1024() {
        return Outline.trace(gobo, 1);
    }

    @Benchmark
    public Metal judge1024() {
        return Metal.of(gobo);
    }
}
