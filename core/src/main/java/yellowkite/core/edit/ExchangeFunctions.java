package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.LinkTargets;
import yellowkite.core.dmx.OneMeaning;
import yellowkite.core.dmx.Spans.FunctionSpan;
import yellowkite.core.dmx.Spans;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;

/**
 * Moves a function before the one that ends where it begins: each keeps how many values it has, and its named ranges. What points at values
 * of the two (start, highlight, blackout, conditions of other functions) goes along with them.
 *
 * @param function the upper of the two
 */
public record ExchangeFunctions(int function) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onFunction(before, function, at -> {
            Outcome<FixtureType> so = Located.applied(before);
            var all = OneMeaning.of(at.channel(), at.function());
            for (var each : all) {
                boolean first = each == all.getFirst();
                so = so instanceof Outcome.Applied(var type) ? Located.onFunction(type, each.id(), there -> exchanged(type, there, first))
                        : so;
            }
            return so;
        });
    }

    private static Outcome<FixtureType> exchanged(FixtureType type, Located.InChannel at, boolean withAll) {
        var upper = at.span();
        var lower = Spans.of(at.channel())
            .stream()
            .filter(each -> each.logical() == upper.logical() && each.to() + 1 == upper.from()
                    && Spans.sameSituation(each.function(), upper.function()))
            .findFirst();
        if (lower.isEmpty()) {
            return Located.rejected("function", "No function ends where '" + upper.name() + "' begins.");
        }
        var shift = new Shift(lower.get(), upper, at.channel().bytes());
        var moved = at.at().replace(shift.channel(at.channel(), withAll));
        if (!withAll) {
            return Located.applied(moved);
        }
        var links = LinkTargets.of(at.at().mode());
        var across = at.at()
            .mode()
            .channels()
            .stream()
            .flatMap(Channel::functions)
            .filter(each -> waitsFor(links, each, at.channel()) && shift.isAcross(each))
            .findFirst();
        if (across.isPresent()) {
            return Located.rejected("function", "'" + across.get().name() + "' is active while this channel stands partly in '"
                    + lower.get().name() + "' and partly in '" + upper.name() + "'. Change that condition first.");
        }
        var conditioned = moved.mapModes(mode -> mode.id() != at.at().mode().id() ? mode
                : mode.mapChannels(
                        channel -> channel.mapFunctions(each -> waitsFor(links, each, at.channel()) ? shift.condition(each) : each)));
        var care = conditioned.house().care(at.channel().id());
        return Located.applied(care.blackout() == null ? conditioned
                : conditioned.with(f -> f.house = f.house.withCare(at.channel().id(), care.withBlackout(shift.value(care.blackout())))));
    }

    private static boolean waitsFor(LinkTargets links, ChannelFunction function, Channel channel) {
        var target = function.modeMaster().isEmpty() ? null : links.find(function.modeMaster());
        return target != null && target.channel().id() == channel.id();
    }

    /** Where values go: those of the lower function up by what the upper one has, and the other way round. */
    private record Shift(FunctionSpan lower, FunctionSpan upper, int bytes) {
        private long to(long raw) {
            return lower.contains(raw) ? raw + upper.to() - upper.from() + 1
                    : upper.contains(raw) ? raw - (lower.to() - lower.from() + 1) : raw;
        }

        @Nullable
        DmxValue value(@Nullable DmxValue value) {
            return value == null || to(value.at(bytes)) == value.at(bytes) ? value : new DmxValue(to(value.at(bytes)), bytes);
        }

        Channel channel(Channel channel, boolean withAll) {
            var ordered = channel.mapLogicalChannels(logical -> {
                if (logical.id() != lower.logical().id()) {
                    return logical;
                }
                var functions = new ArrayList<>(logical.functions());
                int low = functions.indexOf(lower.function());
                int high = functions.indexOf(upper.function());
                functions.set(Math.min(low, high), moved(upper.function()));
                functions.set(Math.max(low, high), moved(lower.function()));
                return logical.withFunctions(functions);
            });
            return withAll ? ordered.withHighlight(value(channel.highlight())).withDefaultValue(value(channel.defaultValue())) : ordered;
        }

        private ChannelFunction moved(ChannelFunction function) {
            return function.with(f -> {
                f.dmxFrom = Optional.ofNullable(value(function.dmxFrom())).orElseThrow();
                f.defaultValue = value(function.defaultValue());
            }).mapRanges(range -> range.withDmxFrom(Optional.ofNullable(value(range.dmxFrom())).orElseThrow()));
        }

        private boolean isWithin(FunctionSpan span, ChannelFunction waiting) {
            return span.contains(waiting.modeFrom().at(bytes)) && span.contains(waiting.modeTo().at(bytes));
        }

        boolean isAcross(ChannelFunction waiting) {
            long from = waiting.modeFrom().at(bytes);
            long to = waiting.modeTo().at(bytes);
            boolean touches = from <= upper.to() && to >= lower.from();
            boolean holdsBoth = from <= lower.from() && to >= upper.to();
            return touches && !holdsBoth && !isWithin(lower, waiting) && !isWithin(upper, waiting);
        }

        ChannelFunction condition(ChannelFunction waiting) {
            return !isWithin(lower, waiting) && !isWithin(upper, waiting) ? waiting : waiting.with(f -> {
                f.modeFrom = new DmxValue(to(waiting.modeFrom().at(bytes)), bytes);
                f.modeTo = new DmxValue(to(waiting.modeTo().at(bytes)), bytes);
            });
        }
    }

    @Override
    public String describe(FixtureType before) {
        return Located.function(before, function).map(at -> "'" + at.name() + "'").orElse("A function")
                + " moved before the function below it";
    }
}
