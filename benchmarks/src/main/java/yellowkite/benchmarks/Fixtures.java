package yellowkite.benchmarks;

import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;
import static yellowkite.core.build.ProfileBuilder.reference;
import static yellowkite.core.build.ProfileBuilder.startOf;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalUnit;

/** Fixtures of the sizes that the budgets name. */
final class Fixtures {
    private static final int PICTURES = 40;
    private static final int PICTURE_BYTES = 24_000;

    private Fixtures() {}

    /** Channels of 8 and 16 bit in turn, each with two functions and six named ranges. */
    static FixtureType fixture(int modes, int channels) {
        var parts = new Geometry[channels];
        for (int i = 0; i < channels; i++) {
            parts[i] = part(Kind.Beam, "Part " + i);
        }
        var profile = ProfileBuilder.profile("Testers", "Measured")
            .id("B")
            .attribute("Dimmer", "Dimmer", "Dimmer.Dimmer", "", PhysicalUnit.LuminousIntensity)
            .attribute("Shutter1Strobe", "Strobe", "Beam.Beam", "", PhysicalUnit.Frequency)
            .body(part(Kind.Geometry, "Base", parts));
        for (int m = 0; m < modes; m++) {
            profile.mode("Mode " + m, "Base", mode -> channels(mode, channels));
        }
        return profile.build();
    }

    private static void channels(ModeBuilder mode, int channels) {
        int next = 1;
        for (int i = 0; i < channels; i++) {
            boolean wide = i % 2 == 1 && next + channels - i < 512;
            int address = next;
            long half = wide ? 32_768 : 128;
            long step = half / 4;
            mode.channel("Dimmer", "Part " + i, wide ? at(address, address + 1) : at(address), c -> c
                .function("Level", 0, f -> f.physical(0, 100).range("Low", 0).range("Middle", step).range("High", 2 * step))
                .function("Strobe", "Shutter1Strobe", half,
                        f -> f.physical(0.5, 20).range("Slow", half).range("Fast", half + step).range("Fastest", half + 2 * step)));
            next += wide ? 2 : 1;
        }
    }

    /** The same fixture with every channel two addresses on and every named range called otherwise. */
    static FixtureType moved(FixtureType fixture) {
        return fixture
            .mapModes(mode -> mode.mapChannels(channel -> channel.withOffsets(channel.offsets().stream().map(each -> each + 2).toList())
                .mapFunctions(function -> function.mapRanges(range -> range.withName(range.name() + " now")))));
    }

    static GdtfFile typicalFile() {
        return new GdtfFile(GdtfDescription.of(fixture(8, 60)), Map.of());
    }

    /** 280 shared channels and 20 of a cell that stands eight times, a wheel of 40 gobos, and their pictures. */
    static GdtfFile heavyFile() {
        var shared = 280;
        var parts = new ArrayList<Geometry>();
        IntStream.range(0, shared).forEach(i -> parts.add(part(Kind.Beam, "Part " + i)));
        IntStream.range(0, 8).forEach(i -> parts.add(reference("Cell " + (i + 1), "Cell", startOf(2, 1 + 20 * i))));
        var profile = ProfileBuilder.profile("Testers", "Heavy")
            .id("H")
            .attribute("Dimmer", "Dimmer", "Dimmer.Dimmer", "", PhysicalUnit.LuminousIntensity)
            .attribute("Shutter1Strobe", "Strobe", "Beam.Beam", "", PhysicalUnit.Frequency)
            .wheel("Gobos", wheel -> IntStream.range(0, PICTURES).forEach(i -> wheel.gobo("Gobo " + i, "gobo" + i)))
            .body(part(Kind.Geometry, "Base", parts.toArray(Geometry[]::new)))
            .body(part(Kind.Geometry, "Cell", IntStream.range(0, 20).mapToObj(i -> part(Kind.Beam, "Eye " + i)).toArray(Geometry[]::new)))
            .mode("All", "Base", mode -> {
                channels(mode, shared);
                for (int i = 0; i < 20; i++) {
                    mode.channel("Dimmer", "Eye " + i, at(i + 1),
                            c -> c.overwriteBreak().function("Level", 0, f -> f.physical(0, 100).range("Low", 0).range("High", 128)));
                }
            })
            .build();
        var pictures = new LinkedHashMap<String, byte[]>();
        var chance = new Random(40);
        for (int i = 0; i < PICTURES; i++) {
            var picture = new byte[PICTURE_BYTES];
            chance.nextBytes(picture); // what a picture's own packing leaves cannot be packed again
            pictures.put("wheels/gobo" + i + ".png", picture);
        }
        return new GdtfFile(GdtfDescription.of(profile), pictures);
    }
}
