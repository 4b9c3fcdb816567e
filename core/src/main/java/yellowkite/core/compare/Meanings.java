package yellowkite.core.compare;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.dmx.Resolver.Master;
import yellowkite.core.dmx.Spans.FunctionSpan;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.Wheel;

/**
 * What the values of a channel that a console has stored mean on both sides, in every situation that other channels may put it into.
 * Stored are: of each named range the middle, of each function the middle and both ends, the start value and the highlight value.
 * Other values are looked at as well, where functions and ranges begin and end: nobody may have stored them, so at them a meaning only
 * shifts.
 *
 * @param verdicts on the values that mean something else
 */
record Meanings(List<Verdict> verdicts) {
    /** Beyond what two ways of computing a value may differ in. */
    private static final double ROUNDING = 1e-6;
    /** Situations beyond that many are looked at one master at a time. */
    private static final int MOST_SITUATIONS = 128;

    Meanings {
        verdicts = List.copyOf(verdicts);
    }

    /** @param from first raw value of the left that this is about; {@code to} the last. @param stored what it was stored for; empty for an edge */
    record Verdict(Rank rank, long from, long to, String stored, String before, String after) {}

    /** One mode on both sides. @param partners ids of the right's channels by those of the left's */
    record Modes(Side left, CompiledMode before, Side right, CompiledMode after, Map<Integer, Integer> partners) {}

    /** @param left and {@code right} are as wide as each other */
    static Meanings of(Modes modes, Channel left, Channel right) {
        int here = modes.before().resolver().firstPlace(left.id()).orElse(-1);
        int there = modes.after().resolver().firstPlace(right.id()).orElse(-1);
        if (here < 0 || there < 0) {
            return new Meanings(List.of());
        }
        var verdicts = new ArrayList<Verdict>();
        for (var situation : situations(modes, here, there)) {
            new Look(modes, situation, here, there, left, right, verdicts).all();
        }
        return new Meanings(verdicts);
    }

    /** {@return the worst that becomes of values between two, both included; null if they mean what they meant} */
    @Nullable Rank worstIn(long from, long to) {
        return verdicts.stream().filter(each -> each.to() >= from && each.from() <= to).map(Verdict::rank).min(Rank::compareTo).orElse(null);
    }

    /** {@return the first of the worst} */
    Optional<Verdict> worst() {
        return verdicts.stream().min(java.util.Comparator.comparing(Verdict::rank));
    }

    /** Values of all channels on both sides, the same bytes on both. */
    private record Situation(long[] before, long[] after) {}

    private static List<Situation> situations(Modes modes, int here, int there) {
        var masters = new ArrayList<>(modes.before().resolver().mastersOf(here));
        var known = modes.partners();
        for (var other : modes.after().resolver().mastersOf(there)) { // what only the right waits for decides, too
            int id = modes.after().map().channels().get(other.index()).channel().id();
            known.entrySet().stream().filter(each -> each.getValue() == id).findFirst().flatMap(each -> toOptional(modes.before().resolver().firstPlace(each.getKey())))
                    .ifPresent(index -> masters.add(new Master(index, other.edges())));
        }
        var all = new ArrayList<Situation>();
        all.add(new Situation(modes.before().startValues(), modes.after().startValues()));
        long count = 1;
        for (var master : masters) {
            count = Math.min(MOST_SITUATIONS + 1L, count * master.edges().size());
        }
        for (var master : masters) {
            var from = count <= MOST_SITUATIONS ? List.copyOf(all) : all.subList(0, 1);
            var more = new ArrayList<Situation>();
            for (var base : from) {
                for (long value : master.edges()) {
                    more.add(with(modes, base, master.index(), value, there));
                }
            }
            if (count <= MOST_SITUATIONS) {
                all = more;
            } else {
                all.addAll(more);
            }
        }
        return all;
    }

    private static Optional<Integer> toOptional(java.util.OptionalInt index) {
        return index.isPresent() ? Optional.of(index.getAsInt()) : Optional.empty();
    }

    private static Situation with(Modes modes, Situation base, int master, long value, int there) {
        var before = base.before().clone();
        var after = base.after().clone();
        var channel = modes.before().map().channels().get(master).channel();
        before[master] = Math.min(value, channel.max());
        var partner = modes.partners().get(channel.id());
        var places = modes.after().map().channels();
        for (int i = 0; i < places.size() && partner != null; i++) {
            if (places.get(i).channel().id() == partner && places.get(i).path().equals(modes.before().map().channels().get(master).path())) {
                after[i] = Math.min(ChannelDiff.at(before[master], channel, places.get(i).channel().bytes()), places.get(i).channel().max());
            }
        }
        return new Situation(before, after);
    }

    /** One channel in one situation. */
    private record Look(Modes modes, Situation situation, int here, int there, Channel left, Channel right, List<Verdict> verdicts) {
        void all() {
            var spans = modes.before().spans(left);
            for (var span : spans) {
                if (span.from() > span.to()) {
                    continue;
                }
                stored(span, span.from());
                stored(span, (span.from() + span.to()) / 2);
                stored(span, span.to());
                for (var range : span.ranges()) {
                    if (range.from() <= range.to()) {
                        stored(span, (range.from() + range.to()) / 2);
                    }
                }
            }
            judge(left.start(), left.start(), "the start value", true);
            if (left.highlight() != null) {
                judge(left.highlight().at(left.bytes()), left.highlight().at(left.bytes()), "the highlight value", true);
            }
            pieces(spans);
        }

        /** Only what was active was stored for its sake. */
        private void stored(FunctionSpan span, long value) {
            var meaning = before(value);
            if (meaning.function() != null && meaning.function().function().id() == span.function().id()) {
                judge(value, value, named(meaning), true);
            }
        }

        private Meaning before(long value) {
            var raws = situation.before().clone();
            raws[here] = value;
            return modes.before().resolver().meaningOf(here, raws);
        }

        private Meaning after(long value) {
            var raws = situation.after().clone();
            raws[there] = value;
            return modes.after().resolver().meaningOf(there, raws);
        }

        /** Between two edges of either side every meaning runs straight, so its two ends speak for it. */
        private void pieces(List<FunctionSpan> spans) {
            var starts = new TreeSet<Long>();
            starts.add(0L);
            for (var span : spans) {
                addEdges(span, starts);
            }
            for (var span : modes.after().spans(right)) {
                addEdges(span, starts);
            }
            for (long start : starts) {
                var next = starts.higher(start);
                long end = next == null ? left.max() : next - 1;
                if (start <= left.max()) {
                    judge(start, Math.min(end, left.max()), "", false);
                }
            }
        }

        private void addEdges(FunctionSpan span, TreeSet<Long> starts) {
            starts.add(span.from());
            starts.add(span.to() + 1);
            for (var range : span.ranges()) {
                starts.add(range.from());
                starts.add(range.to() + 1);
            }
        }

        private void judge(long from, long to, String stored, boolean isStored) {
            var rank = rank(before(from), after(from));
            rank = rank == Rank.BREAKS || from == to ? rank : worse(rank, rank(before(to), after(to)));
            if (rank != null) {
                verdicts.add(new Verdict(isStored ? rank : Rank.SHIFTS, from, to, stored, told(before(from)), told(after(from))));
            }
        }

        private static @Nullable Rank worse(@Nullable Rank one, @Nullable Rank other) {
            return one == null || other != null && other.compareTo(one) < 0 ? other : one;
        }

        private @Nullable Rank rank(Meaning before, Meaning after) {
            if (before.function() == null) {
                return null; // what meant nothing was stored for nothing
            }
            if (after.function() == null || !before.function().function().attribute().equals(after.function().function().attribute()) || !sameSlot(before.slot(), number(before), after.slot(), number(after))) {
                return Rank.BREAKS;
            }
            if (direction(before) * direction(after) < 0) {
                return Rank.BREAKS;
            }
            double was = before.physical();
            double is = after.physical();
            return Math.abs(was - is) > ROUNDING * Math.max(1, Math.abs(was)) ? Rank.SHIFTS : null;
        }

        private static int number(Meaning meaning) {
            return meaning.range() == null ? 0 : meaning.range().range().slot();
        }

        /** A slot is what it holds; of slots that hold nothing, its number. */
        private boolean sameSlot(Wheel.@Nullable Slot before, int number, Wheel.@Nullable Slot after, int newNumber) {
            if (before == null || after == null) {
                return before == after && number == newNumber;
            }
            var was = WheelDiff.content(modes.left(), before);
            var is = WheelDiff.content(modes.right(), after);
            return was.isEmpty() && is.isEmpty() ? number == newNumber : was.kind().equals(is.kind());
        }

        private static double direction(Meaning meaning) {
            var function = meaning.function();
            return meaning.range() != null && meaning.range().hasOwnPhysical() ? Math.signum(meaning.range().physicalTo() - meaning.range().physicalFrom())
                    : Math.signum(function.function().physicalTo() - function.function().physicalFrom());
        }

        private static String named(Meaning meaning) {
            return meaning.function() == null ? "nothing" : meaning.range() != null && !meaning.range().range().name().isBlank() ? "'" + meaning.range().range().name() + "'" : "'" + meaning.function().name() + "'";
        }

        private static String told(Meaning meaning) {
            return meaning.slot() == null ? named(meaning) : named(meaning) + " (slot " + meaning.range().range().slot() + ", '" + meaning.slot().name() + "')";
        }
    }
}
