package yellowkite.core.edit;

import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;

/**
 * Lets a function count only while a channel of the same mode stands in a range of values.
 *
 * @param master the channel; null = the function always counts
 * @param from first value, raw and in the master's own width; {@code to} the last
 */
public record SetModeMaster(int function, @Nullable Integer master, long from, long to) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onFunction(before, function, at -> {
            if (master == null) {
                return Located.applied(at.replace(at.function().with(f -> {
                    f.modeMaster = "";
                    f.modeFrom = DmxValue.ZERO;
                    f.modeTo = DmxValue.ZERO;
                })));
            }
            var channel = at.at().mode().findChannel(master);
            if (channel.isEmpty()) {
                return Located.rejected("master", "That channel is not in mode '" + at.at().mode().name() + "'.");
            }
            if (channel.get().id() == at.channel().id()) {
                return Located.rejected("master", "A function cannot wait for its own channel.");
            }
            if (from < 0 || to < from || to > channel.get().max()) {
                return Located.rejected("from", "The values of '" + channel.get().name() + "' lie from 0 to " + channel.get().max() + "; "
                        + from + " to " + to + " is no range of them.");
            }
            // a condition upon a channel looks at its value alone, so channels may wait for each other
            return Located.applied(at.replace(at.function().with(f -> {
                f.modeMaster = channel.get().name();
                f.modeFrom = new DmxValue(from, channel.get().bytes());
                f.modeTo = new DmxValue(to, channel.get().bytes());
            })));
        });
    }

    @Override
    public String describe(FixtureType before) {
        var name = Located.function(before, function).map(at -> "'" + at.name() + "'").orElse("A function");
        return master == null ? name + " always counts"
                : name + " is active only while " + Located.channel(before, master).map(Located.InMode::called).orElse("a channel") + " is "
                        + from + " to " + to;
    }
}
