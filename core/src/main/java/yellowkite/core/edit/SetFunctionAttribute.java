package yellowkite.core.edit;

import yellowkite.core.attribute.Catalogue;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/**
 * Gives one function of a channel another attribute, with the physical range that is usual for it and counts as assumed; its definition
 * comes along.
 */
public record SetFunctionAttribute(int function, String attribute) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onFunction(before, function, was -> Attributes.using(before, attribute, type -> {
            var at = Located.function(type, function).orElseThrow();
            if (at.function().attribute().equals(attribute)) {
                return Located.applied(before);
            }
            var usual = Catalogue.STANDARD.find(attribute);
            return Located.applied(Relink.follow(type, at.replace(at.function().with(f -> {
                f.attribute = attribute;
                usual.ifPresent(standard -> {
                    f.physicalFrom = standard.physicalFrom();
                    f.physicalTo = standard.physicalTo();
                });
            }))).with(f -> f.house = f.house.withAssumed(function, usual.isPresent() && type.unitOf(attribute).isMeasured())));
        }));
    }

    @Override
    public String describe(FixtureType before) {
        return "Attribute" + Located.function(before, function).map(at -> " of '" + at.name() + "'").orElse("") + " is " + attribute;
    }
}
