package yellowkite.core.edit;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowkite.core.colour.Srgb;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;
import yellowkite.core.profile.Wheel;

/**
 * Changes what a slot is called and which colour it has; null leaves what is there.
 *
 * @param slot  1 = the first
 * @param color {@code #rrggbb} as on a screen; empty = none
 */
public record SetSlot(int wheel, int slot, @Nullable String name, @Nullable String color) implements Edit {
    @Override
    public Outcome applyTo(FixtureType before) {
        return Wheels.onSlot(before, wheel, slot, was -> {
            var refusal = name == null ? Optional.<Outcome>empty() : Names.refusal("name", name);
            if (refusal.isPresent()) {
                return refusal.get();
            }
            var wanted = color == null || color.isEmpty() ? null : Srgb.parse(color).orElse(null);
            if (color != null && !color.isEmpty() && wanted == null) {
                return Located.rejected("color", "A colour is written as # and six digits of 0 to 9 and a to f, such as #ffcc00.");
            }
            var old = was.slots().get(slot - 1);
            var fresh = new Wheel.Slot(old.id(), name == null ? old.name() : name, color == null ? old.color() : wanted == null ? null : wanted.toCie(),
                    old.filter(), old.mediaFile(), old.facets(), old.animation(), old.source());
            return Located.applied(fresh.equals(old) ? before : Wheels.replace(before, new Wheel(was.id(), was.name(), Trees.map(was.slots(), each -> each == old ? fresh : each), was.source())));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "Slot " + Wheels.slot(before, wheel, slot) + " of " + Wheels.called(before, wheel) + (name == null ? "" : " is called '" + name + "'") + (color == null ? "" : color.isEmpty() ? " has no colour" : " is " + color);
    }
}
