package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;

/** Removes a wheel that no function turns. */
public record RemoveWheel(int wheel) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Wheels.on(before, wheel, was -> {
            for (var mode : before.modes()) {
                for (var channel : mode.channels()) {
                    if (channel.functions().anyMatch(each -> each.wheel().equals(was.name()))) {
                        return Located.rejected("wheel", "Wheel '" + was.name() + "' is turned by '" + channel.name() + "' in mode '"
                                + mode.name() + "'; give that another wheel first.");
                    }
                }
            }
            return Located.applied(before.with(f -> f.wheels = Trees.remove(f.wheels, was)));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "Removed: " + Wheels.called(before, wheel);
    }
}
