package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import yellowkite.core.curve.Curve;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
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

        /** {@return the named range that holds a value; null if none does} */
        public @Nullable RangeSpan rangeAt(long raw) {
            for (var range : ranges) {
                if (range.contains(raw)) {
                    return range;
                }
            }
            return null;
        }

        /** {@return the physical value that the lamp reaches: of the named range where it has ends of its own, within Min and Max} */
        public double reachedAt(long raw) {
            return reachedAt(raw, rangeAt(raw));
        }

        double reachedAt(long raw, @Nullable RangeSpan range) {
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
            var starts = startsBySituation(logical, channel.bytes());
            for (int i = 0; i < logical.functions().size(); i++) {
                var function = logical.functions().get(i);
                var curve = function.dmxProfile().isEmpty() ? Curve.LINEAR : curves.apply(function.dmxProfile());
                long from = function.dmxFrom().at(channel.bytes());
                long to = endBelowNext(starts.get(Situation.of(function)), from, channel.max());
                var bare = new FunctionSpan(logical, function, logical.nameAt(i), from, to, curve, List.of());
                spans.add(new FunctionSpan(logical, function, bare.name(), from, to, curve, ranges(bare, channel.bytes())));
            }
        }
        return spans;
    }

    public static Optional<FunctionSpan> find(Channel channel, int functionId) {
        return of(channel).stream().filter(span -> span.function().id() == functionId).findFirst();
    }

    /** When a function counts: equal for functions of which one ends where the other begins. */
    private record Situation(String master, DmxValue from, DmxValue to) {
        static Situation of(ChannelFunction function) {
            return function.modeMaster().isEmpty() ? new Situation("", DmxValue.ZERO, DmxValue.ZERO)
                    : new Situation(function.modeMaster(), function.modeFrom(), function.modeTo());
        }
    }

    /** Whether two functions of a logical channel count in the same mode-master situation, so that one ends where the other begins. */
    public static boolean sameSituation(ChannelFunction a, ChannelFunction b) {
        return Situation.of(a).equals(Situation.of(b));
    }

    private static Map<Situation, TreeSet<Long>> startsBySituation(LogicalChannel logical, int bytes) {
        var starts = new HashMap<Situation, TreeSet<Long>>();
        logical.functions().forEach(function -> starts.computeIfAbsent(Situation.of(function), each -> new TreeSet<>()).add(function.dmxFrom().at(bytes)));
        return starts;
    }

    private static long endBelowNext(TreeSet<Long> starts, long from, long last) {
        var next = starts.higher(from);
        return next == null || next > last ? last : next - 1;
    }

    private static List<RangeSpan> ranges(FunctionSpan function, int bytes) {
        var ranges = function.function().ranges();
        var starts = new TreeSet<Long>();
        ranges.forEach(range -> starts.add(range.dmxFrom().at(bytes)));
        var spans = new ArrayList<RangeSpan>(ranges.size());
        for (var range : ranges) {
            long from = range.dmxFrom().at(bytes);
            long to = endBelowNext(starts, from, function.to());
            spans.add(new RangeSpan(range, from, to,
                    range.physicalFrom() != null ? range.physicalFrom() : function.physicalAt(from),
                    range.physicalTo() != null ? range.physicalTo() : function.physicalAt(to)));
        }
        return spans;
    }
}
