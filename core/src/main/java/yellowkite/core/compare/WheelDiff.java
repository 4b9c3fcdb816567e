package yellowkite.core.compare;

import yellowkite.core.compare.Difference.Kind;
import yellowkite.core.compare.Difference.Place;
import yellowkite.core.edit.SetSlot;
import yellowkite.core.profile.Wheel;

/** Wheels of one name, slot by slot: a range knows its slot by its number. */
final class WheelDiff {
    private WheelDiff() {}

    static void compare(Side leftSide, Wheel left, Side rightSide, Wheel right, Found found) {
        int common = Math.min(left.slots().size(), right.slots().size());
        for (int i = 0; i < common; i++) {
            slot(leftSide, left, left.slots().get(i), rightSide, right.slots().get(i), i + 1, found);
        }
        for (int i = common; i < left.slots().size(); i++) {
            found.add(Rank.BREAKS, Kind.SLOT_REMOVED, place(left, i + 1), "Slot " + (i + 1) + " is gone.", left.slots().get(i).name(), "");
        }
        for (int i = common; i < right.slots().size(); i++) {
            found.add(Rank.ADDS, Kind.SLOT_ADDED, place(left, i + 1), "Slot " + (i + 1) + " is new.", "", right.slots().get(i).name());
        }
    }

    private static Place place(Wheel wheel, int slot) {
        return Place.profile("Wheel '" + wheel.name() + "', slot " + slot);
    }

    private static void slot(Side leftSide, Wheel wheel, Wheel.Slot left, Side rightSide, Wheel.Slot right, int number, Found found) {
        var place = place(wheel, number);
        boolean sameContent = leftSide.picture(left).equals(rightSide.picture(right)) && Content.same(left.color(), right.color()) && left.filter().equals(right.filter())
                && Content.same(left.facets(), right.facets()) && Content.same(left.animation(), right.animation());
        if (!sameContent) {
            found.add(Rank.SHIFTS, Kind.SLOT_CONTENT, place, "It shows something else.", leftSide.picture(left), rightSide.picture(right));
        }
        found.changed(Rank.COSMETIC, Kind.SLOT_RENAMED, place, "Its name", left.name(), right.name(), SetSlot.named(wheel.id(), number, right.name()));
    }
}
