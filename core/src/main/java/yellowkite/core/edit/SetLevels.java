package yellowkite.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.ValueText;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;

/**
 * Gives channels a value of their own at a certain time, as it is typed; each reads it in its own width.
 *
 * @param to as in {@link ValueText}; empty = none, where a channel can go without
 */
public record SetLevels(List<Integer> channels, Level level, String to) implements Edit {

    public enum Level {
        /** While nothing else is asked for. */
        START,
        /** While the fixture is to be found. */
        HIGHLIGHT,
        /** At a blackout; kept in the house part. */
        BLACKOUT
    }

    public SetLevels {
        channels = List.copyOf(channels);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        Outcome<FixtureType> so = Located.applied(before);
        for (int id : channels) {
            if (so instanceof Outcome.Applied<FixtureType> applied) {
                so = Located.onChannel(applied.after(), id, this::set);
            }
        }
        return so;
    }

    private Outcome<FixtureType> set(Located.InMode at) {
        int id = at.channel().id();
        if (to.isBlank() && level == Level.START) {
            return Located.rejected("to", "A channel always has a start value.");
        }
        if (to.isBlank()) {
            return set(at, id, null);
        }
        var read = ValueText.read(to, at.channel().bytes(), ValueText.Form.VALUE);
        return read.reason() != null ? Located.rejected("to", at.called() + ": " + read.reason()) : set(at, id, read.raw());
    }

    private Outcome<FixtureType> set(Located.InMode at, int id, @Nullable Long raw) {
        return switch (level) {
            case START -> new SetStartValue(id, raw == null ? 0 : raw).applyTo(at.type());
            case HIGHLIGHT -> new SetHighlight(id, raw).applyTo(at.type());
            case BLACKOUT -> Located.applied(at.type()
                .with(f -> f.house = f.house.withCare(id,
                        f.house.care(id).withBlackout(raw == null ? null : new DmxValue(raw, at.channel().bytes())))));
        };
    }

    @Override
    public String describe(FixtureType before) {
        var what = switch (level) {
            case START -> "Start value";
            case HIGHLIGHT -> "Highlight value";
            case BLACKOUT -> "Value at blackout";
        };
        return what + " of " + Located.called(before, channels) + " → " + (to.isBlank() ? "none" : to.strip());
    }
}
