package yellowkite.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.edit.ChangeAddresses;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.InvertFunction;
import yellowkite.core.edit.LayCurve;
import yellowkite.core.edit.MoveFunctionStart;
import yellowkite.core.edit.MoveRangeStart;
import yellowkite.core.edit.OrderCells;
import yellowkite.core.edit.PutCurve;
import yellowkite.core.edit.SetStartValue;
import yellowkite.core.edit.Several;
import yellowkite.core.edit.TurnSlots;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.Geometry;

/** What makes the profile say what the fixture does. @param says a few words, as on a button */
public record Fix(String says, Edit edit) {

    /** {@return the fix; null where the profile is not what is wrong} */
    static @Nullable Fix of(Flaw flaw, CompiledMode mode) {
        return switch (flaw) {
            case Flaw.WheelOff(var wheel, var by) -> several("Turn the wheel by " + by,
                    functions(mode).filter(each -> each.wheel().equals(wheel)).map(each -> new TurnSlots(each.id(), by)));
            case Flaw.Reversed(var attribute) -> several("Reverse " + attribute,
                    carrying(mode, attribute).filter(each -> each.physicalFrom() != each.physicalTo())
                        .map(each -> new InvertFunction(each.id())));
            case Flaw.Swapped(var one, var other) -> swapped(mode, one, other);
            case Flaw.FineFirst(var attribute) -> several("Exchange the bytes of " + attribute,
                    channels(mode, attribute).map(each -> new ChangeAddresses(each.id(), each.offsets().reversed())));
            case Flaw.Shifted(var channel, var by) -> shifted(mode, channel, by);
            case Flaw.Starting(var name, var at) -> several("Start " + name + " at " + at,
                    channels(mode).filter(each -> isCalled(mode, each, name)).limit(1).map(each -> new SetStartValue(each.id(), at)));
            // output = input squared
            case Flaw.Bent(var attribute) -> several("Give " + attribute + " a square curve",
                    carrying(mode, attribute).map(each -> new LayCurve(each.id(), "Square", List.of(new PutCurve.Piece(0, 0, 0, 1, 0))))
                        .map(Edit.class::cast));
            // the addresses run the other way, and the cells go back to where they stood
            case Flaw.CellsReversed() -> several("Address the cells from the other end",
                    references(mode).flatMap(each -> Stream.of(new OrderCells(each, OrderCells.Order.REVERSED, true),
                            new OrderCells(each, OrderCells.Order.REVERSED, false))));
            case Flaw.Footprint footprint -> null;
            case Flaw.OtherPersonality other -> null;
            case Flaw.Deaf deaf -> null;
        };
    }

    private static @Nullable Fix several(String says, Stream<? extends Edit> edits) {
        List<Edit> all = edits.<Edit>map(each -> each).toList();
        return all.isEmpty() ? null : new Fix(says, all.size() == 1 ? all.getFirst() : new Several(all));
    }

    private static Stream<Channel> channels(CompiledMode mode) {
        return mode.mode().channels().stream();
    }

    private static Stream<Channel> channels(CompiledMode mode, String attribute) {
        return channels(mode).filter(each -> each.carries(attribute) && each.offsets().size() > 1);
    }

    private static Stream<ChannelFunction> functions(CompiledMode mode) {
        return channels(mode).flatMap(Channel::functions);
    }

    private static Stream<ChannelFunction> carrying(CompiledMode mode, String attribute) {
        return functions(mode).filter(each -> each.attribute().equals(attribute));
    }

    private static @Nullable Fix swapped(CompiledMode mode, String one, String other) {
        var ones = channels(mode).filter(each -> each.carries(one)).toList();
        var others = channels(mode).filter(each -> each.carries(other)).toList();
        var edits = new ArrayList<Edit>();
        for (int i = 0; i < Math.min(ones.size(), others.size()); i++) {
            if (ones.get(i).offsets().size() != others.get(i).offsets().size()) {
                return null; // of other widths, which a person has to lay out
            }
            edits.add(new ChangeAddresses(ones.get(i).id(), others.get(i).offsets()));
            edits.add(new ChangeAddresses(others.get(i).id(), ones.get(i).offsets()));
        }
        return several("Exchange the addresses of " + one + " and " + other, edits.stream());
    }

    /** Later boundaries are moved from the last to the first, earlier ones from the first to the last, so that none meets its neighbour. */
    private static @Nullable Fix shifted(CompiledMode mode, String name, long by) {
        record Start(long from, Edit moved) {}
        var starts = new ArrayList<Start>();
        for (var channel : channels(mode).filter(each -> isCalled(mode, each, name)).limit(1).toList()) {
            for (var span : mode.spans(channel)) {
                if (span.from() > 0) {
                    starts.add(new Start(span.from(), new MoveFunctionStart(span.function().id(), span.from() + by)));
                }
                span.ranges()
                    .stream()
                    .filter(each -> each.from() > span.from())
                    .forEach(each -> starts.add(new Start(each.from(), new MoveRangeStart(each.range().id(), each.from() + by))));
            }
        }
        var order = Comparator.comparingLong(Start::from);
        starts.sort(by > 0 ? order.reversed() : order);
        return several("Move all boundaries by " + by, starts.stream().map(Start::moved));
    }

    private static boolean isCalled(CompiledMode mode, Channel channel, String name) {
        return mode.map().channels().stream().filter(each -> each.channel() == channel).anyMatch(each -> Flaw.names(name, each));
    }

    private static Stream<String> references(CompiledMode mode) {
        return mode.map()
            .channels()
            .stream()
            .filter(each -> !each.path().isEmpty())
            .map(PlacedChannel::channel)
            .map(Channel::geometry)
            .distinct()
            .filter(each -> mode.type().geometries().stream().map(Geometry::name).anyMatch(each::equals));
    }
}
