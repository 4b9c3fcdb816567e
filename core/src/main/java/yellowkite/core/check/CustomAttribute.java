package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.profile.FixtureType;

/** An attribute that is not in the standard's list: other programs may not know it. */
final class CustomAttribute implements Rule.OfType {
    @Override
    public String id() {
        return "custom-attribute";
    }

    @Override
    public Severity severity() {
        return Severity.REMARK;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        var uses = Uses.ofAttributes(type);
        return type.attributeDefinitions()
            .attributes()
            .stream()
            .filter(attribute -> Catalogue.STANDARD.find(attribute.name()).isEmpty())
            .map(attribute -> found(uses.place(attribute.name(), "Attribute '" + attribute.name() + "'"),
                    "'" + attribute.name() + "' is not in the standard's list of attributes; a console may not know what to do with it."));
    }
}
