package yellowkite.core.edit;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import yellowkite.core.dmx.Spans;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.NamedRange;

/** What an edit's id points at, with all that encloses it. */
final class Located {
    private Located() {}

    record InMode(FixtureType type, Mode mode, Channel channel) {
        /** {@return the channel by its attribute, as a technician calls it} */
        String called() {
            return "channel '" + channel.name() + "' of mode '" + mode.name() + "'";
        }

        FixtureType replace(Channel after) {
            return type.mapChannel(channel.id(), was -> after);
        }
    }

    record InChannel(InMode at, LogicalChannel logical, ChannelFunction function) {
        Channel channel() {
            return at.channel();
        }

        String name() {
            return logical.nameOf(function);
        }

        Spans.FunctionSpan span() {
            return Spans.find(channel(), function.id()).orElseThrow();
        }

        /** {@return the document with the functions of this one's logical channel changed} */
        FixtureType replaceAll(UnaryOperator<List<ChannelFunction>> change) {
            return at.replace(channel()
                .mapLogicalChannels(each -> each.id() == logical.id() ? each.withFunctions(change.apply(each.functions())) : each));
        }

        FixtureType replace(ChannelFunction after) {
            return at.replace(channel().mapFunctions(each -> each.id() == function.id() ? after : each));
        }
    }

    record InFunction(InChannel at, NamedRange range) {
        Spans.RangeSpan span() {
            return at.span().ranges().stream().filter(each -> each.range().id() == range.id()).findFirst().orElseThrow();
        }

        String called() {
            return range.name().isEmpty() ? "the unnamed range at " + span().from() : "'" + range.name() + "'";
        }

        FixtureType replace(NamedRange after) {
            return at.replace(at.function().mapRanges(each -> each.id() == range.id() ? after : each));
        }
    }

    static Optional<InMode> channel(FixtureType type, int id) {
        for (var mode : type.modes()) {
            var found = mode.findChannel(id);
            if (found.isPresent()) {
                return Optional.of(new InMode(type, mode, found.get()));
            }
        }
        return Optional.empty();
    }

    static Optional<InChannel> function(FixtureType type, int id) {
        for (var mode : type.modes()) {
            for (var channel : mode.channels()) {
                for (var logical : channel.logicalChannels()) {
                    for (var function : logical.functions()) {
                        if (function.id() == id) {
                            return Optional.of(new InChannel(new InMode(type, mode, channel), logical, function));
                        }
                    }
                }
            }
        }
        return Optional.empty();
    }

    static Optional<InFunction> range(FixtureType type, int id) {
        return type.modes()
            .stream()
            .flatMap(mode -> mode.channels().stream())
            .flatMap(Channel::functions)
            .filter(function -> function.findRange(id).isPresent())
            .findFirst()
            .flatMap(function -> function(type, function.id()))
            .map(at -> new InFunction(at, at.function().findRange(id).orElseThrow()));
    }

    /** {@return the document without that channel, links left as they are} */
    static FixtureType without(FixtureType type, InMode at) {
        return type.mapModes(mode -> mode.id() != at.mode().id() ? mode
                : mode.withChannels(mode.channels().stream().filter(each -> each.id() != at.channel().id()).toList()));
    }

    /** {@return the first of some channels, and how many more there are} */
    static String called(FixtureType type, List<Integer> channels) {
        var first = channels.isEmpty() ? "no channel" : channel(type, channels.getFirst()).map(InMode::called).orElse("a channel");
        return first + (channels.size() > 1 ? " and " + (channels.size() - 1) + " more" : "");
    }

    static Outcome<FixtureType> onChannel(FixtureType type, int id, Function<InMode, Outcome<FixtureType>> change) {
        return channel(type, id).map(change).orElse(missing("channel"));
    }

    static Outcome<FixtureType> onFunction(FixtureType type, int id, Function<InChannel, Outcome<FixtureType>> change) {
        return function(type, id).map(change).orElse(missing("function"));
    }

    static Outcome<FixtureType> onRange(FixtureType type, int id, Function<InFunction, Outcome<FixtureType>> change) {
        return range(type, id).map(change).orElse(missing("range"));
    }

    static Outcome<FixtureType> missing(String kind) {
        return new Outcome.Rejected<>(kind, "That " + (kind.equals("range") ? "named range" : kind)
                + " is not in this profile any more; someone may have removed it.");
    }

    static Outcome<FixtureType> applied(FixtureType after) {
        return new Outcome.Applied<>(after);
    }

    static Outcome<FixtureType> rejected(String field, String reason) {
        return new Outcome.Rejected<>(field, reason);
    }
}
