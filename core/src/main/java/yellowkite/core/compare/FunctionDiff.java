package yellowkite.core.compare;

import java.util.Objects;
import java.util.Set;
import yellowkite.core.attribute.EndWords;
import yellowkite.core.compare.ChannelDiff.Sides;
import yellowkite.core.compare.Difference.Kind;
import yellowkite.core.compare.Difference.Place;
import yellowkite.core.dmx.Spans.FunctionSpan;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.InvertFunction;
import yellowkite.core.edit.LayCurve;
import yellowkite.core.edit.MoveFunctionStart;
import yellowkite.core.edit.RenameFunction;
import yellowkite.core.edit.SetBounds;
import yellowkite.core.edit.SetFade;
import yellowkite.core.edit.SetFunctionAttribute;
import yellowkite.core.edit.SetFunctionPhysical;
import yellowkite.core.edit.SetLightPart;
import yellowkite.core.edit.SetWheel;
import yellowkite.core.profile.FixtureType;

/** One function on both sides. What a difference does is what becomes of the values that it is about. */
final class FunctionDiff {
    private static final Edit[] NONE = {};
    private static final Set<String> TOLD = Set.of("name", "attribute", "dmxFrom", "defaultValue", "physicalFrom", "physicalTo", "realFade",
            "realAcceleration", "wheel", "emitter", "filter", "modeMaster", "modeFrom", "modeTo", "dmxProfile", "min", "max", "ranges");

    private FunctionDiff() {}

    static void compare(Sides sides, FunctionSpan left, FunctionSpan right, Place channel, Found found) {
        var place = channel.inside(", function '" + left.name() + "'");
        var before = left.function();
        var after = right.function();
        int id = before.id();
        var worst = sides.worst(Rank.SHIFTS, left.from(), left.to());
        found.changed(Rank.COSMETIC, Kind.FUNCTION_RENAMED, place, "Its name", before.name(), after.name(),
                new RenameFunction(id, after.name()));
        found.changed(worst, Kind.ATTRIBUTE, place, "Its attribute", before.attribute(), after.attribute(),
                new SetFunctionAttribute(id, after.attribute()));
        if (ChannelDiff.at(left.from(), sides.left(), sides.bytes()) != ChannelDiff.at(right.from(), sides.right(), sides.bytes())) {
            found.add(
                    sides.worst(Rank.SHIFTS, Math.min(left.from(), sides.onLeft(right.from())),
                            Math.max(left.from(), sides.onLeft(right.from()))),
                    Kind.FUNCTION_MOVED, place, "It begins at " + right.from() + " instead of " + left.from() + ".",
                    String.valueOf(left.from()), String.valueOf(right.from()),
                    sides.sameWidth() ? new Edit[]{new MoveFunctionStart(id, right.from())} : NONE);
        }
        if (!ChannelDiff.when(left).equals(ChannelDiff.when(right))) {
            found.add(worst, Kind.CONDITION, place,
                    "It is active " + (ChannelDiff.when(right).isEmpty() ? "always" : "in another situation") + ".",
                    ChannelDiff.condition(left), ChannelDiff.condition(right));
        }
        physical(sides, left, right, place, worst, found);
        if (!Objects.equals(before.min(), after.min()) || !Objects.equals(before.max(), after.max())) {
            found.add(worst, Kind.BOUNDS, place, "What it never exceeds differs.", before.min() + " to " + before.max(),
                    after.min() + " to " + after.max(), SetBounds.both(id, after.min(), after.max()));
        }
        found.changed(worst, Kind.CURVE_LAID, place, "Its curve", before.dmxProfile(), after.dmxProfile(),
                new LayCurve(id, after.dmxProfile()));
        found.changed(worst, Kind.WHEEL_LAID, place, "Its wheel", before.wheel(), after.wheel(), new SetWheel(id, after.wheel()));
        found.changed(Rank.SHIFTS, Kind.LIGHT_PART, place, "Its emitter", before.emitter(), after.emitter(),
                new SetLightPart(id, after.emitter(), null));
        found.changed(Rank.SHIFTS, Kind.LIGHT_PART, place, "Its filter", before.filter(), after.filter(),
                new SetLightPart(id, null, after.filter()));
        if (before.realFade() != after.realFade() || before.realAcceleration() != after.realAcceleration()) {
            found.add(Rank.SHIFTS, Kind.FADE, place, "It follows in another time.", before.realFade() + " s", after.realFade() + " s",
                    new SetFade(id, after.realFade(), after.realAcceleration()));
        }
        boolean starts = sides.left().findInitialFunction().filter(each -> each.id() == id).isPresent()
                && sides.right().findInitialFunction().filter(each -> each.id() == after.id()).isPresent();
        if (!starts && !Objects.equals(before.defaultValue(), after.defaultValue())) {
            found.add(Rank.SHIFTS, Kind.OTHER, place, "Its default differs.", String.valueOf(before.defaultValue()),
                    String.valueOf(after.defaultValue()));
        }
        RangeDiff.compare(sides, left, right, place, found);
        Rest.compare(before, after, TOLD, place, found);
    }

    private static void physical(Sides sides, FunctionSpan left, FunctionSpan right, Place place, Rank worst, Found found) {
        var before = left.function();
        var after = right.function();
        if (before.physicalFrom() == after.physicalFrom() && before.physicalTo() == after.physicalTo()) {
            return;
        }
        boolean inverted = before.physicalFrom() == after.physicalTo() && before.physicalTo() == after.physicalFrom();
        var was = ends(sides.modes().left.type(), left);
        var is = ends(sides.modes().right.type(), right);
        found.add(inverted ? Rank.BREAKS : worst, inverted ? Kind.INVERTED : Kind.PHYSICAL, place,
                inverted ? "It runs the other way: " + is + "." : "It runs from " + is + " instead of " + was + ".", was, is,
                inverted && left.ranges().isEmpty() ? new InvertFunction(before.id())
                        : new SetFunctionPhysical(before.id(), after.physicalFrom(), after.physicalTo()));
    }

    private static String ends(FixtureType type, FunctionSpan span) {
        var attribute = span.function().attribute();
        var unit = type.unitOf(attribute);
        return EndWords.of(attribute, span.function().physicalFrom(), unit) + " to "
                + EndWords.of(attribute, span.function().physicalTo(), unit);
    }
}
