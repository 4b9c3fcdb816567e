package yellowkite.core.compare;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.dmx.Resolver.Master;
import yellowkite.core.dmx.Spans.FunctionSpan;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.Wheel;

/**
 * What the values of a channel that a console has stored mean on both sides, in every situation that other channels may put it into. Stored
 * are: of each named range the middle, of each function the middle and both ends, the start value and the highlight value. Other values are
 * looked at as well, where functions and ranges begin and end: nobody may have stored them, so at them a meaning only shifts.
 *
 * @param verdicts on the values that mean something else
 * @param touched by rank the intervals that they cover, last values by first ones, none over another
 */
record Meanings(List<Verdict> verdicts, Map<Rank, NavigableMap<Long, Long>> touched) {
    /** Beyond what two ways of computing a value may differ in. */
    private static final double ROUNDING = 1e-6;
    private static final int MOST_MASTERS = 64;
    private static final Verdict GIVEN_UP = new Verdict(Rank.BREAKS, 0, Long.MAX_VALUE, "", "", "");
    /** Situations beyond that many are looked at one master at a time. */
    private static final int MOST_SITUATIONS = 128;

    Meanings(List<Verdict> verdicts) {
        this(List.copyOf(verdicts), touched(verdicts));
    }

    private static Map<Rank, NavigableMap<Long, Long>> touched(List<Verdict> verdicts) {
        var touched = new EnumMap<Rank, NavigableMap<Long, Long>>(Rank.class);
        verdicts.stream().sorted(Comparator.comparing(Verdict::from)).forEach(verdict -> {
            var intervals = touched.computeIfAbsent(verdict.rank(), each -> new TreeMap<>());
            var last = intervals.lastEntry();
            if (last != null && last.getValue() >= verdict.from()) {
                intervals.put(last.getKey(), Math.max(last.getValue(), verdict.to()));
            } else {
                intervals.put(verdict.from(), verdict.to());
            }
        });
        return touched;
    }

    /**
     * @param from first raw value of the left that this is about; {@code to} the last. @param stored what it was stored for; empty for an
     * edge
     */
    record Verdict(Rank rank, long from, long to, String stored, String before, String after) {}

    /** {@return whether there was too much to look at: then what is known here is not all} */
    boolean isGivenUp() {
        return verdicts.contains(GIVEN_UP);
    }

    /** @param left and {@code right} are as wide as each other */
    static Meanings of(Modes modes, Channel left, Channel right) {
        int here = modes.before.resolver().firstPlace(left.id()).orElse(-1);
        int there = modes.after.resolver().firstPlace(right.id()).orElse(-1);
        if (here < 0 || there < 0) {
            return new Meanings(List.of());
        }
        var masters = modes
            .affords(isFree(left) && isFree(right) ? 0 : modes.before.resolver().functions() + modes.after.resolver().functions())
                    ? masters(modes, here, there)
                    : null;
        if (masters == null || !modes.affords(lookups(modes, masters, left, right))) {
            return new Meanings(List.of(GIVEN_UP));
        }
        var verdicts = new ArrayList<Verdict>();
        for (var situation : situations(modes, masters)) {
            new Look(modes, situation, here, there, left, right, verdicts).all();
        }
        return new Meanings(verdicts);
    }

    private static boolean isFree(Channel channel) {
        return channel.logicalChannels()
            .stream()
            .flatMap(logical -> logical.functions().stream())
            .allMatch(function -> function.modeMaster().isEmpty());
    }

    /** {@return about how many functions are looked at, at one value each} */
    private static long lookups(Modes modes, List<Master> masters, Channel left, Channel right) {
        long each = 0;
        long values = 0;
        for (var spans : List.of(modes.before.spans(left), modes.after.spans(right))) {
            each += spans.size();
            values += spans.stream().mapToLong(span -> 5 + 2L * span.ranges().size()).sum();
        }
        long count = count(masters);
        double situations = count <= MOST_SITUATIONS ? count : masters.stream().mapToLong(master -> master.edges().size()).sum();
        double lookups = situations * ((masters.isEmpty() ? 0 : modes.startsBefore.length + modes.startsAfter.length)
                + (double) values * (each + masters.size()));
        return (long) Math.min(lookups, Long.MAX_VALUE / 4);
    }

    /** {@return the worst that becomes of values between two, both included; null if they mean what they meant} */
    @Nullable
    Rank worstIn(long from, long to) {
        for (var rank : touched.keySet()) {
            var begun = touched.get(rank).floorEntry(to);
            if (begun != null && begun.getValue() >= from) {
                return rank;
            }
        }
        return null;
    }

    /** {@return the first of the worst} */
    Optional<Verdict> worst() {
        return verdicts.stream().min(Comparator.comparing(Verdict::rank));
    }

    /** Values of all channels on both sides, the same bytes on both. */
    private record Situation(long[] before, long[] after) {}

    /** {@return the masters on either side; null if there are more than any fixture has} */
    private static @Nullable List<Master> masters(Modes modes, int here, int there) {
        var masters = new ArrayList<>(modes.before.resolver().mastersOf(here, MOST_MASTERS));
        var others = modes.after.resolver().mastersOf(there, MOST_MASTERS);
        if (masters.size() > MOST_MASTERS || others.size() > MOST_MASTERS) {
            return null;
        }
        for (var other : others) { // what only the right waits for decides, too
            var partner = modes.partnersBack.get(modes.after.map().channels().get(other.index()).channel().id());
            if (partner != null) {
                modes.before.resolver().firstPlace(partner).ifPresent(index -> masters.add(new Master(index, other.edges())));
            }
        }
        return masters;
    }

    /** {@return the number of ways to combine their edges; one more than is looked at if it is more} */
    private static long count(List<Master> masters) {
        long count = 1;
        for (var master : masters) {
            count = Math.min(MOST_SITUATIONS + 1L, count * master.edges().size());
        }
        return count;
    }

    private static List<Situation> situations(Modes modes, List<Master> masters) {
        var all = new ArrayList<Situation>();
        all.add(new Situation(modes.startsBefore, modes.startsAfter));
        long count = count(masters);
        for (var master : masters) {
            var from = count <= MOST_SITUATIONS ? List.copyOf(all) : all.subList(0, 1);
            var more = new ArrayList<Situation>();
            for (var base : from) {
                for (long value : master.edges()) {
                    more.add(with(modes, base, master.index(), value));
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

    private static Situation with(Modes modes, Situation base, int master, long value) {
        var before = base.before().clone();
        var after = base.after().clone();
        var channel = modes.before.map().channels().get(master).channel();
        before[master] = Math.min(value, channel.max());
        var partner = modes.partners.get(channel.id());
        var places = modes.after.map().channels();
        for (int i = 0; i < places.size() && partner != null; i++) {
            if (places.get(i).channel().id() == partner && places.get(i).path().equals(modes.before.map().channels().get(master).path())) {
                after[i] = Math.min(ChannelDiff.at(before[master], channel, places.get(i).channel().bytes()),
                        places.get(i).channel().max());
            }
        }
        return new Situation(before, after);
    }

    /** One channel in one situation. */
    private record Look(Modes modes, Situation situation, int here, int there, Channel left, Channel right, List<Verdict> verdicts) {
        void all() {
            var spans = modes.before.spans(left);
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
            situation.before()[here] = left.start();
            situation.after()[there] = right.start();
        }

        /** Only what was active was stored for its sake. */
        private void stored(FunctionSpan span, long value) {
            var meaning = before(value);
            if (meaning.function() != null && meaning.function().function().id() == span.function().id()) {
                judge(value, value, named(meaning), true);
            }
        }

        private Meaning before(long value) {
            situation.before()[here] = value;
            return modes.asksBefore.meaningOf(here, situation.before());
        }

        private Meaning after(long value) {
            situation.after()[there] = value;
            return modes.asksAfter.meaningOf(there, situation.after());
        }

        /** Between two edges of either side every meaning runs straight, so its two ends speak for it. */
        private void pieces(List<FunctionSpan> spans) {
            var starts = new TreeSet<Long>();
            starts.add(0L);
            for (var span : spans) {
                addEdges(span, starts);
            }
            for (var span : modes.after.spans(right)) {
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
            if (after.function() == null || !before.function().function().attribute().equals(after.function().function().attribute())
                    || !sameSlot(before.slot(), number(before), after.slot(), number(after))) {
                return Rank.BREAKS;
            }
            if (direction(before) * direction(after) < 0) {
                return Rank.BREAKS;
            }
            double was = Objects.requireNonNull(before.physical());
            double is = Objects.requireNonNull(after.physical());
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
            var was = WheelDiff.content(modes.left, before);
            var is = WheelDiff.content(modes.right, after);
            return was.isEmpty() && is.isEmpty() ? number == newNumber : was.kind().equals(is.kind());
        }

        private static double direction(Meaning meaning) {
            var function = meaning.function();
            return meaning.range() != null && meaning.range().hasOwnPhysical()
                    ? Math.signum(meaning.range().physicalTo() - meaning.range().physicalFrom())
                    : Math.signum(Objects.requireNonNull(function).function().physicalTo() - function.function().physicalFrom());
        }

        private static String named(Meaning meaning) {
            return meaning.function() == null ? "nothing"
                    : meaning.range() != null && !meaning.range().range().name().isBlank() ? "'" + meaning.range().range().name() + "'"
                            : "'" + meaning.function().name() + "'";
        }

        private static String told(Meaning meaning) {
            return meaning.slot() == null ? named(meaning)
                    : named(meaning) + " (slot " + Objects.requireNonNull(meaning.range()).range().slot() + ", '" + meaning.slot().name()
                            + "')";
        }
    }
}
