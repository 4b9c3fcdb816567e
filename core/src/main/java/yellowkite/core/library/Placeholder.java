package yellowkite.core.library;

import java.util.Set;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;

/** Profiles that hold a place for a fixture that nobody has written yet: a footprint, and nothing of what its channels do. */
public final class Placeholder {
    private static final Set<String> SAY_NOTHING = Set.of("", ChannelFunction.NO_FEATURE, "Dummy");

    private Placeholder() {}

    /** {@return whether there are channels, and none of them says what it does} */
    public static boolean is(FixtureType type) {
        var channels = type.modes().stream().flatMap(mode -> mode.channels().stream()).toList();
        return !channels.isEmpty() && channels.stream()
            .allMatch(channel -> SAY_NOTHING.contains(channel.attribute())
                    && channel.functions().allMatch(each -> SAY_NOTHING.contains(each.attribute())));
    }
}
