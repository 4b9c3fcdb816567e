package yellowkite.core.edit;

import java.util.Optional;
import java.util.function.Predicate;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/**
 * Exchanges pan and tilt in every mode that has both.
 *
 * @param what the parts that they turn, or the addresses that drive them
 */
public record ExchangeAxes(What what) implements Edit {

    public enum What {
        PARTS, ADDRESSES
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        var after = before.mapModes(this::exchanged);
        return after.equals(before) ? Located.rejected("what", what == What.PARTS ? "No mode has pan and tilt on two parts."
                : "No mode has pan and tilt of the same width.") : Located.applied(Relink.follow(before, after));
    }

    private Mode exchanged(Mode mode) {
        var pan = first(mode, "Pan");
        var tilt = first(mode, "Tilt");
        if (pan.isEmpty() || tilt.isEmpty()) {
            return mode;
        }
        if (what == What.ADDRESSES) {
            boolean alike = pan.get().offsets().size() == tilt.get().offsets().size() && pan.get().dmxBreak().equals(tilt.get().dmxBreak());
            return !alike ? mode
                    : mode.mapChannels(each -> each.id() == pan.get().id() ? each.withOffsets(tilt.get().offsets())
                            : each.id() == tilt.get().id() ? each.withOffsets(pan.get().offsets()) : each);
        }
        var of = pan.get().geometry();
        var to = tilt.get().geometry();
        Predicate<Channel> pans = each -> each.attribute().startsWith("Pan") && each.geometry().equals(of);
        Predicate<Channel> tilts = each -> each.attribute().startsWith("Tilt") && each.geometry().equals(to);
        return of.equals(to) ? mode
                : mode.mapChannels(each -> pans.test(each) ? each.withGeometry(to) : tilts.test(each) ? each.withGeometry(of) : each);
    }

    private static Optional<Channel> first(Mode mode, String attribute) {
        return mode.channels().stream().filter(each -> each.attribute().equals(attribute)).findFirst();
    }

    @Override
    public String describe(FixtureType before) {
        return what == What.PARTS ? "The parts of pan and tilt exchanged" : "The addresses of pan and tilt exchanged";
    }
}
