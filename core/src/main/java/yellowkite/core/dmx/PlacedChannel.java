package yellowkite.core.dmx;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.Channel;

/**
 * One channel in one place: a channel under geometry references stands here once for each of them.
 *
 * @param geometry the geometry that it acts on; for a repeated channel the name of the reference
 * @param path names of the references that lead to it, outermost first; empty for a shared channel
 * @param dmxBreak null if it has no address
 * @param addresses within the break, most significant first; empty for a virtual channel, and where a reference gives none
 * @param unplaced whether it should have addresses but its reference gives no start for its break
 */
public record PlacedChannel(Channel channel, String geometry, List<String> path, @Nullable Integer dmxBreak,
        List<Integer> addresses, boolean unplaced) {

    public PlacedChannel {
        path = List.copyOf(path);
        addresses = List.copyOf(addresses);
    }

    /** {@return which of its bytes that is, in a word; empty where it has one only} @param index 0 = the coarse one */
    public String byteWord(int index) {
        return addresses.size() < 2 ? "" : Readout.BYTES.get(Math.min(index, Readout.BYTES.size() - 1));
    }

    /** {@return geometry in use, an underscore, and the attribute} */
    public String name() {
        return geometry + "_" + channel.attribute();
    }
}
