package yellowkite.core.edit;

import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/**
 * Notes how many addresses the manufacturer's chart names for a mode, so that the map is checked against it. @param count null = it names
 * none
 */
public record SetChartCount(int mode, @Nullable Integer count) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Modes.on(before, mode, was -> count != null && (count < 1 || count > AddressMap.UNIVERSE)
                ? Located.rejected("count", "A mode has 1 to " + AddressMap.UNIVERSE + " addresses.")
                : Located.applied(before.with(f -> f.house = f.house.withChartCount(mode, count))));
    }

    @Override
    public String describe(FixtureType before) {
        return "The chart has " + (count == null ? "no count" : count + " addresses") + " for " + Modes.called(before, mode);
    }
}
