package yellowkite.output;

import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowkite.core.bench.Fade;

/**
 * Universes that are kept going: 44 frames a second where they change, one in 900 ms where they do not. Time is told by whoever calls, in
 * nanoseconds. Several threads may share it.
 */
public final class Sender {
    public static final int FRAMES_A_SECOND = 44;
    /** Source: ANSI E1.31, data is repeated about every 800 to 1000 ms. */
    private static final long REPEATED = 900_000_000L;
    private static final int LAST_WORDS = 3;
    private static final double NANOS = 1e9;
    private final UUID cid;
    private final String source;
    private final Out out;
    private final Watcher seen;
    private final Map<Integer, Universe> universes = new TreeMap<>();
    private boolean dark;
    private long failed;

    /** Who is told of frames that were asked about. */
    interface Watcher {
        void sent(int universe, byte[] levels);
    }

    /** Where datagrams leave. */
    interface Out {
        void send(byte[] datagram, Destination to) throws IOException;
    }

    private static final class Universe {
        private final List<Destination> to;
        private final int priority;
        private final byte[] rest;
        private final byte[] dark;
        private Fade way;
        private long begun;
        private double seconds;
        private long sequence;
        private Map<Integer, Integer> held = Map.of();
        private boolean watched;
        private byte @Nullable [] last;
        private long lastAt;

        Universe(List<Destination> to, int priority, byte[] rest, byte[] dark) {
            this.to = to;
            this.priority = priority;
            this.rest = rest;
            this.dark = dark;
            this.way = new Fade(rest, rest, List.of(), List.of());
        }

        byte[] at(long now) {
            return way.at(seconds <= 0 ? 1 : (now - begun) / NANOS / seconds);
        }

        /** As it leaves. */
        byte[] heldAt(long now) {
            var levels = at(now);
            held.forEach((address, value) -> levels[address - 1] = (byte) (int) value);
            return levels;
        }
    }

    Sender(UUID cid, String source, Out out, Watcher seen) {
        this.seen = seen;
        this.cid = cid;
        this.source = source;
        this.out = out;
    }

    /** A universe begins, at rest; one that there is goes elsewhere from now on. */
    synchronized void open(int number, List<Destination> to, int priority, byte[] rest, byte[] dark) {
        var was = universes.get(number);
        var next = new Universe(List.copyOf(to), priority, rest.clone(), dark.clone());
        if (was != null) {
            next.way = was.way;
            next.begun = was.begun;
            next.seconds = was.seconds;
            next.sequence = was.sequence;
            next.held = was.held;
            next.watched = was.watched;
        }
        universes.put(number, next);
    }

    /**
     * {@return whether there is such a universe} It goes to those levels from where it is. @throws IllegalArgumentException if a place is
     * outside
     */
    synchronized boolean aim(Command.Levels to, long now) {
        var universe = universes.get(to.universe());
        if (universe == null) {
            return false;
        }
        universe.way = new Fade(universe.at(now), to.levels(), to.wide(), to.jumps());
        universe.begun = now;
        universe.seconds = Double.isFinite(to.seconds()) ? Math.max(0, to.seconds()) : 0;
        return true;
    }

    /** {@return whether there is such a universe} Those addresses stay, whatever it is aimed at. @param values by address from 1 */
    synchronized boolean hold(int number, Map<Integer, Integer> values) {
        var universe = universes.get(number);
        if (universe != null) {
            universe.held = values;
        }
        return universe != null;
    }

    /** {@return whether there is such a universe} */
    synchronized boolean watch(int number, boolean on) {
        var universe = universes.get(number);
        if (universe != null) {
            universe.watched = on;
            universe.last = null; // whoever begins to look is told what there is
        }
        return universe != null;
    }

    /** All light stops, or is let out again. */
    synchronized void dark(boolean on) {
        dark = on;
    }

    /** Sends what is due. {@return how many frames that were} */
    synchronized int tick(long now) {
        int frames = 0;
        for (var each : universes.entrySet()) {
            var universe = each.getValue();
            var levels = dark ? universe.dark : universe.heldAt(now);
            if (universe.last == null || now - universe.lastAt >= REPEATED || !Arrays.equals(levels, universe.last)) {
                send(each.getKey(), universe, levels, false, now);
                frames++;
            }
        }
        return frames;
    }

    private void send(int number, Universe universe, byte[] levels, boolean ends, long now) {
        for (var to : universe.to) {
            try {
                out.send(to.datagram(cid, source, universe.priority, number, universe.sequence, levels, ends), to);
            } catch (IOException away) {
                failed++; // the network may come back; the next frame is tried
            }
        }
        if (universe.watched && !Arrays.equals(levels, universe.last)) {
            seen.sent(number, levels);
        }
        universe.sequence++;
        universe.last = levels;
        universe.lastAt = now;
    }

    /** A universe ends at its rest: its levels, then three times that it ends. */
    synchronized void close(int number, long now) {
        var universe = universes.remove(number);
        if (universe != null) {
            send(number, universe, universe.rest, false, now);
            for (int i = 0; i < LAST_WORDS; i++) {
                send(number, universe, universe.rest, true, now); // Art-Net knows no end, and hears its rest again
            }
        }
    }

    /** Every universe ends at its rest. */
    synchronized void end(long now) {
        List.copyOf(universes.keySet()).forEach(each -> close(each, now));
    }

    /** {@return datagrams that the network did not take} */
    synchronized long failed() {
        return failed;
    }

    synchronized int universes() {
        return universes.size();
    }
}
