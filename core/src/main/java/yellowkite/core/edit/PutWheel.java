package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.WheelKind;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;
import yellowkite.core.profile.Wheel;
import yellowkite.core.profile.WheelCare.Kind;
import yellowkite.core.xml.Source;

/**
 * Puts a whole wheel into the profile: beside those that are there, or into the place of one, whose ranges then bring in what sits in the
 * new one.
 *
 * @param over id of the wheel whose place it takes; null = none
 * @param name of the new wheel; one that takes a place keeps the name of that
 * @param kind a still gobo cannot take the place of a turning one
 */
public record PutWheel(@Nullable Integer over, String name, Kind kind, List<SlotPart> slots) implements Edit {
    public PutWheel {
        slots = List.copyOf(slots);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (slots.isEmpty() || slots.size() > Wheels.MOST_SLOTS || !slots.stream().allMatch(SlotPart::isSound)) {
            return Located.rejected("slots", "A wheel has 1 to " + Wheels.MOST_SLOTS + " slots with colours in plain numbers.");
        }
        for (var slot : slots) {
            var refusal = Names.refusal("slots", slot.name());
            if (refusal.isPresent()) {
                return refusal.get();
            }
        }
        return over == null ? added(before) : Wheels.on(before, over, was -> replaced(before, was));
    }

    private Outcome<FixtureType> added(FixtureType before) {
        if (before.findWheel(name).isPresent()) {
            return Located.rejected("name", "There is already a wheel called '" + name + "'.");
        }
        return Names.refusalOfRequired("name", name, "A wheel").orElseGet(() -> {
            var wheel = new Wheel(before.nextId(), name, slots(before, before.nextId() + 1), Source.NONE);
            return Located.applied(before.with(f -> {
                f.wheels = Trees.insert(f.wheels, f.wheels.size(), wheel);
                f.house = f.house.withWheel(wheel.id(), f.house.wheel(wheel.id()).withKind(kind));
                f.nextId += 1 + slots.size();
            }));
        });
    }

    private Outcome<FixtureType> replaced(FixtureType before, Wheel was) {
        var kindThere = WheelKind.of(before, was);
        if (kindThere == Kind.TURNING_GOBOS && kind == Kind.STILL_GOBOS) {
            return Located.rejected("kind",
                    "'" + was.name() + "' turns its gobos; '" + name + "' is a wheel of still ones and cannot take its place.");
        }
        if (kindThere != kind && !(kindThere == Kind.STILL_GOBOS && kind == Kind.TURNING_GOBOS) && kindThere != Kind.OTHER) {
            return Located.rejected("kind",
                    "'" + was.name() + "' holds " + words(kindThere) + ", '" + name + "' " + words(kind) + ": it cannot take its place.");
        }
        if (was.slots().size() != slots.size()) {
            return Located.rejected("slots", "'" + was.name() + "' has " + was.slots().size() + " slots, '" + name + "' " + slots.size()
                    + ": the ranges would point at others.");
        }
        return Located.applied(Wheels.replace(before, new Wheel(was.id(), was.name(), slots(before, before.nextId()), was.source()))
            .with(f -> f.nextId += slots.size()));
    }

    private List<Wheel.Slot> slots(FixtureType type, int firstId) {
        var made = new ArrayList<Wheel.Slot>();
        IntStream.range(0, slots.size()).forEach(i -> {
            var slot = slots.get(i);
            var known = type.physicalDescriptions().findFilter(slot.filter()).isPresent();
            made.add(new SlotPart(slot.name(), slot.color(), known ? slot.filter() : "", slot.mediaFile(), slot.facets(), slot.animation())
                .toSlot(firstId + i));
        });
        return made;
    }

    private static String words(Kind kind) {
        return switch (kind) {
            case STILL_GOBOS -> "still gobos";
            case TURNING_GOBOS -> "turning gobos";
            case COLOURS -> "colours";
            case STRING -> "a string of colours";
            case PRISMS -> "prisms";
            case ANIMATION -> "an animation disc";
            case OTHER -> "nothing yet";
        };
    }

    @Override
    public String describe(FixtureType before) {
        return over == null ? "Wheel '" + name + "' put in" : Wheels.called(before, over) + " holds what '" + name + "' holds";
    }
}
