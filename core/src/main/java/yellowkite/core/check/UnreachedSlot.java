package yellowkite.core.check;

import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import yellowkite.core.profile.FixtureType;

/** Wheel slots that no named range brings in. */
final class UnreachedSlot implements Rule.OfType {
    @Override
    public String id() {
        return "unreached-slot";
    }

    @Override
    public Severity severity() {
        return Severity.REMARK;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        return type.wheels().stream().flatMap(wheel -> {
            var reached = type.modes()
                .stream()
                .flatMap(mode -> mode.channels().stream())
                .flatMap(channel -> channel.functions())
                .filter(function -> function.wheel().equals(wheel.name()))
                .flatMap(function -> function.ranges().stream())
                .map(range -> range.slot())
                .collect(Collectors.toSet());
            var missed = IntStream.rangeClosed(1, wheel.slots().size())
                .filter(number -> !reached.contains(number))
                .mapToObj(number -> number + " (" + wheel.slots().get(number - 1).name() + ")")
                .toList();
            return missed.isEmpty() ? Stream.empty()
                    : Stream.of(found(Finding.Place.of(wheel),
                            "No named range selects slot " + String.join(", ", missed) + " of wheel '" + wheel.name() + "'."));
        });
    }
}
