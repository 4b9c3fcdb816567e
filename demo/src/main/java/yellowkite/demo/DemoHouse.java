package yellowkite.demo;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import yellowkite.core.furnishing.FirstHouse.OwnGobo;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.FixtureType;

/** The profiles of the Marigold lamp store. */
public final class DemoHouse {
    private DemoHouse() {}

    /** {@return every profile of the house as a whole file, pictures included} */
    public static List<GdtfFile> files() {
        return List.of(petrelSpot(), file(PetrelWash.profile(), Portraits.movingHead(), Map.of()), reedline10(), moth(),
                file(Candle.profile(), Portraits.bulb(), Map.of()),
                file(Fathom.profile(), Portraits.scroller(), Map.of()), file(Sluice.profile(), Portraits.rotator(), Map.of()),
                file(Fen.profile(), Portraits.tank(), Map.of()),
                file(Thrum.profile(), Portraits.tube(), Map.of()));
    }

    /** {@return newer revisions of profiles that rigs pin already, the oldest first} */
    public static List<GdtfFile> laterFiles() {
        return Candle.later().stream().map(type -> file(type, Portraits.bulb(), Map.of())).toList();
    }

    public static GdtfFile petrelSpot() {
        return petrel(PetrelSpot.profile());
    }

    public static GdtfFile reedline10() {
        return file(Reedline10.profile(), Portraits.batten(), Map.of());
    }

    public static GdtfFile moth() {
        return file(Moth.profile(), Portraits.par(), Map.of());
    }

    /** {@return the gobos of the house, as they sit in its fixtures} */
    public static List<OwnGobo> gobos() {
        return List.of(new OwnGobo("Reeds", "plants water still", Gobos.png("reeds")),
                new OwnGobo("Ripples", "water lines", Gobos.png("ripples")),
                new OwnGobo("Lock gate", "canal building", Gobos.png("lock-gate")), new OwnGobo("Kite", "sky sign", Gobos.png("kite")));
    }

    /** {@return a file of the moving spot, or of a variant of it} */
    static GdtfFile petrel(FixtureType type) {
        var media = new LinkedHashMap<String, byte[]>();
        for (var gobo : PetrelSpot.GOBOS) {
            media.put("wheels/" + gobo + ".png", Gobos.png(gobo));
        }
        return file(type, Portraits.movingHead(), media);
    }

    private static GdtfFile file(FixtureType type, byte[] portrait, Map<String, byte[]> media) {
        var entries = new LinkedHashMap<String, byte[]>();
        entries.put(Portraits.NAME + ".png", portrait);
        entries.putAll(media);
        return new GdtfFile(GdtfDescription.of(type.with(f -> f.thumbnail = Portraits.NAME)), entries);
    }
}
