package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.curve.Curve;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.NamedRange;

/**
 * Which of a channel's values belong to which function and named range, in the channel's own width. Source: GDTF, "How DMX becomes
 * meaning", function ranges and sets.
 */
public final class Spans {
    private Spans() {}

    /**
     * The values of one function, both ends included.
     *
     * @param name the function's name, or the one it is known by
     * @param ranges in the order of the file
     * @param byStart the first of each start, in the order of their values; no two of these hold the same value
     */
    public record FunctionSpan(LogicalChannel logical, ChannelFunction function, String name, long from, long to, Curve curve,
            List<RangeSpan> ranges, List<RangeSpan> byStart) {
        public FunctionSpan {
            ranges = List.copyOf(ranges);
            byStart = List.copyOf(byStart);
        }

        FunctionSpan(LogicalChannel logical, ChannelFunction function, String name, long from, long to, Curve curve,
                List<RangeSpan> ranges) {
            this(logical, function, name, from, to, curve, ranges, byStart(ranges));
        }

        /** {@return the same list where it stands in that order, as nearly all do} */
        private static List<RangeSpan> byStart(List<RangeSpan> ranges) {
            for (int i = 1; i < ranges.size(); i++) {
                if (ranges.get(i).from() <= ranges.get(i - 1).from()) {
                    var first = new TreeMap<Long, RangeSpan>();
                    ranges.forEach(range -> first.putIfAbsent(range.from(), range));
                    return List.copyOf(first.values());
                }
            }
            return ranges;
        }

        private FunctionSpan with(List<RangeSpan> ranges) {
            return new FunctionSpan(logical, function, name, from, to, curve, ranges);
        }

        public boolean isOnWheel() {
            return !function.wheel().isEmpty();
        }

        /** {@return the same function with another curve} */
        FunctionSpan with(Curve other) {
            return new FunctionSpan(logical, function, name, from, to, other, ranges, byStart);
        }

        public boolean contains(long raw) {
            return raw >= from && raw <= to;
        }

        /** {@return the named range that holds a value; null if none does} */
        public @Nullable RangeSpan rangeAt(long raw) {
            int at = lastBegunBy(raw);
            return at >= 0 && byStart.get(at).contains(raw) ? byStart.get(at) : null;
        }

        /** {@return whether a named range holds any value of that interval} */
        public boolean hasRangeWithin(long from, long to) {
            return from <= to && IntStream.rangeClosed(Math.max(0, lastBegunBy(from)), lastBegunBy(to))
                .anyMatch(at -> byStart.get(at).from() <= byStart.get(at).to() && byStart.get(at).to() >= from);
        }

        /** {@return where the last range stands that begins there or before; -1 if none does} */
        private int lastBegunBy(long raw) {
            int low = 0;
            int high = byStart.size();
            while (low < high) {
                int middle = (low + high) >>> 1;
                if (byStart.get(middle).from() <= raw) {
                    low = middle + 1;
                } else {
                    high = middle;
                }
            }
            return low - 1;
        }

        /** {@return the physical value that the fixture reaches: of the named range where it has ends of its own, within Min and Max} */
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
                long to = endBelowNext(Objects.requireNonNull(starts.get(Situation.of(function))), from, channel.max());
                var bare = new FunctionSpan(logical, function, logical.nameAt(i), from, to, curve, List.of());
                spans.add(function.ranges().isEmpty() ? bare : bare.with(ranges(bare, channel.bytes())));
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
        logical.functions()
            .forEach(function -> starts.computeIfAbsent(Situation.of(function), each -> new TreeSet<>()).add(function.dmxFrom().at(bytes)));
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
