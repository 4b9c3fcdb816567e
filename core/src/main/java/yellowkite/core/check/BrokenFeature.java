package yellowkite.core.check;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowkite.core.profile.FixtureType;

/** An attribute whose feature or main attribute the profile does not define. */
final class BrokenFeature implements Rule.OfType {
    @Override
    public String id() {
        return "broken-feature";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        var uses = Uses.ofAttributes(type);
        var definitions = type.attributeDefinitions();
        var features = definitions.featureGroups()
            .stream()
            .flatMap(group -> group.features().stream().map(feature -> group.name() + "." + feature.name()))
            .collect(Collectors.toSet());
        return definitions.attributes()
            .stream()
            .flatMap(attribute -> Stream.of(
                    attribute.feature().isEmpty() || features.contains(attribute.feature()) ? ""
                            : "The feature '" + attribute.feature() + "' of attribute '" + attribute.name() + "' is not defined.",
                    attribute.mainAttribute().isEmpty() || definitions.find(attribute.mainAttribute()).isPresent() ? ""
                            : "The main attribute '" + attribute.mainAttribute() + "' of '" + attribute.name() + "' is not defined.")
                .filter(says -> !says.isEmpty())
                .map(says -> found(uses.place(attribute.name(), "Attribute '" + attribute.name() + "'"), says)));
    }
}
