package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Says what the address switches of a fixture show for address 1: 0 or 1. */
public record SetDipStart(boolean fromZero) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return before.house().dipFromZero() == fromZero ? Located.applied(before)
                : Located.applied(before.with(f -> f.house = f.house.withDipFromZero(fromZero)));
    }

    @Override
    public String describe(FixtureType before) {
        return "DIP switches count from " + (fromZero ? 0 : 1);
    }
}
