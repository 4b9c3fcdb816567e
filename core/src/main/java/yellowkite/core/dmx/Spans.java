package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import yellowkite.core.curve.Curve;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.NamedRange;

/**
 * Which of a channel's values belong to which function and named range, in the channel's own width. Source: GDTF, "How
 * DMX becomes meaning", function ranges and sets.
 */
public final class Spans {
    private Spans() {}

    /**
     * The values of one function, both ends included.
     *
     * @param name   the function's name, or the one it is known by
     * @param ranges in the order of the file
     */
    public record FunctionSpan(LogicalChannel logical, ChannelFunction function, String name, long from, long to, Curve curve,
            List<RangeSpan> ranges) {
        public FunctionSpan {
            ranges = List.copyOf(ranges);
        }

        public boolean contains(long raw) {
            return raw >= from && raw <= to;
        }

        public Optional<RangeSpan> rangeAt(long raw) {
            return ranges.stream().filter(range -> range.contains(raw)).findFirst();
        }

        /** {@return the physical value that the lamp reaches: of the named range where it has ends of its own, within Min and Max} */
        public double reachedAt(long raw) {
            var range = rangeAt(raw).orElse(null);
            double physical = range != null && range.hasOwnPhysical() ? range.physicalAt(raw) : physicalAt(raw);
            var min = function.min();
            var max = function.max();
            physical = min == null ? physical : Math.max(min, physical);
            return max == null ? physical : Math.min(max, physical);
        }

        /** {@return the physical value of the function alone, through its curve} One value stands for the physical start. */
        public double physicalAt(long raw) {
            double t = to == from ? 0 : (double) (raw - from) / (to - from);
            return function.physicalFrom() + curve.at(t) * (function.physicalTo() - function.physicalFrom());
        }
    }

    /**
     * The values of one named range, both ends included; none if {@code to < from}.
     *
     * @param physicalFrom physical value at {@code from}: its own, or the function's there
     */
    public record RangeSpan(NamedRange range, long from, long to, double physicalFrom, double physicalTo) {
        public boolean contains(long raw) {
            return raw >= from && raw <= to;
        }

        public boolean hasOwnPhysical() {
            return range.physicalFrom() != null || range.physicalTo() != null;
        }

        public double physicalAt(long raw) {
            double t = to == from ? 0 : (double) (raw - from) / (to - from);
            return physicalFrom + t * (physicalTo - physicalFrom);
        }
    }

    /** {@return the spans of all functions of a channel, in document order; for values alone, without the type's curves} */
    public static List<FunctionSpan> of(Channel channel) {
        return of(channel, name -> Curve.LINEAR);
    }

    /** {@return the spans of all functions of a channel, in document order, with the curves that the type has for them} */
    public static List<FunctionSpan> of(FixtureType type, Channel channel) {
        return of(channel, name -> type.physicalDescriptions().findDmxProfile(name).map(Curve::of).orElse(Curve.LINEAR));
    }

    private static List<FunctionSpan> of(Channel channel, Function<String, Curve> curves) {
        var spans = new ArrayList<FunctionSpan>();
        for (var logical : channel.logicalChannels()) {
            for (var function : logical.functions()) {
                var name = function.dmxProfile();
                spans.add(span(channel, logical, function, name.isEmpty() ? Curve.LINEAR : curves.apply(name)));
            }
        }
        return spans;
    }

    public static Optional<FunctionSpan> find(Channel channel, int functionId) {
        return of(channel).stream().filter(span -> span.function().id() == functionId).findFirst();
    }

    /** Whether two functions count in the same mode-master situation, so that one ends where the other begins. */
    public static boolean sameSituation(Channel channel, ChannelFunction a, ChannelFunction b) {
        if (!a.modeMaster().equals(b.modeMaster())) {
            return false;
        }
        return a.modeMaster().isEmpty() || a.modeFrom().equals(b.modeFrom()) && a.modeTo().equals(b.modeTo());
    }

    private static FunctionSpan span(Channel channel, LogicalChannel logical, ChannelFunction function, Curve curve) {
        int bytes = channel.bytes();
        long from = function.dmxFrom().at(bytes);
        long to = channel.max();
        for (var other : logical.functions()) {
            long start = other.dmxFrom().at(bytes);
            if (start > from && start <= to && sameSituation(channel, function, other)) {
                to = start - 1;
            }
        }
        var bare = new FunctionSpan(logical, function, logical.nameOf(function), from, to, curve, List.of());
        return new FunctionSpan(logical, function, bare.name(), from, to, curve, ranges(bare, bytes));
    }

    private static List<RangeSpan> ranges(FunctionSpan function, int bytes) {
        var ranges = function.function().ranges();
        var starts = ranges.stream().mapToLong(range -> range.dmxFrom().at(bytes)).toArray();
        var spans = new ArrayList<RangeSpan>(ranges.size());
        for (int i = 0; i < starts.length; i++) {
            long to = function.to();
            for (long start : starts) {
                if (start > starts[i] && start <= to) {
                    to = start - 1;
                }
            }
            var range = ranges.get(i);
            spans.add(new RangeSpan(range, starts[i], to,
                    range.physicalFrom() != null ? range.physicalFrom() : function.physicalAt(starts[i]),
                    range.physicalTo() != null ? range.physicalTo() : function.physicalAt(to)));
        }
        return spans;
    }
}
