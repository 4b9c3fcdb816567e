package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;

/**
 * Turns the wheel under a function: every named range that brings in a slot brings in the one {@code by} further, past the last the first
 * again.
 *
 * @param by may be negative
 */
public record TurnSlots(int function, int by) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onFunction(before, function,
                at -> before.findWheel(at.function().wheel())
                    .map(wheel -> wheel.slots().size())
                    .filter(slots -> slots > 0)
                    .map(slots -> Located.applied(at.replace(turned(at.function(), by, slots))))
                    .orElseGet(() -> Located.rejected("function", "'" + at.name() + "' works on no wheel with slots.")));
    }

    /** {@return the function whose ranges bring in the slots {@code by} further} @param slots how many the wheel has, at least 1 */
    static ChannelFunction turned(ChannelFunction function, int by, int slots) {
        return function.mapRanges(range -> range.slot() == 0 || Math.floorMod(by, slots) == 0 ? range
                : range.withSlot(Math.floorMod(range.slot() - 1 + (long) by, slots) + 1));
    }

    @Override
    public String describe(FixtureType before) {
        return "Slots" + Located.function(before, function).map(at -> " of '" + at.name() + "'").orElse("") + " are turned by " + by;
    }
}
