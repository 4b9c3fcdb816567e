package yellowkite.core.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Set;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.LightPlaces;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.dmx.Probe;
import yellowkite.core.dmx.Spans;
import yellowkite.core.dmx.Wanted;

/** Makes the steps of a walk. */
final class WalkMaking {
    private static final double EXACT = 1e-6;
    private final CompiledMode mode;
    private final boolean quick;
    private final long[] lit;
    private final Situations situations;
    private final List<Step> steps = new ArrayList<>();

    WalkMaking(CompiledMode mode, boolean quick) {
        this.mode = mode;
        this.quick = quick;
        this.lit = LightOut.full(mode);
        this.situations = new Situations(mode);
    }

    List<Step> make() {
        var all = Reading.all(mode);
        add(Step.Kind.UNSENT, new long[0], all);
        add(Step.Kind.START, mode.startValues(), all);
        for (int i = 0; i < mode.map().channels().size(); i++) {
            var placed = mode.map().channels().get(i);
            for (var span : placed.addresses().isEmpty() ? List.<Spans.FunctionSpan>of() : mode.spans(placed.channel())) {
                function(i, placed, span);
            }
        }
        cells();
        if (mode.map().channels().stream().anyMatch(each -> each.channel().highlight() != null)) {
            add(Step.Kind.HIGHLIGHT, Probe.atStart(mode).lit(Set.of()).raws(), all);
        }
        return steps;
    }

    private void function(int index, PlacedChannel placed, Spans.FunctionSpan span) {
        if (span.from() > span.to()) {
            return;
        }
        var tried = new LinkedHashMap<Long, Step.Kind>();
        var ranges = span.ranges().stream().filter(each -> each.from() <= each.to()).toList();
        if (!quick || ranges.isEmpty()) {
            tried.putIfAbsent(span.from(), Step.Kind.FIRST);
        }
        for (var range : ranges) {
            if (!quick) {
                tried.putIfAbsent(range.from(), Step.Kind.FIRST);
                tried.putIfAbsent(range.to(), Step.Kind.LAST);
            }
            tried.putIfAbsent(range.from() + (range.to() - range.from()) / 2, Step.Kind.MIDDLE);
        }
        if (ranges.isEmpty() && span.to() > span.from()) {
            long middle = span.from() + (span.to() - span.from()) / 2;
            if (!quick) {
                if (Watched.of(span.function(), mode.type().unitOf(span.function().attribute())) == Watched.AXIS) {
                    var zero = Wanted.nearest(span, 0);
                    if (zero.isInReach(0)) {
                        tried.putIfAbsent(zero.raw(), Step.Kind.ZERO);
                    }
                }
                tried.putIfAbsent(middle, Step.Kind.MIDDLE);
                if (placed.addresses().size() > 1) {
                    tried.putIfAbsent(middle + 1, Step.Kind.FINE);
                }
            }
            tried.putIfAbsent(span.to(), Step.Kind.LAST);
        } else if (!quick) {
            tried.putIfAbsent(span.to(), Step.Kind.LAST);
        }
        tried.forEach((raw, kind) -> step(kind, index, placed, span, raw));
    }

    private void step(Step.Kind kind, int index, PlacedChannel placed, Spans.FunctionSpan span, long raw) {
        var raws = situations.reach(lit, index, span, raw);
        if (raws != null && steps.size() < Walk.MOST) {
            var range = span.rangeAt(raw);
            var watched = Reading.of(mode, index, span);
            steps.add(
                    new Step(steps.size() + 1, kind, placed.name(), span.name(), range == null ? null : range.range().name(), raw, raws,
                            watched, tolerance(span, raw, watched)));
        }
    }

    /**
     * Half of what a step does there; to the next value, or from the one before. Light is read as a share, whatever its function counts in.
     */
    private static double tolerance(Spans.FunctionSpan span, long raw, List<Reading> watched) {
        long beside = raw < span.to() ? raw + 1 : raw - 1;
        double moved = span.contains(beside) && span.rangeAt(beside) == span.rangeAt(raw)
                ? Math.abs(span.reachedAt(beside) - span.reachedAt(raw))
                : 0;
        double runs = Math.abs(span.function().physicalTo() - span.function().physicalFrom());
        boolean isShare = watched.stream().anyMatch(each -> each instanceof Reading.Level || each instanceof Reading.Cell);
        return Math.max(EXACT, (isShare && runs > 0 ? moved / runs : moved) / 2);
    }

    private void add(Step.Kind kind, long[] raws, List<Reading> watched) {
        steps.add(new Step(steps.size() + 1, kind, "", "", null, 0, raws, watched, EXACT));
    }

    /** Each cell lit, and all others dark: by the channels that light it alone. */
    private void cells() {
        var places = LightPlaces.of(mode).places();
        var own = new ArrayList<List<Integer>>();
        for (var place : places) {
            own.add(place.channels().stream().filter(this::isOfOneCell).filter(this::isLight).toList());
        }
        if (places.size() < 2 || own.stream().anyMatch(List::isEmpty)) {
            return;
        }
        var all = new ArrayList<Reading>();
        for (int i = 0; i < places.size(); i++) {
            all.add(new Reading.Cell(i));
        }
        var dark = LightOut.none(mode);
        for (int i = 0; i < places.size() && steps.size() < Walk.MOST; i++) {
            var raws = lit.clone();
            for (int j = 0; j < places.size(); j++) {
                for (int channel : own.get(j)) {
                    raws[channel] = j == i ? lit[channel] : dark[channel];
                }
            }
            steps.add(new Step(steps.size() + 1, Step.Kind.CELL, places.get(i).name(), "", null, 0, raws, all, EXACT));
        }
    }

    private boolean isOfOneCell(int channel) {
        return LightPlaces.of(mode).places().stream().filter(each -> each.channels().contains(channel)).count() == 1;
    }

    private boolean isLight(int channel) {
        return LightOut.isOpenedBy(mode.map().channels().get(channel).channel());
    }
}
