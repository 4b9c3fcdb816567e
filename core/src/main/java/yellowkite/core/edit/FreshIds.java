package yellowkite.core.edit;

import java.util.HashMap;
import java.util.Map;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.NamedRange;

/** Copies of nodes under ids of their own. Links between them are texts and need no change. */
final class FreshIds {
    private int next;
    private final Map<Integer, Integer> copies = new HashMap<>();

    FreshIds(int next) {
        this.next = next;
    }

    /** {@return the first id that was not given} */
    int next() {
        return next;
    }

    /** {@return the ids that were given, by those that they were copied from} */
    Map<Integer, Integer> copies() {
        return copies;
    }

    private int copyOf(int id) {
        copies.put(id, next);
        return next++;
    }

    Mode copy(Mode mode) {
        return new Mode(copyOf(mode.id()), mode.name(), mode.description(), mode.geometry(),
                mode.channels().stream().map(this::copy).toList(), mode.relations(), mode.macros(), mode.source());
    }

    Channel copy(Channel channel) {
        return new Channel(copyOf(channel.id()), channel.dmxBreak(), channel.offsets(), channel.initialFunction(), channel.highlight(),
                channel.defaultValue(), channel.geometry(),
                channel.logicalChannels().stream().map(this::copy).toList(), channel.source());
    }

    private LogicalChannel copy(LogicalChannel logical) {
        return new LogicalChannel(copyOf(logical.id()), logical.attribute(), logical.snap(), logical.master(), logical.mibFade(),
                logical.dmxChangeTimeLimit(),
                logical.functions().stream().map(this::copy).toList(), logical.source());
    }

    ChannelFunction copy(ChannelFunction function) {
        return function.withId(copyOf(function.id())).with(f -> f.ranges = f.ranges.stream().map(this::copy).toList());
    }

    NamedRange copy(NamedRange range) {
        return range.withId(copyOf(range.id()));
    }
}
