package yellowkite.core.compare;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowkite.core.compare.Difference.Kind;
import yellowkite.core.compare.Difference.Place;
import yellowkite.core.dmx.Spans;
import yellowkite.core.dmx.Spans.FunctionSpan;
import yellowkite.core.edit.ChangeAddresses;
import yellowkite.core.edit.ChangeGeometry;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.SetHighlight;
import yellowkite.core.edit.SetReaction;
import yellowkite.core.edit.SetStartValue;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.DmxBreak;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.Mode;

/** One channel on both sides: where it stands, how it starts and reacts, and its functions. */
final class ChannelDiff {
    private static final Edit[] NONE = {};

    private ChannelDiff() {}

    static Place place(FixtureType type, Mode mode, Channel left, @Nullable Channel right) {
        return new Place(mode.name(), left.name(), left.id(), right == null ? null : right.id(), called(type, left));
    }

    static String called(FixtureType type, Channel channel) {
        return type.attributeDefinitions().find(channel.attribute()).map(each -> each.pretty()).filter(each -> !each.isBlank()).map(each -> each + " (" + channel.name() + ")").orElse(channel.name());
    }

    static String addresses(Channel channel) {
        return channel.isVirtual() ? "no address" : (channel.offsets().size() == 1 ? "address " : "addresses ") + channel.offsets().stream().map(String::valueOf).collect(Collectors.joining(", "));
    }

    static void compare(FixtureType leftType, Mode mode, Channel left, FixtureType rightType, Channel right, Found found) {
        var place = place(leftType, mode, left, right);
        int bytes = Math.min(left.bytes(), right.bytes());
        boolean sameWidth = left.bytes() == right.bytes();
        if (!left.attribute().equals(right.attribute())) {
            found.add(Rank.BREAKS, Kind.ATTRIBUTE, place, "It is '" + right.attribute() + "' instead of '" + left.attribute() + "'.", left.attribute(), right.attribute());
        }
        if (left.isVirtual() != right.isVirtual() || !sameWidth) {
            found.add(Rank.BREAKS, Kind.WIDTH, place, "It is " + width(right) + " instead of " + width(left) + ", on " + addresses(right) + " instead of " + addresses(left) + ".", width(left), width(right));
        } else if (!left.offsets().equals(right.offsets())) {
            found.add(Rank.BREAKS, Kind.CHANNEL_MOVED, place, "It moved from " + addresses(left) + " to " + addresses(right) + ".", addresses(left), addresses(right), new ChangeAddresses(left.id(), right.offsets()));
        }
        if (!left.dmxBreak().equals(right.dmxBreak())) {
            found.add(Rank.BREAKS, Kind.BREAK, place, "It is on " + dmxBreak(right) + " instead of " + dmxBreak(left) + ".", dmxBreak(left), dmxBreak(right));
        }
        if (!left.geometry().equals(right.geometry())) {
            found.add(Rank.SHIFTS, Kind.PART, place, "It belongs to '" + right.geometry() + "' instead of '" + left.geometry() + "'.", left.geometry(), right.geometry(), new ChangeGeometry(left.id(), right.geometry()));
        }
        if (at(left.start(), left, bytes) != at(right.start(), right, bytes)) {
            found.add(Rank.SHIFTS, Kind.START, place, "It starts at " + right.start() + " instead of " + left.start() + ".", String.valueOf(left.start()), String.valueOf(right.start()),
                    sameWidth ? new Edit[] {new SetStartValue(left.id(), right.start())} : NONE);
        }
        highlight(place, left, right, bytes, sameWidth, found);
        reaction(place, left, right, found);
        functions(leftType, left, rightType, right, place, found);
    }

    private static void highlight(Place place, Channel left, Channel right, int bytes, boolean sameWidth, Found found) {
        var before = left.highlight() == null ? null : left.highlight().at(bytes);
        var after = right.highlight() == null ? null : right.highlight().at(bytes);
        var words = after == null ? "no highlight value" : "the highlight value " + right.highlight().at(right.bytes());
        if (before == null ? after != null : !before.equals(after)) {
            found.add(Rank.COSMETIC, Kind.HIGHLIGHT, place, "It has " + words + ".", before == null ? "" : before.toString(), after == null ? "" : after.toString(),
                    sameWidth ? new Edit[] {new SetHighlight(left.id(), after)} : NONE);
        }
    }

    private static void reaction(Place place, Channel left, Channel right, Found found) {
        var before = left.logicalChannels().stream().findFirst().orElse(null);
        var after = right.logicalChannels().stream().findFirst().orElse(null);
        if (before != null && after != null && !reaction(before).equals(reaction(after))) {
            found.add(Rank.SHIFTS, Kind.REACTION, place, "It reacts to fades and masters otherwise: " + reaction(after) + ".", reaction(before), reaction(after),
                    new SetReaction(List.of(left.id()), after.snap(), after.master(), after.mibFade(), after.dmxChangeTimeLimit()));
        }
    }

    private static String reaction(LogicalChannel logical) {
        return "snap " + logical.snap().name().toLowerCase(Locale.ROOT) + ", master " + logical.master().name().toLowerCase(Locale.ROOT) + ", move in black " + logical.mibFade() + " s, slowest change " + logical.dmxChangeTimeLimit() + " s";
    }

    private static void functions(FixtureType leftType, Channel left, FixtureType rightType, Channel right, Place place, Found found) {
        var before = new Sides(leftType, left);
        var after = new Sides(rightType, right);
        var spans = Pairs.<FunctionSpan>by(Spans.of(leftType, left), Spans.of(rightType, right),
                span -> List.of(span.function().attribute(), span.name(), when(span)), span -> List.of(span.function().attribute(), when(span)), span -> List.of(span.function().attribute(), span.name()), span -> List.of(span.name(), when(span)),
                span -> List.of(span.function().dmxFrom().at(1), when(span)));
        spans.both().forEach(pair -> FunctionDiff.compare(before, pair.left(), after, pair.right(), place, found));
        spans.left().forEach(span -> found.add(Rank.BREAKS, Kind.FUNCTION_REMOVED, place.inside(", function '" + span.name() + "'"), "This function is gone; " + span.from() + " to " + span.to() + " did it.", span.from() + "–" + span.to(), ""));
        spans.right().forEach(span -> {
            boolean free = Spans.of(leftType, left).stream().noneMatch(each -> when(each).equals(when(span)) && each.contains(at((span.from() + span.to()) / 2, right, left.bytes())));
            found.add(free ? Rank.ADDS : Rank.BREAKS, Kind.FUNCTION_ADDED, place.inside(", function '" + span.name() + "'"),
                    "This function is new, from " + span.from() + " to " + span.to() + (free ? "." : "; these values did something else."), "", span.from() + "–" + span.to());
        });
    }

    /** A side of the comparison below a channel. */
    record Sides(FixtureType type, Channel channel) {}

    /** {@return when a function counts: equal for functions that never count together} */
    static String when(FunctionSpan span) {
        var function = span.function();
        return function.modeMaster().isEmpty() ? "" : function.modeMaster() + " " + function.modeFrom().at(DmxValue.MAX_BYTES) + "–" + function.modeTo().at(DmxValue.MAX_BYTES);
    }

    /** {@return a channel's value in another width: its most significant bytes, or followed by zeros as a boundary is} */
    static long at(long raw, Channel of, int bytes) {
        return of.bytes() >= bytes ? raw >>> 8 * (of.bytes() - bytes) : raw << 8 * (bytes - of.bytes());
    }

    private static String width(Channel channel) {
        return channel.isVirtual() ? "virtual" : 8 * channel.bytes() + " bit";
    }

    private static String dmxBreak(Channel channel) {
        return channel.dmxBreak() instanceof DmxBreak.Number(int number) ? "break " + number : "the reference's last break";
    }
}
