package yellowkite.core.dmx;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Relation;
import yellowkite.core.profile.Wheel;

/**
 * What the channels of a mode do at given values. Made once for a mode; immutable, so any number of threads may use it. Source: GDTF, "How
 * DMX becomes meaning", 3 to 7.
 */
public final class Resolver {
    private static final int NONE = -1;

    private final FixtureType type;
    private final AddressMap map;
    private final List<Lane> lanes = new ArrayList<>();
    /** Index of each placed channel's first lane; its lanes follow each other. */
    private final int[] firstLane;
    private final List<Link> links = new ArrayList<>();
    /** Where each channel of the document stands, by its id. */
    private final Map<Integer, List<Integer>> placesById = new HashMap<>();
    private final Map<String, PhysicalUnit> units = new HashMap<>();

    /**
     * A relation between two placed channels.
     *
     * @param followerFunction id of the function that must be active for the relation to act; {@link #NONE} = any
     */
    private record Link(int master, int follower, int followerFunction, Relation.Type type) {}

    /** One logical channel of one placed channel: at most one of its functions is active. */
    private record Lane(int channel, List<Candidate> candidates) {}

    /**
     * A function and what must hold for it to count.
     *
     * @param masterChannel placed channel that decides; {@link #NONE} without a mode master
     * @param masterFunction id of the function that must be active on it; {@link #NONE} if the channel itself is linked
     * @param broken whether its mode master leads nowhere, so that it never counts
     */
    private record Candidate(Spans.FunctionSpan span, int masterChannel, int masterFunction, long modeFrom, long modeTo,
            boolean broken, PhysicalUnit unit) {
        boolean isConditional() {
            return masterChannel != NONE;
        }
    }

    private Resolver(FixtureType type, AddressMap map) {
        this.type = type;
        this.map = map;
        this.firstLane = new int[map.channels().size() + 1];
        for (int i = 0; i < map.channels().size(); i++) {
            placesById.computeIfAbsent(map.channels().get(i).channel().id(), id -> new ArrayList<>()).add(i);
        }
        type.attributeDefinitions().attributes().forEach(each -> units.putIfAbsent(each.name(), each.physicalUnit()));
    }

    public static Resolver of(FixtureType type, Mode mode) {
        return CompiledMode.of(type, mode).resolver();
    }

    static Resolver of(FixtureType type, Mode mode, AddressMap map, LinkTargets targets,
            Function<Channel, List<Spans.FunctionSpan>> spansOf) {
        var resolver = new Resolver(type, map);
        for (int i = 0; i < map.channels().size(); i++) {
            var placed = map.channels().get(i);
            resolver.firstLane[i] = resolver.lanes.size();
            var spans = spansOf.apply(placed.channel());
            for (var logical : placed.channel().logicalChannels()) {
                var candidates = new ArrayList<Candidate>();
                for (var span : spans) {
                    if (span.logical() == logical) {
                        candidates.add(resolver.candidate(span, placed, targets));
                    }
                }
                resolver.lanes.add(new Lane(i, candidates));
            }
        }
        resolver.firstLane[map.channels().size()] = resolver.lanes.size();
        mode.relations().forEach(relation -> resolver.addLinks(relation, targets));
        return resolver;
    }

    private void addLinks(Relation relation, LinkTargets targets) {
        var master = targets.find(relation.master());
        var follower = targets.find(relation.follower());
        if (master == null || follower == null) {
            return; // a broken link, which the checks tell
        }
        int function = follower.function() == null ? NONE : follower.function().id();
        for (int i : placesById.getOrDefault(follower.channel().id(), List.of())) {
            links.add(new Link(nearest(master.channel(), map.channels().get(i)), i, function, relation.type()));
        }
    }

    private Candidate candidate(Spans.FunctionSpan span, PlacedChannel placed, LinkTargets targets) {
        var function = span.function();
        var unit = units.getOrDefault(function.attribute(), PhysicalUnit.None);
        if (function.modeMaster().isEmpty()) {
            return new Candidate(span, NONE, NONE, 0, 0, false, unit);
        }
        var target = targets.find(function.modeMaster());
        if (target == null) {
            return new Candidate(span, NONE, NONE, 0, 0, true, unit);
        }
        int bytes = target.channel().bytes();
        return new Candidate(span, nearest(target.channel(), placed), target.function() == null ? NONE : target.function().id(),
                function.modeFrom().at(bytes), function.modeTo().at(bytes), false, unit);
    }

    /** {@return the place of a master that belongs to the follower: of the same cell, else the enclosing or shared one} */
    int nearest(Channel master, PlacedChannel follower) {
        int best = NONE;
        int bestDepth = -1;
        for (int i : placesById.getOrDefault(master.id(), List.of())) {
            var path = map.channels().get(i).path();
            boolean encloses = path.size() <= follower.path().size() && follower.path().subList(0, path.size()).equals(path);
            if (best == NONE || encloses && path.size() > bestDepth) {
                best = i;
                bestDepth = encloses ? path.size() : bestDepth;
            }
        }
        return best;
    }

    public AddressMap map() {
        return map;
    }

    /**
     * {@return what one channel does by itself, without the relations upon it}
     *
     * @param index in the map's order
     * @param raws as for {@link #resolve}
     */
    public Meaning meaningOf(int index, long[] raws) {
        return asking().meaningOf(index, raws);
    }

    /** {@return somebody who asks many such questions one after the other, in one thread} */
    public Pass asking() {
        return new Pass(new long[0]);
    }

    /** {@return how many functions stand in the placed channels of this mode} */
    public int functions() {
        return lanes.stream().mapToInt(lane -> lane.candidates().size()).sum();
    }

    /** {@return ids of the channels whose functions wait for one of those, directly or in turn} */
    public Set<Integer> waitingFor(Set<Integer> channelIds) {
        var followers = new HashMap<Integer, Set<Integer>>();
        for (var lane : lanes) {
            for (var each : lane.candidates()) {
                if (each.isConditional()) {
                    followers.computeIfAbsent(idAt(each.masterChannel()), none -> new HashSet<>()).add(idAt(lane.channel()));
                }
            }
        }
        var waiting = new HashSet<Integer>();
        var open = new ArrayDeque<>(channelIds);
        while (!open.isEmpty()) {
            for (int follower : followers.getOrDefault(open.pop(), Set.of())) {
                if (waiting.add(follower)) {
                    open.add(follower);
                }
            }
        }
        return waiting;
    }

    private int idAt(int index) {
        return map.channels().get(index).channel().id();
    }

    /** {@return the place of a channel, the first of several; none if it is not in this mode} */
    public OptionalInt firstPlace(int channelId) {
        var places = placesById.get(channelId);
        return places == null ? OptionalInt.empty() : OptionalInt.of(places.getFirst());
    }

    /** {@return the places of a channel, in the map's order} */
    public List<PlacedChannel> placesOf(int channelId) {
        return placesById.getOrDefault(channelId, List.of()).stream().map(map.channels()::get).toList();
    }

    /**
     * A channel that decides whether functions of another count. @param edges values at which it may begin or cease to, both sides of each
     */
    public record Master(int index, List<Long> edges) {}

    /**
     * {@return the channels that functions of a placed channel wait for, with those that these wait for in turn} More than {@code most}
     * tell that there are more.
     */
    public List<Master> mastersOf(int index, int most) {
        var edges = new LinkedHashMap<Integer, TreeSet<Long>>();
        var open = new ArrayDeque<Integer>(List.of(index));
        var seen = new HashSet<Integer>();
        while (!open.isEmpty() && edges.size() <= most) {
            int at = open.pop();
            if (!seen.add(at)) {
                continue;
            }
            for (int lane = firstLane[at]; lane < firstLane[at + 1]; lane++) {
                for (var each : lanes.get(lane).candidates()) {
                    if (each.isConditional()) {
                        var values = edges.computeIfAbsent(each.masterChannel(), none -> new TreeSet<>());
                        addEdges(values, each);
                        open.add(each.masterChannel());
                    }
                }
            }
        }
        return edges.entrySet().stream().map(each -> new Master(each.getKey(), List.copyOf(each.getValue()))).toList();
    }

    private void addEdges(TreeSet<Long> values, Candidate each) {
        var master = map.channels().get(each.masterChannel()).channel();
        for (long edge : new long[]{each.modeFrom() - 1, each.modeFrom(), each.modeTo(), each.modeTo() + 1}) {
            values.add(Math.clamp(edge, 0, master.max()));
        }
        for (int lane = firstLane[each.masterChannel()]; lane < firstLane[each.masterChannel() + 1]; lane++) {
            for (var function : lanes.get(lane).candidates()) {
                if (function.span().function().id() == each.masterFunction()) {
                    values.add(Math.clamp(function.span().from(), 0, master.max()));
                    values.add(Math.clamp(function.span().to(), 0, master.max()));
                }
            }
        }
        values.add(master.start());
    }

    /**
     * {@return whether a placed channel acts upon others by a Multiply relation: what it does is in their scale} @param index in the map's
     * order
     */
    public boolean scalesOthers(int index) {
        return links.stream().anyMatch(link -> link.master() == index && link.type() == Relation.Type.MULTIPLY);
    }

    /** {@return the start value of every placed channel, in the map's order, each in its own width} */
    public long[] startValues() {
        return map.channels().stream().mapToLong(placed -> placed.channel().start()).toArray();
    }

    /**
     * @param raws one value for each placed channel, in the map's order and the channel's own width
     * @throws IllegalArgumentException if the number of values is not that of the channels
     */
    public List<Meaning> resolve(long[] raws) {
        if (raws.length != map.channels().size()) {
            throw new IllegalArgumentException("raws must hold " + map.channels().size() + " values, held " + raws.length);
        }
        var asked = new Pass(raws);
        var scales = new double[raws.length];
        Arrays.fill(scales, 1);
        long[] ruled = null;
        for (var link : links) {
            if (!asked.lets(link)) {
                continue;
            }
            var master = map.channels().get(link.master()).channel();
            switch (link.type()) {
                case MULTIPLY -> scales[link.follower()] *= (double) raws[link.master()] / master.max();
                case OVERRIDE -> {
                    ruled = ruled == null ? raws.clone() : ruled;
                    ruled[link.follower()] = new DmxValue(raws[link.master()], master.bytes())
                        .at(map.channels().get(link.follower()).channel().bytes());
                }
            }
        }
        var pass = ruled == null ? asked : new Pass(ruled);
        var meanings = new ArrayList<Meaning>(raws.length);
        for (int i = 0; i < raws.length; i++) {
            meanings.add(meaning(i, pass.raws[i], pass.activeOf(i), scales[i]));
        }
        return meanings;
    }

    private Meaning meaning(int index, long raw, @Nullable Candidate active, double scale) {
        var placed = map.channels().get(index);
        if (active == null) {
            return new Meaning(placed, raw, null, null, null, null, PhysicalUnit.None, scale);
        }
        var span = active.span();
        var range = span.rangeAt(raw);
        double physical = span.reachedAt(raw, range);
        Wheel.Slot slot = range == null || range.range().slot() == 0 || span.function().wheel().isEmpty() ? null
                : type.findWheel(span.function().wheel()).flatMap(wheel -> wheel.findSlot(range.range().slot())).orElse(null);
        return new Meaning(placed, raw, span, range, slot, physical, active.unit(), scale);
    }

    /** One walk over a set of values: each lane is decided once, and a circle of mode masters holds for none. */
    public final class Pass {
        private static final int UNKNOWN = -2;
        private static final int DECIDING = -3;
        /** Masters that wait for masters: a fixture has a handful; a longer chain holds for none. */
        private static final int LONGEST_CHAIN = 256;
        private long[] raws;
        private final int[] active = new int[lanes.size()];
        /** The lanes that were decided since the last question, so that the next one need not forget all of them. */
        private final int[] decided = new int[lanes.size()];
        private int decisions;
        private int depth;

        private Pass(long[] raws) {
            this.raws = raws;
            Arrays.fill(active, UNKNOWN);
        }

        /** Like {@link Resolver#meaningOf}. */
        public Meaning meaningOf(int index, long[] values) {
            raws = values;
            while (decisions > 0) {
                active[decided[--decisions]] = UNKNOWN;
            }
            return meaning(index, values[index], activeOf(index), 1);
        }

        private boolean lets(Link link) {
            var active = activeOf(link.follower());
            return link.followerFunction() == NONE || active != null && active.span().function().id() == link.followerFunction();
        }

        private @Nullable Candidate activeOf(int channel) {
            for (int lane = firstLane[channel]; lane < firstLane[channel + 1]; lane++) {
                int found = decide(lane);
                if (found >= 0) {
                    return lanes.get(lane).candidates().get(found);
                }
            }
            return null;
        }

        private int decide(int lane) {
            if (active[lane] == UNKNOWN) {
                if (depth == LONGEST_CHAIN) {
                    return NONE;
                }
                active[lane] = DECIDING;
                decided[decisions++] = lane;
                depth++;
                active[lane] = search(lanes.get(lane));
                depth--;
            }
            return active[lane] == DECIDING ? NONE : active[lane];
        }

        private int search(Lane lane) {
            int found = NONE;
            var candidates = lane.candidates();
            for (int i = 0; i < candidates.size(); i++) {
                var each = candidates.get(i);
                if (!each.span().contains(raws[lane.channel()]) || each.broken()) {
                    continue;
                }
                // spec: a function without a mode master yields to one with.
                if (each.isConditional()) {
                    if (holds(each)) {
                        return i;
                    }
                } else if (found == NONE) {
                    found = i;
                }
            }
            return found;
        }

        private boolean holds(Candidate each) {
            long master = raws[each.masterChannel()];
            if (master < each.modeFrom() || master > each.modeTo()) {
                return false;
            }
            if (each.masterFunction() == NONE) {
                return true;
            }
            for (int lane = firstLane[each.masterChannel()]; lane < firstLane[each.masterChannel() + 1]; lane++) {
                int found = decide(lane);
                if (found >= 0 && lanes.get(lane).candidates().get(found).span().function().id() == each.masterFunction()) {
                    return true;
                }
            }
            return false;
        }
    }
}
