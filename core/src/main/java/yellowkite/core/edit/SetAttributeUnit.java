package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Trees;

/** Says in which unit an attribute of this profile counts. */
public record SetAttributeUnit(String attribute, PhysicalUnit unit) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (before.attributeDefinitions().find(attribute).isEmpty()) {
            return Located.rejected("attribute", "This profile does not define the attribute '" + attribute + "'.");
        }
        return Located.applied(before.with(f -> f.attributeDefinitions = f.attributeDefinitions.withAttributes(
                Trees.map(f.attributeDefinitions.attributes(), each -> each.name().equals(attribute) ? each.withUnit(unit) : each))));
    }

    @Override
    public String describe(FixtureType before) {
        return "Unit of '" + attribute + "' is " + unit
                + before.attributeDefinitions().find(attribute).map(was -> ", was " + was.physicalUnit()).orElse("");
    }
}
