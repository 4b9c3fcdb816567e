package yellowkite.server.revisions;

import java.util.List;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.Tail;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/** A mode in one line. @param channels with cells expanded */
public record ModeSummary(String name, int footprint, int channels, List<Tail.Bundle> tail) {

    public static ModeSummary of(FixtureType type, Mode mode) {
        var map = AddressMap.of(type, mode);
        return new ModeSummary(mode.name(), map.totalFootprint(), map.channels().size(), Tail.of(type, map));
    }
}
