package yellowkite.core.compare;

import java.util.Objects;
import java.util.Set;
import yellowkite.core.compare.ChannelDiff.Sides;
import yellowkite.core.compare.Difference.Kind;
import yellowkite.core.compare.Difference.Place;
import yellowkite.core.dmx.Spans.FunctionSpan;
import yellowkite.core.dmx.Spans.RangeSpan;
import yellowkite.core.edit.AddRange;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.MoveRangeStart;
import yellowkite.core.edit.RemoveRange;
import yellowkite.core.edit.RenameRange;
import yellowkite.core.edit.SetRangePhysical;
import yellowkite.core.edit.SetRangeSlot;

/** The named ranges of a function on both sides. */
final class RangeDiff {
    private static final Edit[] NONE = {};

    private RangeDiff() {}

    static void compare(Sides sides, FunctionSpan left, FunctionSpan right, Place function, Found found) {
        var pairs = Pairs.<RangeSpan>by(left.ranges(), right.ranges(),
                range -> range.range().name().isBlank() ? null : range.range().name(),
                range -> range.range().dmxFrom().at(sides.bytes()));
        pairs.both().forEach(pair -> range(sides, pair.left(), pair.right(), function, found));
        pairs.left()
            .forEach(range -> found.add(sides.worst(Rank.SHIFTS, range.from(), range.to()), Kind.RANGE_REMOVED, place(function, range),
                    "This named range is gone; it was " + range.from() + " to " + range.to() + ".", range.from() + "–" + range.to(), "",
                    new RemoveRange(range.range().id())));
        pairs.right()
            .forEach(range -> found.add(added(sides, left, range), Kind.RANGE_ADDED, place(function, range),
                    "This named range is new, from " + range.from() + " to " + range.to() + ".", "", range.from() + "–" + range.to(),
                    sides.sameWidth() && range.range().slot() == 0 && !range.hasOwnPhysical() && range.range().subRanges().isEmpty()
                            ? new Edit[]{new AddRange(left.function().id(), range.range().name(), range.from())}
                            : NONE));
        Rest.order("named ranges", pairs.both(), right.ranges(), function, found);
    }

    /** Where a range stood before, its edges are others now, even if nothing that was stored for it means anything else. */
    private static Rank added(Sides sides, FunctionSpan left, RangeSpan range) {
        long from = sides.onLeft(range.from());
        long to = sides.onLeft(range.to());
        return sides.worst(left.hasRangeWithin(from, to) ? Rank.SHIFTS : Rank.ADDS, from, to);
    }

    private static Place place(Place function, RangeSpan range) {
        return function.inside(", '" + range.range().name() + "'");
    }

    private static void range(Sides sides, RangeSpan left, RangeSpan right, Place function, Found found) {
        var place = place(function, left);
        int id = left.range().id();
        var worst = sides.worst(Rank.SHIFTS, left.from(), left.to());
        found.changed(Rank.COSMETIC, Kind.RANGE_RENAMED, place, "Its name", left.range().name(), right.range().name(),
                new RenameRange(id, right.range().name()));
        if (ChannelDiff.at(left.from(), sides.left(), sides.bytes()) != ChannelDiff.at(right.from(), sides.right(), sides.bytes())) {
            found.add(worst, Kind.RANGE_MOVED, place, "It begins at " + right.from() + " instead of " + left.from() + ".",
                    String.valueOf(left.from()), String.valueOf(right.from()),
                    sides.sameWidth() ? new Edit[]{new MoveRangeStart(id, right.from())} : NONE);
        }
        if (left.range().slot() != right.range().slot()) {
            found.add(worst, Kind.RANGE_SLOT, place, "It selects slot " + right.range().slot() + " instead of " + left.range().slot() + ".",
                    String.valueOf(left.range().slot()), String.valueOf(right.range().slot()), new SetRangeSlot(id, right.range().slot()));
        }
        if (!Objects.equals(left.range().physicalFrom(), right.range().physicalFrom())
                || !Objects.equals(left.range().physicalTo(), right.range().physicalTo())) {
            found.add(worst, Kind.RANGE_PHYSICAL, place, "Its physical ends differ.", own(left), own(right),
                    new SetRangePhysical(id, right.range().physicalFrom(), right.range().physicalTo()));
        }
        if (!Content.same(left.range().subRanges(), right.range().subRanges())) {
            found.add(Rank.COSMETIC, Kind.OTHER, place, "Its subdivision differs.", "", "");
        }
        Rest.compare(left.range(), right.range(), Set.of("name", "dmxFrom", "physicalFrom", "physicalTo", "slot", "subRanges"), place,
                found);
    }

    private static String own(RangeSpan range) {
        return range.hasOwnPhysical() ? range.range().physicalFrom() + " to " + range.range().physicalTo() : "follows the function";
    }
}
