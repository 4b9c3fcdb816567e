package yellowkite.core.check;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;

/** A mode or a reference that uses a geometry which is not at the top of the body. */
final class BrokenReference implements Rule.OfType {
    @Override
    public String id() {
        return "broken-reference";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        var uses = Uses.ofParts(type);
        var tops = type.geometries().stream().map(Geometry::name).collect(Collectors.toSet());
        var references = type.allGeometries()
            .filter(each -> each instanceof Geometry.Reference reference && !tops.contains(reference.geometry()))
            .map(each -> found(uses.place(each.name(), "Part '" + each.name() + "'"),
                    "This reference repeats '" + ((Geometry.Reference) each).geometry() + "', which is no top-level part of the body."));
        var modes = type.modes()
            .stream()
            .filter(mode -> !tops.contains(mode.geometry()))
            .map(mode -> found(Finding.Place.of(mode),
                    mode.geometry().isEmpty() ? "The mode says no body to work on."
                            : "The mode works on '" + mode.geometry() + "', which is no top-level part of the body."));
        return Stream.concat(references, modes);
    }
}
