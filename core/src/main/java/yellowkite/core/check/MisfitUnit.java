package yellowkite.core.check;

import java.util.Set;
import java.util.stream.Stream;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.edit.SetAttributeUnit;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.PhysicalUnit;

/** An attribute that counts in a unit of another kind than the standard says. */
final class MisfitUnit implements Rule.OfType {
    /** Shares of a whole and plain numbers stand in for one another everywhere. */
    private static final Set<PhysicalUnit> SHARES = Set.of(PhysicalUnit.None, PhysicalUnit.Percent, PhysicalUnit.ColorComponent,
            PhysicalUnit.LuminousIntensity);

    @Override
    public String id() {
        return "misfit-unit";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        var uses = Uses.ofAttributes(type);
        return type.attributeDefinitions()
            .attributes()
            .stream()
            .flatMap(attribute -> Catalogue.STANDARD.find(attribute.name())
                .stream()
                .filter(standard -> attribute.physicalUnit() != standard.unit() && !SHARES.contains(attribute.physicalUnit())
                        && !SHARES.contains(standard.unit()))
                .map(standard -> found(uses.place(attribute.name(), "Attribute '" + attribute.name() + "'"),
                        "'" + attribute.name() + "' counts in " + attribute.physicalUnit() + " here; the standard's unit is "
                                + standard.unit() + ".",
                        new SetAttributeUnit(attribute.name(), standard.unit()), "Count in " + standard.unit())));
    }
}
