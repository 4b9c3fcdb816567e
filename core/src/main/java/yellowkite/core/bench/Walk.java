package yellowkite.core.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.LightPlaces;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.dmx.Spans;
import yellowkite.core.dmx.Wanted;

/**
 * The steps that prove a mode: before any signal, at the start values, then every function and named range of every channel at its first,
 * middle and last value, axes at zero, fine bytes by a step, each cell alone, and the highlight.
 */
public record Walk(CompiledMode mode, List<Step> steps) {
    /** Raised whenever other steps are made of the same mode: answers are kept by the numbers of their steps. */
    public static final int EDITION = 1;
    /** More steps than a fixture is ever walked through. */
    public static final int MOST = 20_000;
    private static final int SECONDS_A_STEP = 4;
    /** Nothing is on its way for longer, whatever a profile says, s. */
    private static final double LONGEST_WAY = 20;
    private static final double EXACT = 1e-6;

    public Walk {
        steps = List.copyOf(steps);
    }

    /** @param quick the middles of ranges and the ends of functions alone */
    public static Walk of(CompiledMode mode, boolean quick) {
        var making = new Making(mode, quick);
        making.make();
        return new Walk(mode, making.steps);
    }

    /** {@return what a fixture that obeys is seen to do at a step} */
    public Seen wanted(Step step) {
        return wanted(step, Obeying.of(mode, List.of()));
    }

    /** {@return what a fixture that differs is seen to do at a step} */
    public Seen wanted(Step step, Obeying fixture) {
        return step.raws().length == 0 ? fixture.atFirst() : fixture.at(Slots.of(mode).bytes(step.raws()));
    }

    /** {@return minutes that a person needs: four seconds a step} */
    public int minutes() {
        return (steps.size() * SECONDS_A_STEP + 59) / 60;
    }

    /** {@return what should be seen at a step, in few words} */
    public String shows(Step step) {
        var wanted = wanted(step);
        var words = String.join(", ", step.watched().stream().map(each -> each.named(wanted, step.tolerance())).distinct().toList());
        var range = step.range() == null || step.range().isBlank() ? "" : "'" + step.range() + "'";
        return words.isEmpty() ? range.isEmpty() ? "no instrument sees it: look at the fixture" : range
                : range.isEmpty() ? words : range + ": " + words;
    }

    /** {@return the same step at another value of its channel} */
    public Step between(Step step, int number, long value) {
        var channels = mode.map().channels();
        int index = 0;
        while (!channels.get(index).name().equals(step.channel())) {
            index++;
        }
        return step.between(number, index, value);
    }

    /** {@return how long what a step looks at may be on its way, s: as its functions say} */
    public double patience(Step step) {
        return mode.map()
            .channels()
            .stream()
            .filter(each -> step.function().isEmpty() || each.name().equals(step.channel()))
            .flatMap(each -> each.channel().functions())
            .mapToDouble(each -> Math.max(0, each.realFade()) + Math.max(0, each.realAcceleration()))
            .filter(Double::isFinite)
            .map(each -> Math.min(each, LONGEST_WAY))
            .max()
            .orElse(0);
    }

    private static final class Making {
        private final CompiledMode mode;
        private final boolean quick;
        private final long[] lit;
        private final Situations situations;
        private final List<Step> steps = new ArrayList<>();

        Making(CompiledMode mode, boolean quick) {
            this.mode = mode;
            this.quick = quick;
            this.lit = Lit.of(mode);
            this.situations = new Situations(mode);
        }

        void make() {
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
                add(Step.Kind.HIGHLIGHT, highlight(), all);
            }
        }

        private long[] highlight() {
            var raws = mode.startValues();
            for (int i = 0; i < raws.length; i++) {
                var channel = mode.map().channels().get(i).channel();
                var highlight = channel.highlight();
                raws[i] = highlight == null ? raws[i] : highlight.at(channel.bytes());
            }
            return raws;
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
            if (raws != null && steps.size() < MOST) {
                var range = span.rangeAt(raw);
                steps.add(
                        new Step(steps.size() + 1, kind, placed.name(), span.name(), range == null ? null : range.range().name(), raw, raws,
                                Reading.of(mode, index, span), tolerance(span, raw)));
            }
        }

        /** Half of what a step does there; to the next value, or from the one before. */
        private static double tolerance(Spans.FunctionSpan span, long raw) {
            long beside = raw < span.to() ? raw + 1 : raw - 1;
            double moved = span.contains(beside) && span.rangeAt(beside) == span.rangeAt(raw)
                    ? Math.abs(span.reachedAt(beside) - span.reachedAt(raw))
                    : 0;
            return Math.max(EXACT, moved / 2);
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
            for (int i = 0; i < places.size() && steps.size() < MOST; i++) {
                var raws = lit.clone();
                for (int j = 0; j < places.size(); j++) {
                    for (int channel : own.get(j)) {
                        raws[channel] = j == i ? lit[channel] : dark(channel);
                    }
                }
                steps.add(new Step(steps.size() + 1, Step.Kind.CELL, places.get(i).name(), "", null, 0, raws, all, EXACT));
            }
        }

        private boolean isOfOneCell(int channel) {
            return LightPlaces.of(mode).places().stream().filter(each -> each.channels().contains(channel)).count() == 1;
        }

        private boolean isLight(int channel) {
            var attribute = mode.map().channels().get(channel).channel().attribute();
            return attribute.equals("Dimmer") || attribute.startsWith("ColorAdd_");
        }

        private long dark(int channel) {
            return mode.spans(mode.map().channels().get(channel).channel())
                .stream()
                .filter(each -> each.from() <= each.to())
                .findFirst()
                .map(each -> Wanted.nearest(each, Math.min(each.function().physicalFrom(), each.function().physicalTo())).raw())
                .orElse(0L);
        }
    }

    /** What a step found. */
    public enum Verdict {
        AGREES, DIFFERS, CANNOT_TELL
    }

    /**
     * {@return whether what is seen is what should be} @param wanted of a fixture that obeys. @param seen null where nothing was measured
     */
    static Verdict judge(Step step, Seen wanted, @Nullable Seen seen) {
        if (seen == null || step.watched().isEmpty()) {
            return Verdict.CANNOT_TELL;
        }
        return step.watched().stream().allMatch(each -> each.agree(wanted, seen, step.tolerance())) ? Verdict.AGREES : Verdict.DIFFERS;
    }
}
