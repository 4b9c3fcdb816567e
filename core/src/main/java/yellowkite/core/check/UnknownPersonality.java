package yellowkite.core.check;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/** An RDM personality that names no mode. */
final class UnknownPersonality implements Rule.OfType {
    @Override
    public String id() {
        return "unknown-personality";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        var rdm = type.protocols().rdm();
        var modes = type.modes().stream().map(Mode::name).collect(Collectors.toSet());
        return rdm == null ? Stream.empty()
                : rdm.versions()
                    .stream()
                    .flatMap(version -> version.personalities().stream())
                    .filter(each -> !modes.contains(each.mode()))
                    .map(each -> found(Finding.Place.of("RDM personality " + each.value()),
                            "RDM personality " + each.value() + " names the mode '" + each.mode() + "', which the profile does not have."));
    }
}
