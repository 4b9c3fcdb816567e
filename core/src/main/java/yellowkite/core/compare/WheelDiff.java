package yellowkite.core.compare;

import java.util.List;
import yellowkite.core.compare.Difference.Kind;
import yellowkite.core.compare.Difference.Place;
import yellowkite.core.edit.SetSlot;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.Wheel;

/** Wheels of one name, slot by slot: a range knows its slot by its number. */
final class WheelDiff {
    private WheelDiff() {}

    /**
     * What a slot puts into the light.
     *
     * @param kind what it is told apart by: its picture, its filter, its facets or its disc, and whether it has a colour
     * @param shade its colour, which may be corrected without becoming another
     */
    record Held(List<Object> kind, Object shade) {
        boolean isEmpty() {
            return kind.stream().allMatch(each -> each.equals("") || each.equals(0) || each.equals(false));
        }
    }

    /** Colours as far apart as that are two colours, u'v'. */
    private static final double ANOTHER = 0.02;
    /** Slots in which one is looked for that is not where it was; only the sentence hangs on it, and a wheel has ten. */
    private static final int LOOKED_THROUGH = 256;

    static Held content(Side side, Wheel.Slot slot) {
        return new Held(List.of(side.picture(slot), slot.filter(), slot.facets().size(), slot.animation() != null, hue(slot)),
                List.of(slot.color() == null ? "" : slot.color(),
                        slot.facets().stream().map(each -> List.of(each.rotation(), each.color() == null ? "" : each.color())).toList(),
                        slot.animation() == null ? "" : slot.animation().radius()));
    }

    /** A picture's own colour is white; of glass, the hue to about what can be told apart at a glance. */
    private static Object hue(Wheel.Slot slot) {
        var color = slot.color();
        return color == null || !slot.mediaFile().isEmpty() || slot.isOpen() || color.y() <= 0 ? "" : new Hue(color);
    }

    /** Equal for colours that lie near each other in the u'v' diagram. */
    private record Hue(ColorCie color) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Hue hue && yellowkite.core.colour.Chromaticity.of(color)
                .distanceTo(yellowkite.core.colour.Chromaticity.of(hue.color)) < ANOTHER;
        }

        @Override
        public int hashCode() {
            return 0; // nearness is not transitive: nothing is looked up by it
        }
    }

    static void compare(Side leftSide, Wheel left, Side rightSide, Wheel right, Found found) {
        int common = Math.min(left.slots().size(), right.slots().size());
        for (int i = 0; i < common; i++) {
            slot(leftSide, left, left.slots().get(i), rightSide, right, i, found);
        }
        for (int i = common; i < left.slots().size(); i++) {
            found.add(Rank.BREAKS, Kind.SLOT_REMOVED, place(left, i + 1), "Slot " + (i + 1) + " is gone.", left.slots().get(i).name(), "");
        }
        for (int i = common; i < right.slots().size(); i++) {
            found.add(Rank.ADDS, Kind.SLOT_ADDED, place(left, i + 1), "Slot " + (i + 1) + " is new.", "", right.slots().get(i).name());
        }
        Rest.compare(left, right, java.util.Set.of("name", "slots"), Place.profile("Wheel '" + left.name() + "'"), found);
    }

    private static Place place(Wheel wheel, int slot) {
        return Place.profile("Wheel '" + wheel.name() + "', slot " + slot);
    }

    private static void slot(Side leftSide, Wheel wheel, Wheel.Slot left, Side rightSide, Wheel rightWheel, int index, Found found) {
        var place = place(wheel, index + 1);
        var right = rightWheel.slots().get(index);
        var before = content(leftSide, left);
        var after = content(rightSide, right);
        if (!before.kind().equals(after.kind())) {
            boolean elsewhere = rightWheel.slots()
                .stream()
                .limit(LOOKED_THROUGH)
                .anyMatch(each -> each != right && content(rightSide, each).kind().equals(before.kind()));
            found.add(before.isEmpty() ? Rank.SHIFTS : Rank.BREAKS, Kind.SLOT_CONTENT, place,
                    elsewhere ? "It shows something else; what it showed stands in another slot." : "It shows something else.",
                    leftSide.picture(left), rightSide.picture(right));
        } else if (!Content.same(before.shade(), after.shade()) || !Content.same(left.animation(), right.animation())
                || !Content.same(left.facets(), right.facets())) {
            found.add(Rank.SHIFTS, Kind.SLOT_CONTENT, place, "Its colour, or what it does to the light, differs a little.", "", "");
        } else if (!left.mediaFile().equals(right.mediaFile())) {
            found.add(Rank.COSMETIC, Kind.OTHER, place, "Its picture's file has another name.", left.mediaFile(), right.mediaFile());
        }
        found.changed(Rank.COSMETIC, Kind.SLOT_RENAMED, place, "Its name", left.name(), right.name(),
                SetSlot.named(wheel.id(), index + 1, right.name()));
    }
}
