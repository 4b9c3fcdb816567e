package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/**
 * Brings a function as it is now to other modes: there the function of the same name, on the channel of the same name and width, becomes
 * equal to it. {@link #twins} says beforehand where that is.
 *
 * @param modes the modes that are changed
 */
public record BringFunction(int function, List<Integer> modes) implements Edit {
    public BringFunction {
        modes = List.copyOf(modes);
    }

    /** A function of another mode that stands for the same thing. @param differs whether bringing would change it */
    public record Twin(Mode mode, Channel channel, ChannelFunction function, boolean differs) {}

    /** {@return the functions of other modes that this one can be brought to, in the order of modes} */
    public static List<Twin> twins(FixtureType type, int functionId) {
        return Located.function(type, functionId).map(at -> {
            var found = new ArrayList<Twin>();
            for (var mode : type.modes()) {
                if (mode.id() != at.at().mode().id()) {
                    twin(at, mode).ifPresent(found::add);
                }
            }
            return List.copyOf(found);
        }).orElse(List.of());
    }

    private static Optional<Twin> twin(Located.InChannel at, Mode mode) {
        return mode.channels()
            .stream()
            .filter(each -> each.name().equals(at.channel().name()) && each.bytes() == at.channel().bytes())
            .findFirst()
            .flatMap(channel -> channel.functions()
                .filter(each -> each.name().equals(at.function().name()) && each.attribute().equals(at.function().attribute()))
                .findFirst()
                .map(function -> new Twin(mode, channel, function, !at.function().withoutIds().equals(function.withoutIds()))));
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onFunction(before, function, at -> {
            var so = before;
            for (var twin : twins(before, function)) {
                if (modes.contains(twin.mode().id()) && twin.differs()) {
                    var ids = new FreshIds(so.nextId());
                    var brought = at.function()
                        .withId(twin.function().id())
                        .with(f -> f.ranges = f.ranges.stream().map(ids::copy).toList());
                    so = so
                        .mapChannel(twin.channel().id(),
                                channel -> channel.mapFunctions(each -> each.id() == twin.function().id() ? brought : each))
                        .with(f -> f.nextId = ids.next());
                }
            }
            return Located.applied(so);
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "Brought to " + modes.size() + (modes.size() == 1 ? " other mode" : " other modes")
                + Located.function(before, function).map(at -> ": '" + at.name() + "'").orElse("");
    }
}
