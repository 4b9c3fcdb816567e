package yellowkite.output;

import java.io.IOException;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowkite.core.bench.Proof;
import yellowkite.core.bench.Seen;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.wire.rdm.DeviceInfo;
import yellowkite.core.wire.sacn.SacnPacket;

/**
 * A fixture that is driven over a line and looked at by instruments. When it is let go it stands at its start values, then there is
 * silence.
 */
public final class FixtureOnTheWire implements Proof.AtHand, AutoCloseable {
    private static final long LOOK_EVERY = 4;
    private static final long SEND_EVERY = 100_000_000L;
    /** What an instrument needs beside the fixture, ns. */
    private static final long BESIDE = 250_000_000L;
    /** A process that sends has to come up first, ns. */
    private static final long ARRIVES = 15_000_000_000L;
    private static final double NANOS = 1e9;
    /** A first few universes are tried alone; then the rest in shares of this. */
    private static final int FEW = 16;
    private static final int SHARE = 4_096;
    private static final int AT_ONCE = 64;

    private final Line line;
    private final Telemetry telemetry;
    private final byte[] start;
    private @Nullable Integer universe;
    private int address;

    /** @param start levels of its addresses at its start values */
    public FixtureOnTheWire(Line line, Telemetry telemetry, byte[] start) {
        this.line = line;
        this.telemetry = telemetry;
        this.start = start.clone();
    }

    @Override
    public Optional<Seen> look() throws Proof.Gone {
        return Optional.of(telemetry.look());
    }

    @Override
    public Optional<Seen> send(byte[] slots, Proof.Hoped hoped, double patience) throws Proof.Gone {
        try {
            var levels = at(slots);
            int to = universe();
            line.send(to, levels);
            long begun = System.nanoTime();
            long sent = begun;
            long arrived = Long.MAX_VALUE;
            while (true) {
                var seen = telemetry.look();
                long now = System.nanoTime();
                arrived = hasArrived(seen, slots) ? Math.min(arrived, now) : Long.MAX_VALUE;
                boolean isThere = arrived <= now;
                if (isThere && (hoped.isSeen(seen) || now - arrived > patience * NANOS + BESIDE)) {
                    return Optional.of(seen);
                } else if (!isThere && now - begun > ARRIVES) {
                    throw new Proof.Gone("The fixture does not hear universe " + to + ".");
                }
                if (now - sent > SEND_EVERY) {
                    line.send(to, levels);
                    sent = now;
                }
                Thread.sleep(LOOK_EVERY);
            }
        } catch (IOException failed) {
            throw new Proof.Gone("The network is away: " + failed.getMessage() + ".");
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            throw new Proof.Gone("It was stopped.");
        }
    }

    /** What it does not hear it cannot show: an address beyond its own footprint. */
    private static boolean hasArrived(Seen seen, byte[] slots) {
        return !seen.dmx().isEmpty()
                && seen.dmx()
                    .entrySet()
                    .stream()
                    .allMatch(each -> each.getKey() > slots.length || each.getKey() < 1
                            || each.getValue() == (slots[each.getKey() - 1] & 0xff));
    }

    private byte[] at(byte[] slots) throws Proof.Gone {
        if (address == 0) {
            address = Math.clamp(telemetry.look().address(), 1, AddressMap.UNIVERSE);
        }
        var levels = new byte[AddressMap.UNIVERSE];
        System.arraycopy(slots, 0, levels, address - 1, Math.min(slots.length, AddressMap.UNIVERSE - address + 1));
        return levels;
    }

    private int universe() throws Proof.Gone, IOException {
        if (universe == null) {
            var said = line.universe();
            universe = said.isPresent() ? said.get() : find();
        }
        return universe;
    }

    /** Start values are sent to more and more universes, until the fixture hears them; then to fewer and fewer. */
    private int find() throws Proof.Gone, IOException {
        for (int from = 1,
                to = FEW; from <= SacnPacket.LARGEST_UNIVERSE; from = to + 1, to = Math.min(SacnPacket.LARGEST_UNIVERSE, to + SHARE)) {
            if (isHeard(from, to)) {
                int low = from;
                int high = to;
                while (low < high) {
                    int middle = (low + high) / 2;
                    if (isHeard(low, middle)) {
                        high = middle;
                    } else {
                        low = middle + 1;
                    }
                }
                return low;
            }
        }
        throw new Proof.Gone("The fixture hears nothing on that port.");
    }

    private boolean isHeard(int from, int to) throws Proof.Gone, IOException {
        long before = telemetry.look().frames();
        var levels = at(start);
        try {
            for (int each = from; each <= to; each++) {
                line.send(each, levels);
                if (each % AT_ONCE == 0) {
                    Thread.sleep(1); // what comes faster than it is taken is lost
                }
            }
            for (int i = 0; i < 10; i++) {
                if (telemetry.look().frames() > before) {
                    return true;
                }
                Thread.sleep(LOOK_EVERY);
            }
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            throw new Proof.Gone("It was stopped.");
        }
        return false;
    }

    @Override
    public Optional<Integer> footprint() throws Proof.Gone {
        try {
            return line.info(universe()).map(DeviceInfo::footprint);
        } catch (IOException failed) {
            throw new Proof.Gone("The network is away: " + failed.getMessage() + ".");
        }
    }

    @Override
    public void close() {
        try {
            if (universe != null) {
                line.send(universe, at(start));
                line.end(universe);
            }
        } catch (IOException | Proof.Gone gone) {
            // there is nobody left to be told
        } finally {
            line.close();
            telemetry.close();
        }
    }
}
