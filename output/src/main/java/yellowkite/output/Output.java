package yellowkite.output;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.NetworkInterface;
import java.net.StandardProtocolFamily;
import java.net.StandardSocketOptions;
import java.nio.ByteBuffer;
import java.nio.channels.DatagramChannel;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.wire.sacn.SacnPacket;

/**
 * The process that sends. Commands come as lines of JSON on its input; what it has to tell goes out as lines of JSON. It ends, with every
 * universe at its rest, when it is told to, when its input closes, or when nobody said anything for as long as the lease is.
 */
public final class Output {
    private static final long TICK = 1_000_000_000L / Sender.FRAMES_A_SECOND;
    private static final long TELL_EVERY = 5_000_000_000L;
    private static final int LONGEST_LINE = 1 << 20;
    private static final int BUFFER = 1 << 20;
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private final Sender sender;
    private final PrintStream told;
    private final long lease;
    private volatile long heard = System.nanoTime();
    private volatile boolean ending;

    private Output(Sender sender, PrintStream told, long lease) {
        this.sender = sender;
        this.told = told;
        this.lease = lease;
    }

    /** @param arguments name of the source, and the lease in milliseconds */
    public static void main(String[] arguments) throws IOException {
        var source = arguments.length > 0 ? arguments[0] : "Yellow Kite";
        long lease = arguments.length > 1 ? Long.parseLong(arguments[1]) : 3_000;
        run(System.in, new PrintStream(System.out, true, StandardCharsets.UTF_8), source, lease);
    }

    /** Runs until it ends. @param lease ms */
    static void run(InputStream commands, PrintStream told, String source, long lease) throws IOException {
        try (var here = channel(InetAddress.getLoopbackAddress()); var anywhere = channel(null)) {
            var sender = new Sender(UUID.randomUUID(), source, (datagram, to) -> {
                boolean loopback = to.address().getAddress().isLoopbackAddress();
                (loopback ? here : anywhere).send(ByteBuffer.wrap(datagram), to.address());
            }, (universe, levels) -> tell(told, universe, levels));
            var output = new Output(sender, told, lease * 1_000_000);
            var ear = new Thread(() -> output.hear(commands), "commands");
            ear.setDaemon(true);
            ear.start();
            output.keepGoing();
        }
    }

    private static DatagramChannel channel(@Nullable InetAddress at) throws IOException {
        var channel = DatagramChannel.open(StandardProtocolFamily.INET);
        channel.setOption(StandardSocketOptions.SO_SNDBUF, BUFFER);
        if (at != null) {
            channel.bind(new InetSocketAddress(at, 0));
            var loopback = NetworkInterface.getByInetAddress(at);
            if (loopback != null) {
                channel.setOption(StandardSocketOptions.IP_MULTICAST_IF, loopback);
            }
        }
        return channel;
    }

    private void hear(InputStream commands) {
        try (var lines = new BufferedReader(new InputStreamReader(commands, StandardCharsets.UTF_8))) {
            for (var line = next(lines); line != null && !ending; line = next(lines)) {
                heard = System.nanoTime();
                take(line);
            }
        } catch (IOException closed) {
            say("note", "The input broke off.");
        }
        ending = true;
    }

    /** {@return the next line; null at the end} Whoever writes without an end is heard no longer. */
    private static @Nullable String next(BufferedReader lines) throws IOException {
        var line = new StringBuilder();
        for (int letter = lines.read(); letter != '\n'; letter = lines.read()) {
            if (letter < 0) {
                return null;
            }
            if (line.length() > LONGEST_LINE) {
                throw new IOException("a line without an end");
            }
            line.append((char) letter);
        }
        return line.toString();
    }

    private void take(String line) {
        var command = CommandJson.read(line);
        if (command.isEmpty()) {
            say("refused", "That is no command.");
            return;
        }
        try {
            switch (command.get()) {
                case Command.Open open -> open(open);
                case Command.Levels levels -> {
                    if (!sender.aim(levels, System.nanoTime())) {
                        notOpen(levels.universe());
                    }
                }
                case Command.Hold hold -> {
                    if (!sender.hold(hold.universe(), hold.values())) {
                        notOpen(hold.universe());
                    }
                }
                case Command.Watch watch -> {
                    if (!sender.watch(watch.universe(), watch.on())) {
                        notOpen(watch.universe());
                    }
                }
                case Command.Close close -> sender.close(close.universe(), System.nanoTime());
                case Command.Dark dark -> sender.dark(dark.on());
                case Command.Alive alive -> {
                    // the lease goes on
                }
                case Command.End end -> ending = true;
            }
        } catch (IllegalArgumentException unfit) {
            say("refused", String.valueOf(unfit.getMessage()));
        }
    }

    private void notOpen(int universe) {
        say("refused", "Universe " + universe + " is not open.");
    }

    /** A frame of a universe that is watched, as it left. */
    private static void tell(PrintStream told, int universe, byte[] levels) {
        var json = JSON.createObjectNode()
            .put("says", "frame")
            .put("universe", universe)
            .put("levels", Base64.getEncoder().encodeToString(levels));
        synchronized (told) {
            told.println(json);
        }
    }

    private void open(Command.Open open) {
        var to = new ArrayList<Destination>();
        for (var text : open.to()) {
            to.add(Destination.parse(text, open.universe())
                .orElseThrow(() -> new IllegalArgumentException("'" + text + "' is no destination of universe " + open.universe() + ".")));
        }
        if (open.priority() < 0 || open.priority() > SacnPacket.LARGEST_PRIORITY) {
            throw new IllegalArgumentException("A priority lies from 0 to 200.");
        }
        sender.open(open.universe(), to, open.priority(), open.rest(), open.dark());
        say("opened", String.valueOf(open.universe()));
    }

    private void keepGoing() {
        long begun = System.nanoTime();
        long tick = 0;
        var late = new Late();
        long toldAt = begun;
        while (!ending) {
            long now = System.nanoTime();
            if (now - heard > lease) {
                say("note", "Nobody holds the lease any more.");
                break;
            }
            sender.tick(now);
            if (now - toldAt > TELL_EVERY) {
                tell(late);
                toldAt = now;
            }
            // a frame that is missed is left out: nobody wants it later, and those behind it come at their time
            tick = Math.max(tick + 1, (System.nanoTime() - begun) / TICK);
            long due = begun + tick * TICK;
            for (long left = due - System.nanoTime(); left > 0; left = due - System.nanoTime()) {
                LockSupport.parkNanos(left);
            }
            late.add(System.nanoTime() - due);
        }
        sender.end(System.nanoTime());
        say("ended", "");
    }

    private void say(String what, String words) {
        var json = JSON.createObjectNode().put("says", what).put("words", words);
        synchronized (told) {
            told.println(json);
        }
    }

    private void tell(Late late) {
        var json = JSON.createObjectNode()
            .put("says", "state")
            .put("universes", sender.universes())
            .put("failed", sender.failed())
            .put("lateP50", late.share(0.5))
            .put("lateP99", late.share(0.99));
        synchronized (told) {
            told.println(json);
        }
        late.clear();
    }

    /** How late ticks were, us. */
    private static final class Late {
        private final long[] micros = new long[4_096];
        private int count;

        void add(long nanos) {
            if (count < micros.length) {
                micros[count++] = nanos / 1_000;
            }
        }

        long share(double of) {
            var sorted = Arrays.copyOf(micros, count);
            Arrays.sort(sorted);
            return count == 0 ? 0 : sorted[(int) Math.min(count - 1, Math.floor(of * count))];
        }

        void clear() {
            count = 0;
        }
    }
}
