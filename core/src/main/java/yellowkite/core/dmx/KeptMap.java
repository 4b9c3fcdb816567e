package yellowkite.core.dmx;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Wheel;

/**
 * Whether a profile still does at every DMX value what another one does, what its slots hold aside: so that one can stand in for the other
 * in a show.
 */
public final class KeptMap {
    private KeptMap() {}

    /** {@return what differs, in a few words; empty if the map is kept} Names of named ranges and of slots may differ. */
    public static Optional<String> broken(FixtureType origin, FixtureType type) {
        if (!origin.modes()
            .stream()
            .map(KeptMap::withoutNames)
            .toList()
            .equals(type.modes().stream().map(KeptMap::withoutNames).toList())) {
            return Optional.of("its modes are no longer those of '" + origin.name() + "'");
        }
        if (origin.geometries() != type.geometries() && !origin.geometries().equals(type.geometries())) {
            return Optional.of("its body is no longer that of '" + origin.name() + "'");
        }
        if (!curves(origin).equals(curves(type))) {
            return Optional.of("its curves are no longer those of '" + origin.name() + "'");
        }
        if (!names(origin).equals(names(type))) {
            return Optional.of("its wheels are no longer those of '" + origin.name() + "'");
        }
        for (int i = 0; i < type.wheels().size(); i++) {
            var was = origin.wheels().get(i);
            var now = type.wheels().get(i);
            if (was.slots().size() != now.slots().size()) {
                return Optional.of("wheel '" + now.name() + "' has " + now.slots().size() + " slots, and " + was.slots().size() + " in '"
                        + origin.name() + "'");
            }
            if (WheelKind.of(origin, was) != WheelKind.of(type, now)) {
                return Optional.of("wheel '" + now.name() + "' is of another kind than in '" + origin.name() + "'");
            }
        }
        return Optional.empty();
    }

    /** {@return the curves that functions run through, by name} A function whose curve is not there runs straight. */
    private static Map<String, Optional<DmxProfile>> curves(FixtureType type) {
        return type.modes()
            .stream()
            .flatMap(mode -> mode.channels().stream())
            .flatMap(Channel::functions)
            .map(ChannelFunction::dmxProfile)
            .filter(name -> !name.isEmpty())
            .distinct()
            .collect(Collectors.toMap(name -> name, name -> type.physicalDescriptions().findDmxProfile(name)));
    }

    private static List<String> names(FixtureType type) {
        return type.wheels().stream().map(Wheel::name).toList();
    }

    private static Mode withoutNames(Mode mode) {
        return mode.mapChannels(channel -> channel.mapFunctions(function -> function.mapRanges(range -> range.withName(""))));
    }
}
