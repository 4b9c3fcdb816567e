package yellowkite.core.dmx;

import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;

/**
 * What must hold for a function to count, in words: by the address that a technician reads on a console, and by what the channel is called.
 */
public final class SituationText {
    private SituationText() {}

    /** {@return {@code while address 12, Gobo 2, is 10–49}; empty if the function always counts} */
    public static String of(FixtureType type, LinkTargets links, ChannelFunction function) {
        if (function.modeMaster().isEmpty()) {
            return "";
        }
        var target = links.find(function.modeMaster());
        if (target == null) {
            return "never: its mode master '" + function.modeMaster() + "' is not in this mode";
        }
        var master = target.channel();
        var called = type.attributeDefinitions().pretty(master.attribute());
        long from = function.modeFrom().at(master.bytes());
        long to = function.modeTo().at(master.bytes());
        return "while " + (master.isVirtual() ? called : "address " + AddressText.of(master.offsets()) + ", " + called + ",") + " is "
                + from + (from == to ? "" : "\u2013" + to);
    }
}
