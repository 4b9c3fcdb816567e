package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Defines an attribute of the standard's list, with its feature and activation group. */
public record DefineAttribute(String attribute) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Attributes.using(before, attribute, Located::applied);
    }

    @Override
    public String describe(FixtureType before) {
        return "Attribute '" + attribute + "' is defined";
    }
}
