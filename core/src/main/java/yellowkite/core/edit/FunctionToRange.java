package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.Spans.FunctionSpan;
import yellowkite.core.dmx.Spans;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.xml.Source;

/** Makes a function a named range of the one before it, which takes its values; its own named ranges come along. */
public record FunctionToRange(int function) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onFunction(before, function, at -> {
            var spans = Spans.of(before, at.channel());
            var span = spans.stream().filter(each -> each.function().id() == function).findFirst().orElseThrow();
            var host = host(spans, span);
            if (host == null) {
                return Located.rejected("function",
                        "'" + span.name() + "' is the first function there; there is none before it whose range it could be.");
            }
            return switch (new RemoveFunction(function).applyTo(before)) {
                case Outcome.Rejected<FixtureType> refused -> refused;
                case Outcome.Applied(var without) -> Located.onFunction(without, host.function().id(), there -> {
                    var joined = there.replace(joined(there.function(), host, span, without.nextId())).with(f -> f.nextId += 2);
                    return Located.applied(joined.mapChannel(at.channel().id(),
                            channel -> startingAt(channel, host.function().id(), at.channel().start())));
                });
            };
        });
    }

    /** The start value stays where it was. */
    private static Channel startingAt(Channel channel, int host, long start) {
        if (channel.start() == start) {
            return channel;
        }
        var with = channel
            .mapFunctions(each -> each.id() == host ? each.with(f -> f.defaultValue = new DmxValue(start, channel.bytes())) : each);
        var there = with.findFunction(host).orElseThrow();
        return with.withInitialFunction(with.linkTo(with.findOwner(there).orElseThrow(), there));
    }

    private static @Nullable FunctionSpan host(List<FunctionSpan> spans, FunctionSpan span) {
        return spans.stream()
            .filter(each -> each.logical().id() == span.logical().id() && each.to() + 1 == span.from()
                    && Spans.sameSituation(each.function(), span.function()))
            .findFirst()
            .orElse(null);
    }

    /** What had no name for its values keeps the function's. */
    private static ChannelFunction joined(ChannelFunction into, FunctionSpan host, FunctionSpan span, int id) {
        var ranges = new ArrayList<>(into.ranges());
        int bytes = into.dmxFrom().bytes();
        if (ranges.isEmpty()) {
            ranges.add(new NamedRange(id, host.name(), into.dmxFrom(), null, null, 0, List.of(), Source.NONE));
        }
        boolean begins = span.ranges().stream().anyMatch(each -> each.from() == span.from());
        if (!begins) {
            ranges.add(new NamedRange(id + 1, span.name(), new DmxValue(span.from(), bytes), null, null, 0, List.of(), Source.NONE));
        }
        boolean sameWheel = into.wheel().equals(span.function().wheel());
        span.function().ranges().forEach(each -> ranges.add(sameWheel ? each : each.withSlot(0)));
        return into.with(f -> f.ranges = ranges);
    }

    @Override
    public String describe(FixtureType before) {
        return Located.function(before, function)
            .map(at -> "Function '" + at.name() + "' made a named range")
            .orElse("A function made a named range");
    }
}
