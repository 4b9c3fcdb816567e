package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.ChartFunctions;
import yellowkite.core.chart.meaning.RangeMeaning;
import yellowkite.core.dmx.Spans.FunctionSpan;
import yellowkite.core.dmx.Spans;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.Wheel;
import yellowkite.core.text.FreshName;

/**
 * Makes functions of named ranges, with the attribute, sense and numbers that their words say; neighbours of one meaning share one. They
 * count when the function counted that they are cut from, and the channel starts where it did.
 */
public record RangesToFunctions(int function, List<Integer> ranges) implements Edit {
    public RangesToFunctions {
        ranges = List.copyOf(ranges);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onFunction(before, function, at -> {
            var span = Spans.of(before, at.channel()).stream().filter(each -> each.function().id() == function).findFirst().orElseThrow();
            var chosen = span.ranges()
                .stream()
                .filter(each -> ranges.contains(each.range().id()) && each.from() <= each.to() && span.contains(each.from()))
                .toList();
            if (chosen.isEmpty()) {
                return Located.rejected("ranges", "Choose named ranges of '" + span.name() + "'.");
            }
            return made(before, at, span,
                    chosen.stream()
                        .map(each -> new RangeMeaning.Named(each.range().name(), each.from(), Math.min(each.to(), span.to())))
                        .toList());
        });
    }

    private Outcome<FixtureType> made(FixtureType before, Located.InChannel at, FunctionSpan span, List<RangeMeaning.Named> chosen) {
        var channel = at.channel();
        var wheel = wheel(before, channel);
        var words = Attributes.pretty(before, channel.attribute());
        var meaning = RangeMeaning.ofRanges(channel.attribute(), words, chosen, channel.bytes(),
                wheel == null ? null : wheel.slots().stream().map(Wheel.Slot::name).toList());
        if (meaning.functions().isEmpty()) {
            return Located.rejected("ranges", "The words of these ranges do not say what they do.");
        }
        var laid = ChartFunctions.of(before, channel.attribute(), meaning, channel.bytes(),
                wheel == null ? Map.of() : Map.of(RangeMeaning.wheelOf(channel.attribute()), wheel.name()));
        var type = laid.type();
        int next = type.nextId();
        var taken = new HashSet<String>();
        span.logical().functions().stream().filter(each -> each.id() != function).forEach(each -> taken.add(span.logical().nameOf(each)));
        var made = new ArrayList<ChannelFunction>();
        boolean kept = false;
        long from = span.from();
        for (var fresh : laid.functions()) {
            if (fresh.from() > from) {
                made.add(rest(span, from, fresh.from() - 1, kept ? next++ : function, taken));
                kept = true;
            }
            made.add(fresh.function().with(f -> {
                f.name = FreshName.of(taken, fresh.function().name());
                f.modeMaster = span.function().modeMaster();
                f.modeFrom = span.function().modeFrom();
                f.modeTo = span.function().modeTo();
            }));
            from = fresh.to() + 1;
        }
        if (from <= span.to()) {
            made.add(rest(span, from, span.to(), kept ? next++ : function, taken));
            kept = true;
        }
        if (!kept) { // what leads to the function leads to the first one that took its place
            made.set(0, made.getFirst().withId(function));
        }
        int ids = next;
        var replaced = channel.mapLogicalChannels(logical -> logical.id() == span.logical().id() ? with(logical, made) : logical);
        var house = type.house();
        for (int assumed : laid.assumed()) {
            house = house.withAssumed(!kept && assumed == laid.functions().getFirst().function().id() ? function : assumed, true);
        }
        var housed = house;
        var started = started(channel, replaced, made);
        return Located.applied(Relink.follow(before, type.mapChannel(channel.id(), was -> started)).with(f -> {
            f.nextId = ids;
            f.house = housed;
        }));
    }

    private LogicalChannel with(LogicalChannel logical, List<ChannelFunction> made) {
        var all = new ArrayList<ChannelFunction>();
        logical.functions().forEach(each -> {
            if (each.id() == function) {
                all.addAll(made);
            } else {
                all.add(each);
            }
        });
        return logical.withFunctions(all);
    }

    /** What is left of the function: where it runs evenly it reaches there what it reached before. */
    private static ChannelFunction rest(FunctionSpan span, long from, long to, int id, Set<String> taken) {
        var was = span.function();
        double step = span.to() == span.from() ? 0 : (was.physicalTo() - was.physicalFrom()) / (span.to() - span.from());
        int bytes = was.dmxFrom().bytes();
        return was.withId(id).with(f -> {
            f.name = FreshName.of(taken, span.name());
            f.dmxFrom = new DmxValue(from, bytes);
            f.defaultValue = new DmxValue(from, bytes);
            f.physicalFrom = was.physicalFrom() + step * (from - span.from());
            f.physicalTo = to == span.to() ? was.physicalTo() : was.physicalFrom() + step * (to - span.from());
            f.ranges = was.ranges().stream().filter(each -> each.dmxFrom().at(bytes) >= from && each.dmxFrom().at(bytes) <= to).toList();
        });
    }

    /** The start value stays, whichever function holds it now. */
    private Channel started(Channel before, Channel after, List<ChannelFunction> made) {
        var initial = before.findInitialFunction();
        if (initial.isEmpty() || initial.get().id() != function) {
            return after;
        }
        long start = before.start();
        int bytes = after.bytes();
        var holds = made.stream().filter(each -> each.dmxFrom().at(bytes) <= start).reduce((one, next) -> next).orElse(made.getFirst());
        var with = after.mapFunctions(each -> each == holds ? each.with(f -> f.defaultValue = new DmxValue(start, bytes)) : each);
        var there = with.findFunction(holds.id()).orElseThrow();
        return with.withInitialFunction(with.linkTo(with.findOwner(there).orElseThrow(), there));
    }

    private static @Nullable Wheel wheel(FixtureType type, Channel channel) {
        return channel.functions()
            .map(ChannelFunction::wheel)
            .filter(each -> !each.isEmpty())
            .findFirst()
            .flatMap(type::findWheel)
            .orElse(null);
    }

    @Override
    public String describe(FixtureType before) {
        return Located.function(before, function)
            .map(at -> ranges.size() + (ranges.size() == 1 ? " range" : " ranges") + " of '" + at.name() + "' made functions")
            .orElse("Ranges made functions");
    }
}
