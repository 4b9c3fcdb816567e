package yellowkite.core.check;

import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Wheel;

/** A wheel of gobos or colours that has no place to let the light through. */
final class NoOpenSlot implements Rule.OfType {
    private static final Pattern BEAM_WHEELS = Pattern.compile("^(Gobo|Color)\\d+");

    @Override
    public String id() {
        return "no-open-slot";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        var inBeam = type.modes()
            .stream()
            .flatMap(mode -> mode.channels().stream())
            .flatMap(Channel::functions)
            .filter(function -> BEAM_WHEELS.matcher(function.attribute()).find())
            .map(ChannelFunction::wheel)
            .collect(Collectors.toSet());
        return type.wheels()
            .stream()
            .filter(wheel -> inBeam.contains(wheel.name()) && !wheel.slots().isEmpty()
                    && wheel.slots().stream().noneMatch(Wheel.Slot::isOpen))
            .map(wheel -> found(Finding.Place.of(wheel),
                    "No slot of wheel '" + wheel.name() + "' is open: the light never gets through untouched."));
    }
}
