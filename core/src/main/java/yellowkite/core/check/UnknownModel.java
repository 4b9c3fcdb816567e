package yellowkite.core.check;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Model;

/** A part of the body whose model the profile does not have. */
final class UnknownModel implements Rule.OfType {
    @Override
    public String id() {
        return "unknown-model";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        var uses = Uses.ofParts(type);
        var models = type.models().stream().map(Model::name).collect(Collectors.toSet());
        return type.allGeometries()
            .filter(each -> !each.model().isEmpty() && !models.contains(each.model()))
            .map(each -> found(uses.place(each.name(), "Part '" + each.name() + "'"),
                    "The model '" + each.model() + "' of this part is not among the profile's models."));
    }
}
