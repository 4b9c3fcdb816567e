package yellowkite.core.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.dmx.Spans;
import yellowkite.core.dmx.Wanted;

/** The flaws that might explain answers, those that explain much by little before others. */
final class Suspects {
    /** Boundaries are rarely later by more than this. */
    private static final int LATEST = 32;
    private static final int MOST_ATTRIBUTES = 40;
    /** Where more channels than this differ, no one boundary is what is wrong. */
    private static final int MOST_CHANNELS = 24;
    private static final int MOST_STARTS = 2_000;
    private final CompiledMode mode;
    private final List<Answer> left;
    private final List<Flaw> taken;
    private final boolean footprintKnown;
    private final Set<String> channels = new LinkedHashSet<>();
    private final Set<String> attributes = new LinkedHashSet<>();
    private final Set<String> wheels = new LinkedHashSet<>();

    Suspects(CompiledMode mode, List<Answer> left, List<Flaw> taken, boolean footprintKnown) {
        this.mode = mode;
        this.left = left;
        this.taken = taken;
        this.footprintKnown = footprintKnown;
    }

    List<Flaw> all() {
        gather();
        var all = new LinkedHashSet<Flaw>();
        for (int i = 0; i < mode.type().modes().size(); i++) {
            if (mode.type().modes().get(i).id() != mode.mode().id()) {
                all.add(new Flaw.OtherPersonality(i + 1));
            }
        }
        if (mode.map().channels().stream().anyMatch(each -> !each.path().isEmpty())) {
            all.add(new Flaw.CellsReversed());
        }
        footprints(all);
        swapped(all);
        wheels.forEach(name -> mode.type().findWheel(name).ifPresent(wheel -> {
            for (int by = 1; by < wheel.slots().size(); by++) {
                all.add(new Flaw.WheelOff(name, by));
                all.add(new Flaw.WheelOff(name, -by));
            }
        }));
        attributes.forEach(each -> all.add(new Flaw.Reversed(each)));
        attributes.stream().filter(this::hasFine).forEach(each -> all.add(new Flaw.FineFirst(each)));
        attributes.forEach(each -> all.add(new Flaw.Bent(each)));
        channels.forEach(each -> all.add(new Flaw.Deaf(each)));
        shifted(all);
        starting(all);
        all.removeAll(taken);
        return List.copyOf(all);
    }

    /** {@return the answers that a flaw would have to explain, if it is one} */
    List<Answer> concerned(Flaw flaw) {
        return switch (flaw) {
            case Flaw.Shifted(var channel, var by) -> of(channel);
            case Flaw.Deaf(var channel) -> of(channel);
            case Flaw.Starting starting -> left.stream().filter(each -> each.step().kind() == Step.Kind.UNSENT).toList();
            case Flaw.Reversed(var attribute) -> carrying(attribute);
            case Flaw.Bent(var attribute) -> carrying(attribute);
            case Flaw.FineFirst(var attribute) -> carrying(attribute);
            case Flaw.Swapped(var one, var other) -> carrying(one);
            case Flaw.WheelOff(var wheel, var by) ->
                left.stream().filter(each -> each.step().watched().contains(new Reading.OnWheel(wheel))).toList();
            case Flaw.CellsReversed cells -> left;
            case Flaw.Footprint footprint -> left;
            case Flaw.OtherPersonality other -> left;
        };
    }

    private List<Answer> of(String channel) {
        return left.stream().filter(each -> each.step().channel().equals(channel)).toList();
    }

    private List<Answer> carrying(String attribute) {
        return mode.map()
            .channels()
            .stream()
            .filter(each -> each.channel().carries(attribute))
            .flatMap(each -> of(each.name()).stream())
            .toList();
    }

    private void gather() {
        for (var answer : left) {
            if (answer.step().function().isEmpty()) {
                continue; // of the fixture as a whole: what is wrong with it shows elsewhere, too
            }
            for (var placed : mode.map().channels()) {
                if (placed.name().equals(answer.step().channel())) {
                    channels.add(placed.name());
                    for (var span : mode.spans(placed.channel())) {
                        if (span.name().equals(answer.step().function())) {
                            attributes.add(span.function().attribute());
                            if (!span.function().wheel().isEmpty()) {
                                wheels.add(span.function().wheel());
                            }
                        }
                    }
                }
            }
        }
    }

    private boolean hasFine(String attribute) {
        return mode.map().channels().stream().anyMatch(each -> each.channel().carries(attribute) && each.addresses().size() > 1);
    }

    /** Where the fixture did not say how many addresses it has, several silent channels at its end tell that there are fewer. */
    private void footprints(Set<Flaw> all) {
        if (footprintKnown || channels.size() < 2) {
            return;
        }
        var slots = Slots.of(mode);
        var ends = new TreeSet<Integer>();
        for (var placed : mode.map().channels()) {
            if (channels.contains(placed.name()) && !placed.addresses().isEmpty()) {
                ends.add(slots.index(placed, 0));
                ends.add(slots.index(placed, placed.addresses().size() - 1));
            }
        }
        ends.forEach(each -> all.add(new Flaw.Footprint(each)));
    }

    private void swapped(Set<Flaw> all) {
        // two that have each other's channels differ both, unless one of them cannot be seen; axes are told as a pair
        var some = attributes.stream().limit(MOST_ATTRIBUTES).toList();
        for (int i = 0; i < some.size(); i++) {
            for (int j = i + 1; j < some.size(); j++) {
                boolean inOrder = first(some.get(i)) <= first(some.get(j));
                all.add(inOrder ? new Flaw.Swapped(some.get(i), some.get(j)) : new Flaw.Swapped(some.get(j), some.get(i)));
            }
        }
    }

    private int first(String attribute) {
        var channels = mode.map().channels();
        int at = 0;
        while (at < channels.size() && !channels.get(at).channel().carries(attribute)) {
            at++;
        }
        return at;
    }

    private void shifted(Set<Flaw> all) {
        for (var name : channels.stream().limit(MOST_CHANNELS).toList()) {
            var by = new TreeSet<Long>();
            for (long n = 1; n <= LATEST; n++) {
                by.add(n);
                by.add(-n);
            }
            for (var answer : left) {
                if (answer.step().channel().equals(name)) {
                    by.addAll(distances(answer));
                }
            }
            by.remove(0L);
            by.stream().sorted((a, b) -> Long.compare(Math.abs(a), Math.abs(b))).forEach(each -> all.add(new Flaw.Shifted(name, each)));
        }
    }

    /** {@return how far from the value that was sent the one is that would have shown what was seen} */
    private List<Long> distances(Answer answer) {
        var distances = new ArrayList<Long>();
        var span = answer.step().spanIn(mode).orElse(null);
        var shown = span == null ? null : shown(answer, span);
        if (span != null && shown != null && span.function().physicalFrom() != span.function().physicalTo()) {
            distances.add(answer.step().dmx() - Wanted.nearest(span, shown).raw());
        }
        return distances;
    }

    private @Nullable Double shown(Answer answer, Spans.FunctionSpan span) {
        var seen = Objects.requireNonNull(answer.seen());
        for (var reading : answer.step().watched()) {
            var value = switch (reading) {
                case Reading.Level level -> seen.level() * Math.max(span.function().physicalFrom(), span.function().physicalTo());
                case Reading.Axis axis -> seen.axes().get(axis.name());
                case Reading.Lens lens -> switch (lens.what()) {
                    case ZOOM -> seen.zoom();
                    case FOCUS -> seen.focus();
                    case IRIS -> seen.iris();
                };
                default -> null;
            };
            if (value != null) {
                return value;
            }
        }
        return null;
    }

    /** Where something is wrong before the first frame: each channel that is seen, at what it would have to stand at. */
    private void starting(Set<Flaw> all) {
        int before = all.size();
        for (var answer : left) {
            if (answer.step().kind() != Step.Kind.UNSENT) {
                continue;
            }
            var differing = answer.differing();
            for (int i = 0; i < mode.map().channels().size(); i++) {
                var placed = mode.map().channels().get(i);
                for (var span : mode.spans(placed.channel())) {
                    if (all.size() - before < MOST_STARTS && Reading.of(mode, i, span).stream().anyMatch(differing::contains)) {
                        values(placed, span, answer).forEach(at -> all.add(new Flaw.Starting(placed.name(), at)));
                    }
                }
            }
        }
    }

    private List<Long> values(PlacedChannel placed, Spans.FunctionSpan span, Answer answer) {
        var values = new LinkedHashMap<Long, Boolean>();
        span.ranges().stream().filter(each -> each.from() <= each.to()).forEach(each -> values.put(each.from(), true));
        if (span.from() <= span.to()) {
            var look = new Answer(new Step(0, Step.Kind.UNSENT, placed.name(), span.name(), null, 0, new long[0],
                    Reading.of(mode, mode.map().channels().indexOf(placed), span), 0), answer.verdict(), answer.wanted(), answer.seen());
            var shown = shown(look, span);
            if (shown != null) {
                values.put(Wanted.nearest(span, shown).raw(), true);
            }
            for (int i = 0; i <= 8; i++) {
                values.put(span.from() + i * (span.to() - span.from()) / 8, true);
            }
            if (span.to() - span.from() < 256) {
                for (long raw = span.from(); raw <= span.to(); raw++) {
                    values.put(raw, true);
                }
            }
        }
        return List.copyOf(values.keySet());
    }
}
