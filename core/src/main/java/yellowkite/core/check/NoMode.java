package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.edit.AddMode;
import yellowkite.core.profile.FixtureType;

/** A profile that cannot be patched: it has no mode. */
final class NoMode implements Rule.OfType {
    @Override
    public String id() {
        return "no-mode";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        return type.modes().isEmpty()
                ? Stream.of(found(Finding.Place.PROFILE, "The profile has no mode, so nobody can patch it.", new AddMode("Mode 1"),
                        "Add a mode"))
                : Stream.empty();
    }
}
