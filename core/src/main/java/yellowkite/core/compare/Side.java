package yellowkite.core.compare;

import java.util.Map;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Wheel;

/**
 * One of the two profiles.
 *
 * @param files path in the archive to the hash of what it holds; empty if the files are not at hand
 */
public record Side(FixtureType type, Map<String, String> files) {
    public Side {
        files = Map.copyOf(files);
    }

    public static Side of(FixtureType type) {
        return new Side(type, Map.of());
    }

    /** {@return what a slot's picture is known by: its content, or else its name; empty without one} */
    String picture(Wheel.Slot slot) {
        return slot.mediaFile().isEmpty() ? "" : files.getOrDefault(Media.wheelPath(slot.mediaFile()), slot.mediaFile());
    }
}
