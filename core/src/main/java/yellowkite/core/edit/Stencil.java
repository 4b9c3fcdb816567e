package yellowkite.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.LogicalChannel;

/**
 * A channel with its functions, free of the profile that it was taken from, to be laid onto channels of other ones. What waits for other
 * channels is not kept: a stencil has no mode masters.
 *
 * @param bytes width that its values are in, in [1, 4]
 */
public record Stencil(String attribute, int bytes, LogicalChannel.Snap snap, LogicalChannel.Master master, List<Part> functions) {

    /** One function; its named ranges are as in {@link SetRanges}. @param wheel by name; empty = none */
    public record Part(String name, String attribute, long from, @Nullable Long start, double physicalFrom, double physicalTo,
            double realFade, double realAcceleration,
            @Nullable Double min, @Nullable Double max, String wheel, List<SetRanges.Row> ranges) {
        public Part {
            ranges = List.copyOf(ranges);
        }
    }

    public Stencil {
        functions = List.copyOf(functions);
    }

    /** {@return what can be kept of a channel; without functions if it carries no attribute} */
    public static Stencil of(Channel channel) {
        int bytes = channel.bytes();
        if (channel.logicalChannels().isEmpty()) {
            return new Stencil("", bytes, LogicalChannel.Snap.NO, LogicalChannel.Master.NONE, List.of());
        }
        var logical = channel.logicalChannels().getFirst();
        var parts = logical.functions()
            .stream()
            .filter(each -> each.modeMaster().isEmpty())
            .map(each -> new Part(logical.nameOf(each), each.attribute(), each.dmxFrom().at(bytes),
                    each.defaultValue() == null ? null : each.defaultValue().at(bytes), each.physicalFrom(), each.physicalTo(),
                    each.realFade(), each.realAcceleration(), each.min(), each.max(), each.wheel(),
                    each.ranges()
                        .stream()
                        .map(range -> new SetRanges.Row(range.dmxFrom().at(bytes), range.name(), range.physicalFrom(), range.physicalTo(),
                                range.slot()))
                        .toList()))
            .toList();
        return new Stencil(logical.attribute(), bytes, logical.snap(), logical.master(), parts);
    }

    /** {@return this stencil for a channel of another width: boundaries keep their coarse byte} */
    Stencil at(int width) {
        return width == bytes ? this
                : new Stencil(attribute, width, snap, master,
                        functions.stream()
                            .map(each -> new Part(each.name(), each.attribute(), fitted(each.from(), width),
                                    each.start() == null ? null : fitted(each.start(), width), each.physicalFrom(), each.physicalTo(),
                                    each.realFade(), each.realAcceleration(), each.min(), each.max(), each.wheel(),
                                    each.ranges()
                                        .stream()
                                        .map(row -> new SetRanges.Row(fitted(row.from(), width), row.name(), row.physicalFrom(),
                                                row.physicalTo(), row.slot()))
                                        .toList()))
                            .toList());
    }

    private long fitted(long raw, int width) {
        return width > bytes ? raw << 8 * (width - bytes) : raw >>> 8 * (bytes - width);
    }

    /** {@return whether every value fits the width, as what comes from outside may not} */
    public boolean fitsItsWidth() {
        return bytes >= 1 && bytes <= DmxValue.MAX_BYTES
                && functions.stream()
                    .allMatch(each -> isValue(each.from()) && (each.start() == null || isValue(each.start()))
                            && Double.isFinite(each.physicalFrom()) && Double.isFinite(each.physicalTo())
                            && Double.isFinite(each.realFade()) && Double.isFinite(each.realAcceleration())
                            && each.ranges().stream().allMatch(row -> isValue(row.from())));
    }

    private boolean isValue(long raw) {
        return raw >= 0 && raw <= DmxValue.max(bytes);
    }
}
