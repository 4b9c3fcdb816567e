package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.profile.FixtureType;

/** A profile without name, manufacturer or id cannot be found again. */
final class MissingIdentity implements Rule.OfType {
    @Override
    public String id() {
        return "missing-identity";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        return Stream.of(
                type.name().isBlank() ? "The profile has no name." : "",
                type.manufacturer().isBlank() ? "The profile names no manufacturer." : "",
                type.fixtureTypeId().isBlank() ? "The profile has no id (GUID), so other programs cannot tell it from another." : "")
            .filter(says -> !says.isEmpty())
            .map(says -> found(Finding.Place.PROFILE, says));
    }
}
