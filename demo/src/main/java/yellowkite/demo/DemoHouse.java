package yellowkite.demo;

import java.util.LinkedHashMap;
import java.util.List;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.FixtureType;

/** The profiles of the Marigold lamp store. */
public final class DemoHouse {
    private DemoHouse() {}

    /** {@return every profile of the house as a whole file, gobo pictures included} */
    public static List<GdtfFile> files() {
        return List.of(withGobos(PetrelSpot.profile()), plain(Reedline10.profile()), plain(Moth.profile()));
    }

    public static GdtfFile petrelSpot() {
        return withGobos(PetrelSpot.profile());
    }

    public static GdtfFile reedline10() {
        return plain(Reedline10.profile());
    }

    public static GdtfFile moth() {
        return plain(Moth.profile());
    }

    private static GdtfFile plain(FixtureType type) {
        return new GdtfFile(GdtfDescription.of(type), new LinkedHashMap<>());
    }

    static GdtfFile withGobos(FixtureType type) {
        var media = new LinkedHashMap<String, byte[]>();
        for (var gobo : PetrelSpot.GOBOS) {
            media.put("wheels/" + gobo + ".png", Gobos.png(gobo));
        }
        return new GdtfFile(GdtfDescription.of(type), media);
    }
}
