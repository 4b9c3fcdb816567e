package yellowkite.benchmarks;

import java.nio.ByteBuffer;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import yellowkite.core.wire.Bytes;
import yellowkite.core.wire.artnet.ArtDmx;
import yellowkite.core.wire.artnet.ArtPacket;
import yellowkite.core.wire.osc.OscMessage;
import yellowkite.core.wire.osc.OscPacket;
import yellowkite.core.wire.osc.OscValue;
import yellowkite.core.wire.rdm.Parameter;
import yellowkite.core.wire.rdm.RdmMessage;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.core.wire.sacn.SacnPacket;

/** Packets as they come in: one of each protocol, whole universes of 512 slots. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class WireBench {
    private static final Bytes LEVELS = Bytes.of(new byte[512]);
    private final ByteBuffer sacn = ByteBuffer
        .wrap(new SacnPacket(new UUID(1, 2), "Kite", 100, 0, 1, false, false, false, 1, 0, LEVELS).write());
    private final ByteBuffer artNet = ByteBuffer.wrap(new ArtDmx(1, 0, 0, LEVELS).write());
    private final ByteBuffer rdm = ByteBuffer
        .wrap(new RdmMessage(new Uid(0x7ff0, 1), new Uid(0x7ff0, 2), 0, 1, 0, 0, RdmMessage.Command.GET,
                Parameter.DEVICE_INFO, Bytes.NONE)
            .writeWithoutStart());
    private final ByteBuffer osc = ByteBuffer.wrap(new OscMessage("/fader/1", List.of(new OscValue.Figure(0.5f))).write());

    @Benchmark
    public Optional<SacnPacket> readSacn() {
        return SacnPacket.read(sacn.rewind());
    }

    @Benchmark
    public Optional<ArtPacket> readArtNet() {
        return ArtPacket.read(artNet.rewind());
    }

    @Benchmark
    public Optional<RdmMessage> readRdm() {
        return RdmMessage.readWithoutStart(rdm.rewind());
    }

    @Benchmark
    public Optional<OscPacket> readOsc() {
        return OscPacket.read(osc.rewind());
    }
}
