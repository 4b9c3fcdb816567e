package yellowkite.server.revisions;

import java.util.List;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Tail;

/** A mode in one line. @param channels with cells expanded */
public record ModeSummary(String name, int footprint, int channels, List<Tail.Bundle> tail) {

    public static ModeSummary of(CompiledMode mode) {
        var map = mode.map();
        return new ModeSummary(mode.mode().name(), map.totalFootprint(), map.channels().size(), Tail.of(mode.type(), map));
    }
}
