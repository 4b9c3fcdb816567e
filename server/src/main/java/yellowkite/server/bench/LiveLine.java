package yellowkite.server.bench;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import yellowkite.core.bench.Proof;
import yellowkite.core.wire.rdm.DeviceInfo;
import yellowkite.output.Destination;
import yellowkite.output.Line;

/** A way to a fixture through the process that sends. What is asked over RDM goes by itself: a question is no light. */
final class LiveLine implements Line {
    private final LiveOutput live;
    private final String holder;
    private final int universe;
    private final Destination to;

    LiveLine(LiveOutput live, String holder, int universe, Destination to) {
        this.live = live;
        this.holder = holder;
        this.universe = universe;
        this.to = to;
    }

    @Override
    public void send(int number, byte[] levels) throws IOException {
        live.keep();
        if (!live.send(number, holder, levels, 0, List.of())) {
            throw new IOException("nothing is live any more");
        }
    }

    @Override
    public void end(int number) {
        live.close(number, holder);
    }

    @Override
    public Optional<Integer> universe() {
        return Optional.of(universe);
    }

    @Override
    public Optional<DeviceInfo> info(int number) throws IOException {
        if (!(to instanceof Destination.ArtNet artNet)) {
            return Optional.empty();
        }
        try (var line = Line.artNet(artNet.address())) {
            return line.info(artNet.portAddress() + 1);
        } catch (Proof.Gone none) {
            return Optional.empty();
        }
    }

    @Override
    public void close() {
        live.close(universe, holder);
    }
}
