package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;
import yellowkite.core.profile.Wheel;
import yellowkite.core.text.FreshName;

/**
 * Gives the slots of a wheel, from the first on, names and colours out of a list; what it lacks is added at its end, what the list lacks
 * stays.
 */
public record ListSlots(int wheel, List<SlotRow> slots) implements Edit {
    private static final int MOST = 500;

    /** @param color null = as it is; a new slot is white then */
    public record SlotRow(String name, @Nullable ColorCie color) {}

    public ListSlots {
        slots = List.copyOf(slots);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        var was = before.wheels().stream().filter(each -> each.id() == wheel).findFirst().orElse(null);
        if (was == null) {
            return Located.missing("wheel");
        }
        if (slots.isEmpty() || slots.size() > MOST) {
            return Located.rejected("slots",
                    slots.isEmpty() ? "The list names no slot." : "A wheel takes up to " + MOST + " slots from a list.");
        }
        var taken = new HashSet<String>();
        var listed = new ArrayList<Wheel.Slot>();
        int next = before.nextId();
        for (int i = 0; i < slots.size(); i++) {
            var row = slots.get(i);
            var refused = Names.refusalOfRequired("slots", row.name(), "A slot");
            if (refused.isPresent()) {
                return refused.get();
            }
            var name = FreshName.of(taken, row.name());
            if (i < was.slots().size()) {
                var slot = was.slots().get(i);
                listed.add(new Wheel.Slot(slot.id(), name, row.color() == null ? slot.color() : row.color(), slot.filter(),
                        slot.mediaFile(), slot.facets(), slot.animation(), slot.source()));
            } else {
                listed.add(Wheel.Slot.of(next++, name, row.color() == null ? ColorCie.WHITE : row.color(), ""));
            }
        }
        if (was.slots().size() > listed.size()) {
            listed.addAll(was.slots().subList(listed.size(), was.slots().size()));
        }
        int ids = next;
        return Located.applied(before.with(f -> {
            f.wheels = Trees.map(f.wheels, each -> each.id() == wheel ? new Wheel(each.id(), each.name(), listed, each.source()) : each);
            f.nextId = ids;
        }));
    }

    @Override
    public String describe(FixtureType before) {
        return slots.size() + (slots.size() == 1 ? " slot" : " slots") + " of "
                + before.wheels()
                    .stream()
                    .filter(each -> each.id() == wheel)
                    .findFirst()
                    .map(each -> "wheel '" + each.name() + "'")
                    .orElse("a wheel")
                + " listed";
    }
}
