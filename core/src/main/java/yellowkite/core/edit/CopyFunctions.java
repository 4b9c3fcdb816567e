package yellowkite.core.edit;

import java.util.ArrayList;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;

/**
 * Lays the functions and named ranges of one channel onto another one, which keeps its attribute, its addresses and its part.
 * Between widths the boundaries keep their coarse byte, as in {@link ChangeWidth}.
 */
public record CopyFunctions(int from, int to) implements Edit {
    @Override
    public Outcome applyTo(FixtureType before) {
        return Located.onChannel(before, from, source -> Located.onChannel(before, to, target -> {
            if (from == to) {
                return Located.rejected("from", "A channel cannot be laid onto itself.");
            }
            if (target.channel().logicalChannels().isEmpty() || source.channel().logicalChannels().isEmpty()) {
                return Located.rejected("from", "One of the channels has no attribute yet.");
            }
            return laid(before, source.channel(), target);
        }));
    }

    private static Outcome laid(FixtureType before, Channel source, Located.InMode target) {
        var ids = new FreshIds(before.nextId());
        int bytes = target.channel().bytes();
        var was = source.attribute();
        var now = target.channel().attribute();
        var first = target.channel().logicalChannels().getFirst();
        var functions = new ArrayList<ChannelFunction>();
        for (var function : source.logicalChannels().getFirst().functions()) {
            functions.add(ids.copy(function).with(f -> {
                f.attribute = f.attribute.equals(was) ? now : f.attribute;
                f.dmxFrom = fitted(f.dmxFrom, source.bytes(), bytes);
                f.defaultValue = f.defaultValue == null ? null : fitted(f.defaultValue, source.bytes(), bytes);
                f.ranges = f.ranges.stream().map(range -> range.withDmxFrom(fitted(range.dmxFrom(), source.bytes(), bytes))).toList();
                f.modeMaster = target.mode().channels().stream().anyMatch(each -> each.name().equals(f.modeMaster)) ? f.modeMaster : "";
            }));
        }
        var after = target.channel().mapLogicalChannels(logical -> logical == first ? logical.withFunctions(functions) : logical).withInitialFunction("");
        return Located.applied(target.replace(after).with(f -> f.nextId = ids.next()));
    }

    private static DmxValue fitted(DmxValue value, int from, int to) {
        long raw = value.at(from);
        return new DmxValue(to > from ? raw << 8 * (to - from) : raw >>> 8 * (from - to), to);
    }

    @Override
    public String describe(FixtureType before) {
        return "Functions of " + Located.channel(before, from).map(Located.InMode::called).orElse("a channel") + " laid onto " + Located.channel(before, to).map(Located.InMode::called).orElse("another");
    }
}
