package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.dmx.WheelKind;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.WheelCare.Kind;

/** A colour on a wheel through which no light comes: its Y was left at 0. */
final class BlackSlot implements Rule.OfType {
    @Override
    public String id() {
        return "black-slot";
    }

    @Override
    public Severity severity() {
        return Severity.REMARK;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        return type.wheels()
            .stream()
            .filter(wheel -> wheel.slots().stream().anyMatch(slot -> slot.color() != null && slot.color().luminance() == 0))
            .filter(wheel -> WheelKind.of(type, wheel) == Kind.COLOURS || WheelKind.of(type, wheel) == Kind.STRING)
            .flatMap(wheel -> wheel.slots()
                .stream()
                .filter(slot -> slot.color() != null && slot.color().luminance() == 0)
                .map(slot -> found(Finding.Place.of(wheel, slot), "'" + slot.name() + "' lets no light through, by its colour: Y is 0.")));
    }
}
