package yellowkite.server.bench;

import java.io.IOException;
import java.util.Optional;
import yellowkite.core.wire.rdm.DeviceInfo;
import yellowkite.output.Command;
import yellowkite.output.Destination;
import yellowkite.output.Line;
import yellowkite.output.RdmLine;

/**
 * A way to a fixture through the process that sends: its universe goes live with the first levels. What is asked over RDM goes by itself: a
 * question is no light.
 */
final class LiveLine implements Line {
    private final LiveOutput live;
    private final Command.Open opening;
    private final Destination to;
    private final String author;
    private final LiveOutput.Holder holder;
    private boolean opened;

    LiveLine(LiveOutput live, Command.Open opening, Destination to, String author, LiveOutput.Holder holder) {
        this.live = live;
        this.opening = opening;
        this.to = to;
        this.author = author;
        this.holder = holder;
    }

    @Override
    public void send(int number, byte[] levels) throws IOException {
        if (!opened) {
            live.open(opening, author, holder);
            opened = true;
        }
        live.keep();
        if (!live.send(holder.id(), new Command.Levels(number, levels))) {
            throw new IOException("nothing is live any more");
        }
    }

    @Override
    public void end(int number) {
        live.close(number, holder.id());
    }

    @Override
    public Optional<Integer> universe() {
        return Optional.of(opening.universe());
    }

    @Override
    public Optional<DeviceInfo> info(int number) throws IOException {
        return RdmLine.infoAt(to);
    }

    @Override
    public void close() {
        live.close(opening.universe(), holder.id());
    }
}
