package yellowkite.core.edit;

import java.util.ArrayDeque;
import java.util.HashSet;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.LinkTargets;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;

/**
 * Lets a function count only while a channel of the same mode stands in a range of values.
 *
 * @param master the channel; null = the function always counts
 * @param from   first value, raw and in the master's own width; {@code to} the last
 */
public record SetModeMaster(int function, @Nullable Integer master, long from, long to) implements Edit {
    @Override
    public Outcome applyTo(FixtureType before) {
        return Starts.kept(before, Located.onFunction(before, function, at -> {
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
                return Located.rejected("from", "The values of '" + channel.get().name() + "' lie from 0 to " + channel.get().max() + "; " + from + " to " + to + " is no range of them.");
            }
            var after = at.replace(at.function().with(f -> {
                f.modeMaster = channel.get().name();
                f.modeFrom = new DmxValue(from, channel.get().bytes());
                f.modeTo = new DmxValue(to, channel.get().bytes());
            }));
            return runsInACircle(after, at.at().mode().id()) ? Located.rejected("master", "'" + channel.get().name() + "' waits for '" + at.name() + "' itself: neither would ever count.") : Located.applied(after);
        }), "master");
    }

    /** Through the channel: whatever its functions wait for must not come back here. */
    private boolean runsInACircle(FixtureType type, int modeId) {
        var mode = type.findMode(modeId).orElseThrow();
        var targets = LinkTargets.of(mode);
        var seen = new HashSet<Integer>();
        var open = new ArrayDeque<Integer>();
        open.add(master);
        int own = Located.function(type, function).orElseThrow().channel().id();
        while (!open.isEmpty()) {
            int id = open.pop();
            if (id == own) {
                return true;
            }
            if (seen.add(id)) {
                mode.findChannel(id).orElseThrow().functions().map(each -> targets.find(each.modeMaster())).filter(Objects::nonNull).forEach(target -> open.add(target.channel().id()));
            }
        }
        return false;
    }

    @Override
    public String describe(FixtureType before) {
        var name = Located.function(before, function).map(at -> "'" + at.name() + "'").orElse("A function");
        return master == null ? name + " always counts" : name + " counts while " + Located.channel(before, master).map(Located.InMode::called).orElse("a channel") + " is " + from + " to " + to;
    }
}
