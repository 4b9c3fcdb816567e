package yellowkite.core.dmx;

import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.Mode;

/** What the links inside a mode lead to: channels, and functions by channel, logical channel and name. Gathered when one is followed. */
public final class LinkTargets {
    private final Mode mode;
    private volatile @Nullable Map<String, Target> byLink;

    /** @param function null where the link names a channel */
    public record Target(Channel channel, @Nullable LogicalChannel logical, @Nullable ChannelFunction function) {}

    private LinkTargets(Mode mode) {
        this.mode = mode;
    }

    public static LinkTargets of(Mode mode) {
        return new LinkTargets(mode);
    }

    private static Map<String, Target> gathered(Mode mode) {
        var byLink = new HashMap<String, Target>();
        for (var channel : mode.channels()) {
            byLink.putIfAbsent(channel.name(), new Target(channel, null, null));
            for (var logical : channel.logicalChannels()) {
                var prefix = channel.name() + "." + logical.attribute() + ".";
                for (int i = 0; i < logical.functions().size(); i++) {
                    byLink.putIfAbsent(prefix + logical.nameAt(i), new Target(channel, logical, logical.functions().get(i)));
                }
            }
        }
        return byLink;
    }

    /** {@return what the link leads to; null if it leads nowhere} Of several nodes of that name, the first in document order. */
    public @Nullable Target find(String link) {
        var known = byLink;
        if (known == null) { // two who ask at once gather the same
            known = gathered(mode);
            byLink = known;
        }
        return known.get(link);
    }
}
