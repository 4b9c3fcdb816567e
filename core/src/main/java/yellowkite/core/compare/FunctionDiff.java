package yellowkite.core.compare;

import java.util.Objects;
import yellowkite.core.attribute.EndWords;
import yellowkite.core.compare.Difference.Kind;
import yellowkite.core.compare.Difference.Place;
import yellowkite.core.dmx.Spans.FunctionSpan;
import yellowkite.core.dmx.Spans.RangeSpan;
import yellowkite.core.edit.AddRange;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.LayCurve;
import yellowkite.core.edit.MoveFunctionStart;
import yellowkite.core.edit.MoveRangeStart;
import yellowkite.core.edit.RemoveRange;
import yellowkite.core.edit.RenameFunction;
import yellowkite.core.edit.RenameRange;
import yellowkite.core.edit.SetBounds;
import yellowkite.core.edit.SetFade;
import yellowkite.core.edit.SetFunctionAttribute;
import yellowkite.core.edit.SetFunctionPhysical;
import yellowkite.core.edit.SetLightPart;
import yellowkite.core.edit.SetRangePhysical;
import yellowkite.core.edit.SetRangeSlot;
import yellowkite.core.edit.SetWheel;

/** One function on both sides, and its named ranges. */
final class FunctionDiff {
    private static final Edit[] NONE = {};

    private FunctionDiff() {}

    static void compare(ChannelDiff.Sides leftSide, FunctionSpan left, ChannelDiff.Sides rightSide, FunctionSpan right, Place channel, Found found) {
        var place = channel.inside(", function '" + left.name() + "'");
        var before = left.function();
        var after = right.function();
        int id = before.id();
        boolean sameWidth = leftSide.channel().bytes() == rightSide.channel().bytes();
        found.changed(Rank.COSMETIC, Kind.FUNCTION_RENAMED, place, "Its name", before.name(), after.name(), new RenameFunction(id, after.name()));
        found.changed(Rank.BREAKS, Kind.ATTRIBUTE, place, "Its attribute", before.attribute(), after.attribute(), new SetFunctionAttribute(id, after.attribute()));
        int bytes = Math.min(leftSide.channel().bytes(), rightSide.channel().bytes());
        if (ChannelDiff.at(left.from(), leftSide.channel(), bytes) != ChannelDiff.at(right.from(), rightSide.channel(), bytes)) {
            found.add(Rank.BREAKS, Kind.FUNCTION_MOVED, place, "It begins at " + right.from() + " instead of " + left.from() + ".", String.valueOf(left.from()), String.valueOf(right.from()),
                    sameWidth ? new Edit[] {new MoveFunctionStart(id, right.from())} : NONE);
        }
        if (!ChannelDiff.when(left).equals(ChannelDiff.when(right))) {
            found.add(Rank.BREAKS, Kind.CONDITION, place, "It counts " + (ChannelDiff.when(right).isEmpty() ? "always" : "in another situation") + ".", ChannelDiff.when(left), ChannelDiff.when(right));
        }
        physical(leftSide, left, rightSide, right, place, found);
        if (!Objects.equals(before.min(), after.min()) || !Objects.equals(before.max(), after.max())) {
            found.add(Rank.SHIFTS, Kind.BOUNDS, place, "What it never exceeds differs.", before.min() + " to " + before.max(), after.min() + " to " + after.max(), new SetBounds(id, after.min(), after.max()));
        }
        found.changed(Rank.SHIFTS, Kind.CURVE_LAID, place, "Its curve", before.dmxProfile(), after.dmxProfile(), new LayCurve(id, after.dmxProfile()));
        found.changed(Rank.BREAKS, Kind.WHEEL_LAID, place, "Its wheel", before.wheel(), after.wheel(), new SetWheel(id, after.wheel()));
        found.changed(Rank.SHIFTS, Kind.LIGHT_PART, place, "Its emitter", before.emitter(), after.emitter(), new SetLightPart(id, after.emitter(), null));
        found.changed(Rank.SHIFTS, Kind.LIGHT_PART, place, "Its filter", before.filter(), after.filter(), new SetLightPart(id, null, after.filter()));
        if (before.realFade() != after.realFade() || before.realAcceleration() != after.realAcceleration()) {
            found.add(Rank.COSMETIC, Kind.FADE, place, "The lamp follows in another time.", before.realFade() + " s", after.realFade() + " s", new SetFade(id, after.realFade(), after.realAcceleration()));
        }
        ranges(leftSide, left, rightSide, right, place, found);
    }

    private static void physical(ChannelDiff.Sides leftSide, FunctionSpan left, ChannelDiff.Sides rightSide, FunctionSpan right, Place place, Found found) {
        var before = left.function();
        var after = right.function();
        if (before.physicalFrom() == after.physicalFrom() && before.physicalTo() == after.physicalTo()) {
            return;
        }
        boolean turned = before.physicalFrom() == after.physicalTo() && before.physicalTo() == after.physicalFrom();
        var was = ends(leftSide, left, before.physicalFrom(), before.physicalTo());
        var is = ends(rightSide, right, after.physicalFrom(), after.physicalTo());
        found.add(turned ? Rank.BREAKS : Rank.SHIFTS, turned ? Kind.INVERTED : Kind.PHYSICAL, place, turned ? "It runs the other way round: " + is + "." : "It runs from " + is + " instead of " + was + ".", was, is,
                new SetFunctionPhysical(before.id(), after.physicalFrom(), after.physicalTo()));
    }

    private static String ends(ChannelDiff.Sides side, FunctionSpan span, double from, double to) {
        var attribute = span.function().attribute();
        var unit = side.type().unitOf(attribute);
        return EndWords.of(attribute, from, unit) + " to " + EndWords.of(attribute, to, unit);
    }

    private static void ranges(ChannelDiff.Sides leftSide, FunctionSpan left, ChannelDiff.Sides rightSide, FunctionSpan right, Place function, Found found) {
        int bytes = Math.min(leftSide.channel().bytes(), rightSide.channel().bytes());
        boolean sameWidth = leftSide.channel().bytes() == rightSide.channel().bytes();
        var pairs = Pairs.<RangeSpan>by(left.ranges(), right.ranges(), range -> range.range().name().isBlank() ? null : range.range().name(),
                range -> range.range().dmxFrom().at(bytes));
        pairs.both().forEach(pair -> range(leftSide, pair.left(), rightSide, pair.right(), function, bytes, sameWidth, found));
        pairs.left().forEach(range -> found.add(Rank.SHIFTS, Kind.RANGE_REMOVED, place(function, range), "This named range is gone; it was " + range.from() + " to " + range.to() + ".", range.from() + "–" + range.to(), "", new RemoveRange(range.range().id())));
        pairs.right().forEach(range -> found.add(Rank.ADDS, Kind.RANGE_ADDED, place(function, range), "This named range is new, from " + range.from() + " to " + range.to() + ".", "", range.from() + "–" + range.to(),
                sameWidth && range.range().slot() == 0 && !range.hasOwnPhysical() && range.range().subRanges().isEmpty() ? new Edit[] {new AddRange(left.function().id(), range.range().name(), range.from())} : NONE));
    }

    private static Place place(Place function, RangeSpan range) {
        return function.inside(", '" + range.range().name() + "'");
    }

    private static void range(ChannelDiff.Sides leftSide, RangeSpan left, ChannelDiff.Sides rightSide, RangeSpan right, Place function, int bytes, boolean sameWidth, Found found) {
        var place = place(function, left);
        int id = left.range().id();
        found.changed(Rank.COSMETIC, Kind.RANGE_RENAMED, place, "Its name", left.range().name(), right.range().name(), new RenameRange(id, right.range().name()));
        long from = ChannelDiff.at(left.from(), leftSide.channel(), bytes);
        long to = ChannelDiff.at(left.to(), leftSide.channel(), bytes);
        long newFrom = ChannelDiff.at(right.from(), rightSide.channel(), bytes);
        long newTo = ChannelDiff.at(right.to(), rightSide.channel(), bytes);
        if (from != newFrom) {
            // a console stores the middle of a range: while that stays inside, only its edges mean something else
            boolean middleStays = (from + to) / 2 >= newFrom && (from + to) / 2 <= newTo;
            found.add(middleStays ? Rank.SHIFTS : Rank.BREAKS, Kind.RANGE_MOVED, place, "It begins at " + right.from() + " instead of " + left.from() + ".", String.valueOf(left.from()), String.valueOf(right.from()),
                    sameWidth ? new Edit[] {new MoveRangeStart(id, right.from())} : NONE);
        }
        if (left.range().slot() != right.range().slot()) {
            found.add(Rank.BREAKS, Kind.RANGE_SLOT, place, "It brings in slot " + right.range().slot() + " instead of " + left.range().slot() + ".", String.valueOf(left.range().slot()), String.valueOf(right.range().slot()), new SetRangeSlot(id, right.range().slot()));
        }
        if (!Objects.equals(left.range().physicalFrom(), right.range().physicalFrom()) || !Objects.equals(left.range().physicalTo(), right.range().physicalTo())) {
            found.add(Rank.SHIFTS, Kind.RANGE_PHYSICAL, place, "Its physical ends differ.", own(left), own(right), new SetRangePhysical(id, right.range().physicalFrom(), right.range().physicalTo()));
        }
        if (!Content.same(left.range().subRanges(), right.range().subRanges())) {
            found.add(Rank.COSMETIC, Kind.OTHER, place, "Its subdivision differs.", "", "");
        }
    }

    private static String own(RangeSpan range) {
        return range.hasOwnPhysical() ? range.range().physicalFrom() + " to " + range.range().physicalTo() : "follows the function";
    }
}
