package yellowkite.core.compare;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowkite.core.compare.Difference.Kind;
import yellowkite.core.compare.Difference.Place;
import yellowkite.core.dmx.AddressText;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.dmx.Spans.FunctionSpan;
import yellowkite.core.edit.ChangeAddresses;
import yellowkite.core.edit.ChangeGeometry;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.SetHighlight;
import yellowkite.core.edit.SetReaction;
import yellowkite.core.edit.SetStartValue;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.Mode;

/** One channel on both sides: where it stands, how it starts and reacts, what its values mean, and its functions. */
final class ChannelDiff {
    private static final Edit[] NONE = {};

    private ChannelDiff() {}

    static Place place(FixtureType type, Mode mode, Channel left, @Nullable Channel right) {
        return new Place(mode.name(), left.name(), left.id(), right == null ? null : right.id(), called(type, left));
    }

    static String called(FixtureType type, Channel channel) {
        return type.attributeDefinitions()
            .find(channel.attribute())
            .map(each -> each.pretty())
            .filter(each -> !each.isBlank())
            .map(each -> each + " (" + channel.name() + ")")
            .orElse(channel.name());
    }

    static String addresses(Channel channel) {
        return channel.isVirtual() ? "no address"
                : (channel.offsets().size() == 1 ? "address " : "addresses ")
                        + channel.offsets().stream().map(String::valueOf).collect(Collectors.joining(", "));
    }

    /** @param alike ids of the left's channels that are the same with all that their meaning leans on */
    static void compare(Modes modes, Channel left, Channel right, Found found) {
        var place = place(modes.left.type(), modes.before.mode(), left, right);
        int from = found.differences.size();
        boolean sameWidth = left.bytes() == right.bytes() && left.isVirtual() == right.isVirtual();
        if (!left.attribute().equals(right.attribute())) {
            found.add(Rank.BREAKS, Kind.ATTRIBUTE, place, "It is '" + right.attribute() + "' instead of '" + left.attribute() + "'.",
                    left.attribute(), right.attribute());
        }
        if (!sameWidth) {
            found.add(Rank.BREAKS, Kind.WIDTH, place, "It is " + width(right) + " instead of " + width(left) + ", on " + addresses(right)
                    + " instead of " + addresses(left) + ".", width(left), width(right));
        }
        places(modes, left, right, place, sameWidth, found);
        if (!left.geometry().equals(right.geometry())) {
            found.add(Rank.SHIFTS, Kind.PART, place, "It belongs to '" + right.geometry() + "' instead of '" + left.geometry() + "'.",
                    left.geometry(), right.geometry(), new ChangeGeometry(left.id(), right.geometry()));
        }
        startAndHighlight(place, left, right, sameWidth, found);
        reaction(place, left, right, found);
        if (!modes.areAlike(left)) {
            var meanings = sameWidth ? Meanings.of(modes, left, right) : new Meanings(List.of());
            functions(modes, left, right, place, meanings, found);
            meaning(place, meanings,
                    found.differences.subList(from, found.differences.size())
                        .stream()
                        .map(Difference::rank)
                        .min(Rank::compareTo)
                        .orElse(null),
                    found);
        }
        Rest.compare(left, right,
                Set.of("dmxBreak", "offsets", "geometry", "highlight", "logicalChannels", "initialFunction", "defaultValue"), place, found);
        if (found.differences.size() == from && !left.initialFunction().equals(right.initialFunction())) {
            found.add(Rank.COSMETIC, Kind.OTHER, place, "Its start is written in another way.", left.initialFunction(),
                    right.initialFunction());
        }
        if (found.differences.size() == from && !Content.same(left, right)) {
            found.add(Rank.COSMETIC, Kind.OTHER, place, "It is written in another way.", "", "");
        }
    }

    /** What is stored means something else for a reason that none of the functions shows: a condition, a wheel, another channel. */
    private static void meaning(Place place, Meanings meanings, @Nullable Rank told, Found found) {
        if (meanings.isGivenUp()) {
            found.add(Rank.BREAKS, Kind.MEANING, place,
                    "It has more functions and conditions than can be looked at one by one: reckon with everything that was stored for it meaning something else.",
                    "", "");
            return;
        }
        meanings.worst()
            .filter(worst -> told == null || worst.rank().compareTo(told) < 0)
            .ifPresent(worst -> found.add(worst.rank(), Kind.MEANING, place,
                    "At " + worst.from() + (worst.stored().isEmpty() ? "" : ", stored for " + worst.stored() + ",")
                            + (worst.before().equals(worst.after()) ? " the light is another one now."
                                    : " it now does " + worst.after() + " instead of " + worst.before() + "."),
                    worst.before(), worst.after()));
    }

    private static void places(Modes modes, Channel left, Channel right, Place place, boolean sameWidth, Found found) {
        var pairs = Pairs.<PlacedChannel>by(modes.before.resolver().placesOf(left.id()), modes.after.resolver().placesOf(right.id()),
                PlacedChannel::path, each -> each.path().size());
        boolean own = pairs.both().size() == 1 && pairs.left().isEmpty() && pairs.right().isEmpty()
                && pairs.both().getFirst().left().path().isEmpty();
        for (var pair : pairs.both()) {
            var where = pair.left().path().isEmpty() ? place : place.inside(", in '" + pair.left().path().getLast() + "'");
            if (!java.util.Objects.equals(pair.left().dmxBreak(), pair.right().dmxBreak()) && sameWidth) {
                found.add(Rank.BREAKS, Kind.BREAK, where,
                        "It is on " + dmxBreak(pair.right()) + " instead of " + dmxBreak(pair.left()) + ".", dmxBreak(pair.left()),
                        dmxBreak(pair.right()));
            } else if (!pair.left().addresses().equals(pair.right().addresses()) && sameWidth) {
                found.add(Rank.BREAKS, Kind.CHANNEL_MOVED, where,
                        "It moved from " + called(pair.left()) + " to " + called(pair.right()) + ".", called(pair.left()),
                        called(pair.right()),
                        own ? new Edit[]{new ChangeAddresses(left.id(), right.offsets())} : NONE);
            }
        }
        pairs.left()
            .forEach(each -> found.add(Rank.BREAKS, Kind.CHANNEL_REMOVED, place,
                    "Its place " + in(each) + " on " + called(each) + " is gone.", called(each), ""));
        pairs.right()
            .forEach(each -> found.add(Rank.ADDS, Kind.CHANNEL_ADDED, place, "It stands " + in(each) + " on " + called(each) + " as well.",
                    "", called(each)));
        if (pairs.both().stream().anyMatch(pair -> !pair.left().path().equals(pair.right().path()))) {
            found.add(Rank.COSMETIC, Kind.OTHER, place, "What repeats it has another name.", "", "");
        }
        if (!left.dmxBreak().equals(right.dmxBreak())
                && pairs.both().stream().allMatch(pair -> java.util.Objects.equals(pair.left().dmxBreak(), pair.right().dmxBreak()))) {
            found.add(Rank.COSMETIC, Kind.OTHER, place, "Its break is written in another way.", "", "");
        }
    }

    private static String in(PlacedChannel placed) {
        return placed.path().isEmpty() ? "by itself" : "in '" + placed.path().getLast() + "'";
    }

    private static String called(PlacedChannel placed) {
        return placed.addresses().isEmpty() ? "no address"
                : (placed.addresses().size() == 1 ? "address " : "addresses ") + AddressText.of(placed.addresses());
    }

    private static void startAndHighlight(Place place, Channel left, Channel right, boolean sameWidth, Found found) {
        int bytes = Math.min(left.bytes(), right.bytes());
        if (at(left.start(), left, bytes) != at(right.start(), right, bytes)) {
            found.add(Rank.SHIFTS, Kind.START, place, "It starts at " + right.start() + " instead of " + left.start() + ".",
                    String.valueOf(left.start()), String.valueOf(right.start()),
                    sameWidth ? new Edit[]{new SetStartValue(left.id(), right.start())} : NONE);
        }
        var before = left.highlight() == null ? null : left.highlight().at(bytes);
        var after = right.highlight() == null ? null : right.highlight().at(bytes);
        var words = after == null ? "no highlight value"
                : "the highlight value " + Objects.requireNonNull(right.highlight()).at(right.bytes());
        if (before == null ? after != null : !before.equals(after)) {
            found.add(Rank.SHIFTS, Kind.HIGHLIGHT, place, "It has " + words + ".", before == null ? "" : before.toString(),
                    after == null ? "" : after.toString(),
                    sameWidth ? new Edit[]{new SetHighlight(left.id(), after)} : NONE);
        }
    }

    private static void reaction(Place place, Channel left, Channel right, Found found) {
        int common = Math.min(left.logicalChannels().size(), right.logicalChannels().size());
        for (int i = 0; i < common; i++) {
            var before = left.logicalChannels().get(i);
            var after = right.logicalChannels().get(i);
            if (!reaction(before).equals(reaction(after))) {
                found.add(Rank.SHIFTS, Kind.REACTION, place, "It reacts to fades and masters otherwise: " + reaction(after) + ".",
                        reaction(before), reaction(after),
                        i == 0 ? new Edit[]{new SetReaction(List.of(left.id()), after.snap(), after.master(), after.mibFade(),
                                after.dmxChangeTimeLimit())} : NONE);
            }
            if (i > 0 && !before.attribute().equals(after.attribute())) {
                found.add(Rank.COSMETIC, Kind.OTHER, place,
                        "A further attribute of it is '" + after.attribute() + "' instead of '" + before.attribute() + "'.",
                        before.attribute(), after.attribute());
            }
        }
        if (left.logicalChannels().size() != right.logicalChannels().size()) {
            found.add(Rank.COSMETIC, Kind.OTHER, place,
                    "It is divided into " + right.logicalChannels().size() + " instead of " + left.logicalChannels().size() + ".", "", "");
        }
    }

    private static String reaction(LogicalChannel logical) {
        return "snap " + logical.snap().name().toLowerCase(Locale.ROOT) + ", master " + logical.master().name().toLowerCase(Locale.ROOT)
                + ", move in black " + logical.mibFade() + " s, change time limit " + logical.dmxChangeTimeLimit() + " s";
    }

    private static void functions(Modes modes, Channel left, Channel right, Place place, Meanings meanings, Found found) {
        var sides = new Sides(modes, left, right, meanings);
        var spans = Pairs.<FunctionSpan>by(modes.before.spans(left), modes.after.spans(right),
                span -> List.of(span.function().attribute(), span.name(), when(span)),
                span -> List.of(span.function().attribute(), when(span)), span -> List.of(span.function().attribute(), span.name()),
                span -> List.of(span.name(), when(span)),
                span -> List.of(span.function().dmxFrom().at(1), when(span)));
        spans.both().forEach(pair -> FunctionDiff.compare(sides, pair.left(), pair.right(), place, found));
        spans.left()
            .forEach(span -> found.add(sides.worst(Rank.SHIFTS, span.from(), span.to()), Kind.FUNCTION_REMOVED,
                    place.inside(", function '" + span.name() + "'"),
                    "This function is gone; " + span.from() + " to " + span.to() + " did it.", span.from() + "–" + span.to(), ""));
        spans.right().forEach(span -> {
            var rank = sides.worst(Rank.ADDS, sides.onLeft(span.from()), sides.onLeft(span.to()));
            found.add(rank, Kind.FUNCTION_ADDED, place.inside(", function '" + span.name() + "'"),
                    "This function is new, from " + span.from() + " to " + span.to()
                            + (rank == Rank.ADDS ? "." : "; these values did something else."),
                    "", span.from() + "–" + span.to());
        });
        Rest.order("functions", spans.both(), modes.after.spans(right), place, found);
    }

    /** A channel on both sides, with what becomes of its values. */
    record Sides(Modes modes, Channel left, Channel right, Meanings meanings) {
        boolean sameWidth() {
            return left.bytes() == right.bytes();
        }

        int bytes() {
            return Math.min(left.bytes(), right.bytes());
        }

        /** {@return the worst that becomes of the left's values between two, but at least that} */
        Rank worst(Rank atLeast, long from, long to) {
            var worst = meanings.worstIn(from, to);
            return worst == null || worst.compareTo(atLeast) > 0 ? atLeast : worst;
        }

        long onLeft(long raw) {
            return at(raw, right, left.bytes());
        }
    }

    /** {@return when a function counts: equal for functions that never count together} */
    static String when(FunctionSpan span) {
        var function = span.function();
        return function.modeMaster().isEmpty() ? ""
                : function.modeMaster() + " " + function.modeFrom().at(DmxValue.MAX_BYTES) + "–" + function.modeTo().at(DmxValue.MAX_BYTES);
    }

    /** {@return the same for people: in the width that it is written in; empty = always} */
    static String condition(FunctionSpan span) {
        var function = span.function();
        return function.modeMaster().isEmpty() ? ""
                : function.modeMaster() + " " + function.modeFrom().raw() + "–" + function.modeTo().raw();
    }

    /** {@return a channel's value in another width: its most significant bytes, or followed by zeros as a boundary is} */
    static long at(long raw, Channel of, int bytes) {
        return of.bytes() >= bytes ? raw >>> 8 * (of.bytes() - bytes) : raw << 8 * (bytes - of.bytes());
    }

    private static String width(Channel channel) {
        return channel.isVirtual() ? "virtual" : 8 * channel.bytes() + " bit";
    }

    private static String dmxBreak(PlacedChannel placed) {
        return placed.dmxBreak() == null ? "no break" : "break " + placed.dmxBreak();
    }
}
