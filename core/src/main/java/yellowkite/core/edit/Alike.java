package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import yellowkite.core.dmx.OneMeaning;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.text.FreshName;

/**
 * An edit of a function that counts in several situations, of which the standard has one copy for each: what it does to the first, it does
 * to all. Each keeps its own situation; what the edit makes beside the first is made for each; where the first counts always now, the
 * others go.
 *
 * @param function the first of them
 */
public record Alike(int function, Edit edit) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (edit instanceof Several || edit instanceof Alike || edit instanceof Begin || edit instanceof BecomeCopy) {
            return Located.rejected("edit", "Edits that count as one hold neither others of their kind nor the beginning of a profile.");
        }
        return Located.onFunction(before, function, at -> {
            var others = OneMeaning.of(at.channel(), at.function()).stream().filter(each -> each.id() != function).toList();
            return switch (edit.applyTo(before)) {
                case Outcome.Applied(var after) when after != before && !others.isEmpty() ->
                    Located.applied(follow(before, after, at, others));
                case Outcome<FixtureType> so -> so;
            };
        });
    }

    private FixtureType follow(FixtureType before, FixtureType after, Located.InChannel at, List<ChannelFunction> copies) {
        var others = copies.stream().filter(each -> Located.function(after, each.id()).isPresent()).toList();
        var gone = others.stream().map(ChannelFunction::id).collect(Collectors.toSet());
        var was = at.channel().functions().map(ChannelFunction::id).collect(Collectors.toSet());
        var ids = new FreshIds(after.nextId());
        var followed = after.mapChannel(at.channel().id(), channel -> withoutEmpty(channel.mapLogicalChannels(logical -> {
            var taken = logical.functions()
                .stream()
                .filter(each -> !gone.contains(each.id()))
                .map(logical::nameOf)
                .collect(Collectors.toCollection(HashSet::new));
            var functions = new ArrayList<ChannelFunction>();
            for (var each : logical.functions()) {
                if (gone.contains(each.id())) {
                    continue;
                }
                functions.add(each);
                boolean isFirst = each.id() == function;
                if (isFirst && each.modeMaster().isEmpty()) {
                    continue; // it counts always now: the others have nothing to add
                }
                if (isFirst || !was.contains(each.id()) && each.modeMaster().equals(at.function().modeMaster())
                        && each.modeFrom().equals(at.function().modeFrom())) {
                    for (var other : others) {
                        var copy = isFirst ? sameNodes(each, other, ids) : ids.copy(each);
                        functions.add(inSituationOf(other, copy, FreshName.of(taken, logical.nameOf(each))));
                    }
                }
            }
            return logical.withFunctions(functions);
        }))).with(f -> {
            f.nextId = ids.next();
            f.house = f.house.alsoFor(ids.copies());
        });
        return Relink.follow(before, followed);
    }

    private static ChannelFunction inSituationOf(ChannelFunction other, ChannelFunction copy, String name) {
        return copy.with(f -> {
            f.name = name;
            f.modeMaster = other.modeMaster();
            f.modeFrom = other.modeFrom();
            f.modeTo = other.modeTo();
        });
    }

    /** What the first has become, on the other's nodes as far as they reach. */
    private static ChannelFunction sameNodes(ChannelFunction first, ChannelFunction other, FreshIds ids) {
        return first.withId(other.id())
            .with(f -> f.ranges = IntStream.range(0, first.ranges().size())
                .mapToObj(i -> i < other.ranges().size() ? first.ranges().get(i).withId(other.ranges().get(i).id())
                        : ids.copy(first.ranges().get(i)))
                .toList());
    }

    private static Channel withoutEmpty(Channel channel) {
        return channel.logicalChannels().size() < 2 || channel.logicalChannels().stream().noneMatch(each -> each.functions().isEmpty())
                ? channel
                : channel.withLogicalChannels(channel.logicalChannels().stream().filter(each -> !each.functions().isEmpty()).toList());
    }

    @Override
    public String describe(FixtureType before) {
        return edit.describe(before);
    }
}
