package yellowkite.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.LogicalChannel;

/**
 * How channels react to fades and masters; null leaves what is there.
 *
 * @param mibFade seconds that a move in black takes
 * @param dmxChangeTimeLimit seconds that a change has to take at least
 */
public record SetReaction(List<Integer> channels, LogicalChannel.@Nullable Snap snap, LogicalChannel.@Nullable Master master,
        @Nullable Double mibFade,
        @Nullable Double dmxChangeTimeLimit) implements Edit {
    /** Nothing on a fixture takes longer. */
    private static final double LONGEST = 3600;

    public SetReaction {
        channels = List.copyOf(channels);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (isNoTime(mibFade)) {
            return Located.rejected("mibFade", "A time lies from 0 to " + (int) LONGEST + " seconds.");
        }
        if (isNoTime(dmxChangeTimeLimit)) {
            return Located.rejected("dmxChangeTimeLimit", "A time lies from 0 to " + (int) LONGEST + " seconds.");
        }
        Outcome<FixtureType> so = Located.applied(before);
        for (int id : channels) {
            if (so instanceof Outcome.Applied<FixtureType> applied) {
                so = Located.onChannel(applied.after(), id,
                        at -> Located.applied(at.replace(at.channel().mapLogicalChannels(this::changed))));
            }
        }
        return so;
    }

    private LogicalChannel changed(LogicalChannel was) {
        var after = new LogicalChannel(was.id(), was.attribute(), snap == null ? was.snap() : snap, master == null ? was.master() : master,
                mibFade == null ? was.mibFade() : mibFade, dmxChangeTimeLimit == null ? was.dmxChangeTimeLimit() : dmxChangeTimeLimit,
                was.functions(), was.source());
        return after.equals(was) ? was : after;
    }

    private static boolean isNoTime(@Nullable Double seconds) {
        return seconds != null && !(seconds >= 0 && seconds <= LONGEST);
    }

    @Override
    public String describe(FixtureType before) {
        var what = new StringBuilder();
        what.append(snap == null ? "" : ", snap " + Words.small(snap))
            .append(master == null ? "" : ", master " + Words.small(master))
            .append(mibFade == null ? "" : ", move in black " + mibFade + " s")
            .append(dmxChangeTimeLimit == null ? "" : ", slowest change " + dmxChangeTimeLimit + " s");
        return "Reaction of " + Located.called(before, channels) + ": " + (what.isEmpty() ? "unchanged" : what.substring(2));
    }
}
