package yellowkite.core.wire;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import yellowkite.core.wire.artnet.ArtDmx;
import yellowkite.core.wire.sacn.SacnPacket;

/**
 * What arrives in one universe, of all that send to it: the highest priority wins, and of equal ones the highest value of each slot. A
 * source that was not heard for 2.5 s, or that ended, is gone. Source: ANSI E1.31, sequence numbers, priority and loss of data; what comes
 * by Art-Net, which has none, is of the usual priority. Not for several threads.
 */
public final class UniverseSources {
    public static final long UNHEARD = TimeUnit.MILLISECONDS.toNanos(2_500);
    private static final int SLOTS = 512;
    /** More than this send to no universe in earnest. */
    private static final int MOST = 64;
    private static final int TOO_OLD = -20;
    private final Map<Object, Heard> heard = new HashMap<>();
    private long dropped;

    /** @param name of the source. @param sequence -1 where it counts none */
    public record Heard(String name, int priority, int sequence, Bytes slots, long at) {}

    /**
     * {@return whether it counts} A packet that is behind the newest of its source, or no level, is dropped and counted. @param now in ns
     */
    public boolean take(SacnPacket packet, long now) {
        if (packet.startCode() != 0 || packet.preview()) {
            dropped++;
            return false;
        }
        var next = new Heard(packet.source(), packet.priority(), packet.sequence(), packet.slots(), now);
        return take(packet.cid(), next, packet.terminated());
    }

    /** Like the other, of Art-Net. @param from who sent it */
    public boolean take(ArtDmx packet, String from, long now) {
        int sequence = packet.sequence() == 0 ? -1 : packet.sequence();
        return take(from, new Heard("Art-Net " + from, SacnPacket.USUAL_PRIORITY, sequence, packet.slots(), now), false);
    }

    private boolean take(Object source, Heard next, boolean ends) {
        var before = heard.get(source);
        boolean lost = before != null && next.at() - before.at() > UNHEARD;
        boolean full = before == null && heard.size() >= MOST && !forget(next.at());
        if (full || before != null && !lost && isBehind(next.sequence(), before.sequence())) {
            dropped++;
            return false;
        }
        if (ends) {
            heard.remove(source);
        } else {
            heard.put(source, next);
        }
        return true;
    }

    private boolean forget(long now) {
        return heard.values().removeIf(each -> now - each.at() > UNHEARD);
    }

    private static boolean isBehind(int sequence, int newest) {
        byte difference = (byte) (sequence - newest);
        return sequence >= 0 && newest >= 0 && difference <= 0 && difference > TOO_OLD;
    }

    public long dropped() {
        return dropped;
    }

    /** {@return the sources that are heard and have the highest priority} @param now in ns */
    public List<Heard> winning(long now) {
        int highest = -1;
        var winning = new ArrayList<Heard>();
        for (var each : heard.values()) {
            if (now - each.at() <= UNHEARD && each.priority() >= highest) {
                if (each.priority() > highest) {
                    winning.clear();
                    highest = each.priority();
                }
                winning.add(each);
            }
        }
        return winning;
    }

    /** {@return the levels of 512 slots; empty where nobody sends} Slots that nobody sends are 0. @param now in ns */
    public Optional<byte[]> levels(long now) {
        byte @Nullable [] merged = null;
        for (var each : winning(now)) {
            merged = merged == null ? new byte[SLOTS] : merged;
            for (int i = 0; i < each.slots().size(); i++) {
                merged[i] = (byte) Math.max(merged[i] & 0xff, each.slots().at(i));
            }
        }
        return Optional.ofNullable(merged);
    }
}
