package yellowkite.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;
import yellowkite.core.profile.Wheel;
import yellowkite.core.profile.WheelCare.Kind;
import yellowkite.core.xml.Source;

/** Adds a wheel with one open slot. @param kind null = as its slots will show */
public record AddWheel(String name, @Nullable Kind kind) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (before.findWheel(name).isPresent()) {
            return Located.rejected("name", "There is already a wheel called '" + name + "'.");
        }
        return Names.refusalOfRequired("name", name, "A wheel").orElseGet(() -> {
            var open = Wheel.Slot.of(before.nextId() + 1, "Open", null, "");
            var wheel = new Wheel(before.nextId(), name, List.of(open), Source.NONE);
            return Located.applied(before.with(f -> {
                f.wheels = Trees.insert(f.wheels, f.wheels.size(), wheel);
                f.house = f.house.withWheel(wheel.id(), f.house.wheel(wheel.id()).withKind(kind));
                f.nextId += 2;
            }));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "Wheel '" + name + "' added";
    }
}
