package yellowkite.core.check;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowkite.core.profile.ColorSpace;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Gamut;

/** A function in a colour space or gamut that the profile does not have. */
final class UnknownColorSpace implements Rule.OfType {
    @Override
    public String id() {
        return "unknown-color-space";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        var physical = type.physicalDescriptions();
        var spaces = Stream.concat(Stream.ofNullable(physical.colorSpace()), physical.additionalColorSpaces().stream())
            .map(ColorSpace::name)
            .collect(Collectors.toSet());
        var gamuts = physical.gamuts().stream().map(Gamut::name).collect(Collectors.toSet());
        return type.modes()
            .stream()
            .flatMap(mode -> mode.channels()
                .stream()
                .flatMap(channel -> channel.functions()
                    .flatMap(function -> Stream.of(
                            function.colorSpace().isEmpty() || spaces.contains(function.colorSpace()) ? ""
                                    : "The colour space '" + function.colorSpace() + "' of '" + function.name()
                                            + "' is not in the profile.",
                            function.gamut().isEmpty() || gamuts.contains(function.gamut()) ? ""
                                    : "The gamut '" + function.gamut() + "' of '" + function.name() + "' is not in the profile.")
                        .filter(says -> !says.isEmpty())
                        .map(says -> found(Finding.Place.of(mode, channel, function), says)))));
    }
}
