package yellowkite.core.mvr;

import java.util.Set;
import java.util.stream.Collectors;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/** Profiles that programs write where they know none: so many channels of nothing. Source: MVR files as programs write them. */
public final class StandIn {
    private static final Set<String> NOTHING = Set.of("", "Dimmer", "NoFeature", "RawDMX", "Raw");

    private StandIn() {}

    /** {@return whether a mode holds nothing but several unnamed or dimmer-like channels of one part} */
    public static boolean isOne(FixtureType type, Mode mode) {
        return mode.channels().size() > 1 && type.wheels().isEmpty()
                && mode.channels().stream().map(Channel::attribute).allMatch(StandIn::isNothing)
                && mode.channels().stream().map(Channel::geometry).collect(Collectors.toSet()).size() == 1;
    }

    /** Counted ones as well: {@code Dimmer2}, {@code Raw12}. */
    private static boolean isNothing(String attribute) {
        return NOTHING.contains(attribute.replaceFirst("\\d+$", ""));
    }
}
