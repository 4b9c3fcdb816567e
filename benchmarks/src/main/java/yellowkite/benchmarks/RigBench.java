package yellowkite.benchmarks;

import java.util.List;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Collisions;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.RigLevels;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.edit.AddUnits;
import yellowkite.core.rig.edit.ShiftUnits;

/** A rig of 2,000 units over 40 universes, every second of them with pan inverted: who collides, and what leaves. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class RigBench {
    private static final int UNITS = 2_000;
    private static final int UNIVERSE = 512;
    /** Ten addresses each: 51 fill a universe. */
    private final CompiledMode mode = mode();
    private final List<Unit> units = units();
    private final Rig rig = Rig.EMPTY.withName("Large").withUnits(units);
    private final Found fixture = units.getFirst().found();
    private final List<String> some = units.stream().limit(50).map(Unit::uuid).toList();
    private final RigLevels levels = RigLevels.of(units, unit -> mode);
    private final byte[][] sent = levels.frames().values().toArray(byte[][]::new);
    private final byte[][] kept = new byte[sent.length][UNIVERSE];

    private static CompiledMode mode() {
        var type = Fixtures.fixture(1, 10);
        return CompiledMode.of(type, type.modes().getFirst());
    }

    private List<Unit> units() {
        var found = Found.chosen("x", "Tidewick", "Petrel Spot", "Ten", new TreeMap<>(mode.map().footprint()));
        var add = new AddUnits(new UUID(0, 1).toString(), found, UNITS, "1.1", "1", "Unit 1", "", List.of(), null, null, false);
        var all = ((Outcome.Applied<Rig>) add.applyTo(Rig.EMPTY)).after().units();
        var inverted = ChannelAdjustment.NONE.withInvert(true);
        return all.stream()
            .map(unit -> Integer.parseInt(unit.id()) % 2 == 0 ? unit : unit.with(f -> f.adjustments = f.adjustments.with("Pan", inverted)))
            .toList();
    }

    @Benchmark
    public int passOverSpans() {
        int sum = 0;
        for (var unit : units) {
            for (Patch patch : unit.addresses()) {
                sum += patch.from() ^ patch.to();
            }
        }
        return sum;
    }

    @Benchmark
    public List<Collisions.Collision> collisions2000Units() {
        return Collisions.of(units);
    }

    @Benchmark
    public int copyFrames() {
        for (int i = 0; i < sent.length; i++) {
            System.arraycopy(sent[i], 0, kept[i], 0, UNIVERSE);
        }
        return kept[0][0];
    }

    @Benchmark
    public int levels2000Units() {
        levels.send(0.8);
        return sent[0][0];
    }

    @Benchmark
    public Outcome<Rig> add500Units() {
        return new AddUnits(new UUID(0, 2).toString(), fixture, 500, null, null, null, "", List.of(), null, null, false).applyTo(rig);
    }

    @Benchmark
    public Outcome<Rig> shift50Units() {
        return new ShiftUnits(some, 60, 0).applyTo(rig);
    }
}
