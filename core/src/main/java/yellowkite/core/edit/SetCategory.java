package yellowkite.core.edit;

import java.util.Locale;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.House;

/** Says what kind of fixture it is, in the house's own order. */
public record SetCategory(House.Category to) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.applied(before.with(f -> f.house = f.house.withCategory(to)));
    }

    @Override
    public String describe(FixtureType before) {
        return "Category is " + to.text().toLowerCase(Locale.ROOT);
    }
}
