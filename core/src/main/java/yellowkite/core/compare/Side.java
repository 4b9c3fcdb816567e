package yellowkite.core.compare;

import java.util.Map;
import yellowkite.core.archive.Sha256;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Wheel;

/**
 * One of the two profiles.
 *
 * @param files path in the archive to the hash of what it holds; empty if the files are not at hand
 * @param version of the standard that the file names; empty if it is not at hand
 */
public record Side(FixtureType type, Map<String, String> files, String version) {
    public Side {
        files = Map.copyOf(files);
    }

    public Side(FixtureType type, Map<String, String> files) {
        this(type, files, "");
    }

    /** {@return a whole file, with what lies beside its description} */
    public static Side of(GdtfFile file) {
        return new Side(file.description().type(), Sha256.ofAll(file.others()), file.description().dataVersion());
    }

    public static Side of(FixtureType type) {
        return new Side(type, Map.of());
    }

    /** {@return what a slot's picture is known by: its content, or else its name; empty without one} */
    String picture(Wheel.Slot slot) {
        return slot.mediaFile().isEmpty() ? "" : files.getOrDefault(Media.wheelPath(slot.mediaFile()), slot.mediaFile());
    }
}
