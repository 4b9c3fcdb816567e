package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Removes a model that no part has. Its files stay with the profile until it is exported. */
public record RemoveModel(String name) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (before.models().stream().noneMatch(each -> each.name().equals(name))) {
            return Located.rejected("name", "The profile has no model called '" + name + "'.");
        }
        return before.allGeometries()
            .filter(each -> each.model().equals(name))
            .findFirst()
            .map(user -> Located.rejected("name", "'" + user.name() + "' has the model '" + name + "'; give it another one first."))
            .orElseGet(() -> Located.applied(
                    before.with(f -> f.models = f.models.stream().filter(each -> !each.name().equals(name)).toList())));
    }

    @Override
    public String describe(FixtureType before) {
        return "Model '" + name + "' removed";
    }
}
