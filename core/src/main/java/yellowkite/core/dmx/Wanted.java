package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.Mode;

/**
 * The way back: from wanted physical values to DMX. Of several functions that carry the attribute the one with the smallest error is taken,
 * the first of equals; between two steps that are equally near the upper. What mode masters need is set first.
 */
public final class Wanted {
    /** Wider channels are searched on this many places of a curve first; a step of 16 bits is finer than any chart. */
    private static final int SAMPLES = 4_096;
    /** Of a step: two errors that differ by less are equal. */
    private static final double EQUAL = 1e-9;

    private final CompiledMode compiled;
    private final Mode mode;
    private final Resolver resolver;
    private final LinkTargets targets;
    private final long[] raws;
    private final TreeSet<Integer> touched = new TreeSet<>();
    private final List<Reached> reached = new ArrayList<>();

    /** @param got what the nearest step gives */
    public record Reached(String channel, String attribute, double asked, double got) {}

    /** The answer, or why there is none. */
    public sealed interface Result {
        /**
         * @param dmx bytes of every channel that was set, by break and address. @param values the same as raw values by channel id; where a
         * channel stands in several cells, that of the last
         */
        record Found(Map<Integer, TreeMap<Integer, Integer>> dmx, List<Reached> reached, Map<Integer, Long> values) implements Result {}

        /** @param reason one sentence with the range that can be reached */
        record OutOfReach(String reason) implements Result {}
    }

    private record Choice(Spans.FunctionSpan span, long raw, double got) {}

    private static final class Unreachable extends Exception {
        Unreachable(String reason) {
            super(reason, null, false, false);
        }
    }

    private Wanted(Probe from) {
        this.compiled = from.mode();
        this.mode = compiled.mode();
        this.resolver = compiled.resolver();
        this.targets = compiled.targets();
        this.raws = from.raws().clone();
    }

    /** @param wanted physical values by attribute, in the order in which they are set. @param from where all others stay */
    public static Result find(Probe from, Map<String, Double> wanted) {
        var search = new Wanted(from);
        try {
            for (var each : wanted.entrySet()) {
                search.set(each.getKey(), each.getValue());
            }
            search.confirm(wanted);
        } catch (Unreachable why) {
            return new Result.OutOfReach(String.valueOf(why.getMessage()));
        }
        return new Result.Found(search.bytes(), List.copyOf(search.reached), search.values());
    }

    private void set(String attribute, double asked) throws Unreachable {
        boolean carried = false;
        for (int i = 0; i < raws.length; i++) {
            var placed = resolver.map().channels().get(i);
            if (!placed.channel().carries(attribute)) {
                continue;
            }
            var spans = compiled.spans(placed.channel())
                .stream()
                .filter(span -> span.function().attribute().equals(attribute) && span.from() <= span.to())
                .toList();
            if (spans.isEmpty()) {
                continue;
            }
            carried = true;
            var choice = choose(placed, spans, attribute, asked);
            put(i, choice.raw());
            meetMaster(i, choice.span(), 0);
            leaveRivals(i, choice);
            reached.add(new Reached(placed.name(), attribute, asked, choice.got()));
        }
        if (!carried) {
            throw new Unreachable("No channel of mode '" + mode.name() + "' carries the attribute '" + attribute + "'.");
        }
    }

    /**
     * The step of one function that comes nearest to a physical value.
     *
     * @param got what the step really gives
     * @param low the least that the function reaches; {@code high} the most
     */
    public record Step(long raw, double got, double low, double high) {
        public boolean isInReach(double asked) {
            double slack = 1e-9 * Math.max(1, Math.max(Math.abs(low), Math.abs(high)));
            return asked >= low - slack && asked <= high + slack;
        }
    }

    /** {@return the nearest step of a function that has values} */
    public static Step nearest(Spans.FunctionSpan span, double asked) {
        var found = search(List.of(span), asked);
        return new Step(found.best().raw(), found.best().got(), found.low(), found.high());
    }

    private record Found(Choice best, double low, double high) {}

    private static Found search(List<Spans.FunctionSpan> spans, double asked) {
        Choice best = null;
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (var span : spans) {
            for (long raw : candidates(span, asked)) {
                double got = span.reachedAt(raw);
                low = Math.min(low, got);
                high = Math.max(high, got);
                double error = Math.abs(got - asked);
                double bestError = best == null ? Double.POSITIVE_INFINITY : Math.abs(best.got() - asked);
                boolean equal = best != null && Math.abs(error - bestError) <= EQUAL * Math.abs(got - best.got());
                boolean upperOfEquals = equal && Objects.requireNonNull(best).span() == span && best.got() != got && raw > best.raw();
                if (error < bestError && !equal || upperOfEquals) {
                    best = new Choice(span, raw, got);
                }
            }
        }
        return new Found(Objects.requireNonNull(best), low, high);
    }

    private Choice choose(PlacedChannel placed, List<Spans.FunctionSpan> spans, String attribute, double asked) throws Unreachable {
        var found = search(spans, asked);
        var step = new Step(found.best().raw(), found.best().got(), found.low(), found.high());
        if (!step.isInReach(asked)) {
            throw new Unreachable("'" + placed.name() + "' reaches " + attribute + " from " + step.low() + " to " + step.high() + "; "
                    + asked + " is out of reach.");
        }
        return found.best();
    }

    /** {@return raw values worth trying: the ends of every straight piece and the steps around where it meets the wanted value} */
    private static List<Long> candidates(Spans.FunctionSpan span, double asked) {
        var starts = new TreeSet<Long>();
        starts.add(span.from());
        for (var range : span.ranges()) {
            if (range.hasOwnPhysical() && range.from() <= range.to()) {
                starts.add(Math.max(span.from(), range.from()));
                starts.add(Math.min(span.to(), range.to()) + 1);
            }
        }
        if (!span.curve().isLinear()) {
            long step = Math.max(1, (span.to() - span.from()) / SAMPLES);
            for (long raw = span.from(); raw <= span.to(); raw += step) {
                starts.add(raw);
            }
        }
        var pieces = new ArrayList<>(starts.headSet(span.to(), true));
        var raws = new ArrayList<Long>();
        for (int i = 0; i < pieces.size(); i++) {
            long from = pieces.get(i);
            long to = i + 1 < pieces.size() ? pieces.get(i + 1) - 1 : span.to();
            meet(span, from, to, asked, raws);
            if (!span.curve().isLinear() && i + 1 < pieces.size()) {
                meet(span, from, pieces.get(i + 1), asked, raws);
            }
        }
        raws.sort(Comparator.naturalOrder());
        return raws;
    }

    /** Adds both ends of a monotone piece and, by halving it, the two steps between which it passes the wanted value. */
    private static void meet(Spans.FunctionSpan span, long from, long to, double asked, List<Long> raws) {
        raws.add(from);
        raws.add(to);
        boolean rising = span.reachedAt(to) >= span.reachedAt(from);
        long low = from;
        long high = to;
        while (high - low > 1) {
            long middle = (low + high) >>> 1;
            if (span.reachedAt(middle) <= asked == rising) {
                low = middle;
            } else {
                high = middle;
            }
        }
        raws.add(low);
        raws.add(high);
    }

    private void put(int index, long raw) {
        raws[index] = raw;
        touched.add(index);
    }

    /** Brings the master of a function into its range, and the master's own master. */
    private void meetMaster(int index, Spans.FunctionSpan span, int depth) throws Unreachable {
        var function = span.function();
        if (function.modeMaster().isEmpty()) {
            return;
        }
        var target = targets.find(function.modeMaster());
        if (target == null || depth > mode.channels().size()) {
            throw new Unreachable(
                    "'" + span.name() + "' never counts: its mode master '" + function.modeMaster() + "' is not in this mode.");
        }
        int master = resolver.nearest(target.channel(), resolver.map().channels().get(index));
        long from = function.modeFrom().at(target.channel().bytes());
        long to = function.modeTo().at(target.channel().bytes());
        if (target.function() != null) {
            var masterSpan = Spans.find(target.channel(), target.function().id()).orElseThrow();
            from = Math.max(from, masterSpan.from());
            to = Math.min(to, masterSpan.to());
            meetMaster(master, masterSpan, depth + 1);
        }
        if (from > to) {
            throw new Unreachable(
                    "'" + span.name() + "' never counts: its mode master '" + function.modeMaster() + "' cannot be in its range.");
        }
        put(master, raws[master] >= from && raws[master] <= to ? raws[master] : from);
    }

    /** A function with a mode master wins over one without: where one would, its master is led out of its range. */
    private void leaveRivals(int index, Choice choice) {
        var placed = resolver.map().channels().get(index);
        for (var rival : Spans.of(placed.channel())) {
            var target = rival.function().modeMaster().isEmpty() ? null : targets.find(rival.function().modeMaster());
            if (target == null || rival.function().id() == choice.span().function().id() || !rival.contains(choice.raw())
                    || !choice.span().function().modeMaster().isEmpty()) {
                continue;
            }
            int master = resolver.nearest(target.channel(), placed);
            long from = rival.function().modeFrom().at(target.channel().bytes());
            long to = rival.function().modeTo().at(target.channel().bytes());
            if (raws[master] >= from && raws[master] <= to) {
                put(master, from > 0 ? from - 1 : Math.min(to + 1, target.channel().max()));
            }
        }
    }

    /** Several wishes may need one master in two places: what was promised is looked at once more when all is set. */
    private void confirm(Map<String, Double> wanted) throws Unreachable {
        var meanings = resolver.resolve(raws);
        for (int i = 0; i < raws.length; i++) {
            var placed = resolver.map().channels().get(i);
            var meaning = meanings.get(i);
            for (var attribute : wanted.keySet()) {
                if (placed.channel().carries(attribute)
                        && (meaning.function() == null || !meaning.function().function().attribute().equals(attribute))) {
                    throw new Unreachable("'" + placed.name() + "' cannot do " + attribute + " together with what else was asked for.");
                }
            }
        }
    }

    private Map<Integer, TreeMap<Integer, Integer>> bytes() {
        var dmx = new TreeMap<Integer, TreeMap<Integer, Integer>>();
        for (int index : touched) {
            var placed = resolver.map().channels().get(index);
            var addresses = placed.addresses();
            for (int i = 0; i < addresses.size(); i++) {
                int value = (int) (raws[index] >>> 8 * (addresses.size() - 1 - i)) & 0xFF;
                dmx.computeIfAbsent(dmxBreak(placed), each -> new TreeMap<>()).put(addresses.get(i), value);
            }
        }
        return dmx;
    }

    private Map<Integer, Long> values() {
        var values = new TreeMap<Integer, Long>();
        touched.forEach(index -> values.put(resolver.map().channels().get(index).channel().id(), raws[index]));
        return values;
    }

    private static int dmxBreak(PlacedChannel placed) {
        @Nullable Integer number = placed.dmxBreak();
        return number == null ? 1 : number;
    }
}
