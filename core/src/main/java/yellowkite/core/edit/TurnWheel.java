package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;

/**
 * Turns a wheel under all functions of a mode that select its slots, as {@link TurnSlots} does under one.
 *
 * @param by may be negative
 */
public record TurnWheel(int mode, int wheel, int by) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Modes.on(before, mode, was -> Wheels.on(before, wheel, turned -> {
            if (turned.slots().isEmpty()
                    || was.channels().stream().flatMap(each -> each.functions()).noneMatch(each -> selects(each, turned.name()))) {
                return Located.rejected("wheel", "No function of this mode selects slots of '" + turned.name() + "'.");
            }
            return Located.applied(before.mapModes(each -> each.id() != mode ? each
                    : each.mapChannels(channel -> channel.mapFunctions(function -> selects(function, turned.name())
                            ? TurnSlots.turned(function, by, turned.slots().size())
                            : function))));
        }));
    }

    private static boolean selects(ChannelFunction function, String wheel) {
        return function.wheel().equals(wheel) && function.ranges().stream().anyMatch(range -> range.slot() > 0);
    }

    @Override
    public String describe(FixtureType before) {
        return "Slots of " + Wheels.called(before, wheel) + " in " + Modes.called(before, mode) + " are turned by " + by;
    }
}
