package yellowkite.core.edit;

import java.util.HashSet;
import java.util.Optional;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/** Whether the channels of a mode have names of their own: of two with one name, links reach only the first. */
final class ChannelNames {
    private ChannelNames() {}

    /** {@return the outcome, or a refusal where two channels of a mode would come to be called alike} */
    static Outcome<FixtureType> kept(FixtureType before, Outcome<FixtureType> outcome) {
        if (!(outcome instanceof Outcome.Applied<FixtureType> applied)) {
            return outcome;
        }
        for (var mode : applied.after().modes()) {
            var was = before.findMode(mode.id()).orElse(null);
            var twice = was != null && (areCalledAlike(was, mode) || twice(was).isPresent()) ? Optional.<String>empty() : twice(mode);
            if (twice.isPresent()) {
                return new Outcome.Rejected<>("channels", "Two channels of mode '" + mode.name() + "' would be called '" + twice.get()
                        + "'; a part has one channel of each attribute. Give one of them another attribute or part first.");
            }
        }
        return outcome;
    }

    /** Most edits rename nothing. */
    private static boolean areCalledAlike(Mode was, Mode now) {
        if (was.channels().size() != now.channels().size()) {
            return false;
        }
        for (int i = 0; i < was.channels().size(); i++) {
            var before = was.channels().get(i);
            var after = now.channels().get(i);
            if (before != after && !before.name().equals(after.name())) {
                return false;
            }
        }
        return true;
    }

    private static Optional<String> twice(Mode mode) {
        var seen = new HashSet<String>();
        return mode.channels().stream().map(Channel::name).filter(name -> !seen.add(name)).findFirst();
    }
}
