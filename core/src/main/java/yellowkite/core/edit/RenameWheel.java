package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Wheel;

/** Gives a wheel another name; the functions that turn it follow. */
public record RenameWheel(int wheel, String to) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Wheels.on(before, wheel, was -> {
            if (was.name().equals(to)) {
                return Located.applied(before);
            }
            if (before.findWheel(to).isPresent()) {
                return Located.rejected("to", "There is already a wheel called '" + to + "'.");
            }
            return Names.refusalOfRequired("to", to, "A wheel")
                .orElseGet(() -> Located.applied(Wheels.replace(before, new Wheel(was.id(), to, was.slots(), was.source()))
                    .mapModes(mode -> mode.mapChannels(channel -> channel
                        .mapFunctions(each -> each.wheel().equals(was.name()) ? each.with(f -> f.wheel = to) : each)))));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return Wheels.called(before, wheel).replaceFirst("w", "W") + " is called '" + to + "'";
    }
}
