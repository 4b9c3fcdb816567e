package yellowkite.core.dmx;

import java.util.List;
import java.util.Optional;
import yellowkite.core.profile.FixtureType;

/** A document with its modes, each compiled once for all who ask. */
public record CompiledType(FixtureType type, List<CompiledMode> modes) {
    public CompiledType {
        modes = List.copyOf(modes);
    }

    public static CompiledType of(FixtureType type) {
        return new CompiledType(type, type.modes().stream().map(mode -> CompiledMode.of(type, mode)).toList());
    }

    /** @param id of a mode of the document */
    public Optional<CompiledMode> find(int id) {
        return modes.stream().filter(each -> each.mode().id() == id).findFirst();
    }
}
