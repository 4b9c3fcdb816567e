package yellowkite.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.FixtureType;

/** {@code ./kite samples DIR [N]}: GDTF files to try imports with, one of them with three mistakes in it, and N made-up fixtures. */
public final class Samples {
    /** Those that fill a library come before. */
    private static final int FIRST_MADE_UP = 1_000_000;

    private Samples() {}

    public static void main(String[] arguments) {
        if (arguments.length < 1 || arguments.length > 2 || arguments.length == 2 && !arguments[1].matches("\\d{1,5}")) {
            System.err
                .println("Say which folder the sample files go to, and how many made-up fixtures beside them: ./kite samples DIR [N]");
            System.exit(2);
        }
        var folder = Path.of(arguments[0]);
        try {
            Files.createDirectories(folder);
            for (var sample : samples().entrySet()) {
                var target = folder.resolve(sample.getKey());
                Files.write(target, sample.getValue().write());
                System.out.println(target);
            }
            int made = arguments.length == 2 ? Integer.parseInt(arguments[1]) : 0;
            for (int number = 1; number <= made; number++) {
                Files.write(folder.resolve("made up " + (FIRST_MADE_UP + number) + ".gdtf"),
                        GeneratedFixtures.file(FIRST_MADE_UP + number).write());
            }
            if (made > 0) {
                System.out.println(made + " made-up fixtures");
            }
        } catch (IOException cannotWrite) {
            System.err.println("The samples could not be written to " + folder + ": " + cannotWrite.getMessage());
            System.exit(2);
        }
    }

    /** {@return the sample files by file name} */
    public static Map<String, GdtfFile> samples() {
        var samples = new LinkedHashMap<String, GdtfFile>();
        DemoHouse.files().forEach(file -> samples.put(fileName(file.description().type(), ""), file));
        var flawed = DemoHouse.petrel(withThreeMistakes(PetrelSpot.profile()));
        samples.put(fileName(flawed.description().type(), "@three mistakes"), flawed);
        return samples;
    }

    private static String fileName(FixtureType type, String comment) {
        return type.manufacturer() + "@" + type.name() + comment + ".gdtf";
    }

    /** The iris sits on the gobo's fine address, the colour wheel's link leads nowhere, and a gobo range points past its wheel's end. */
    private static FixtureType withThreeMistakes(FixtureType good) {
        var type = good.with(f -> {
            f.name = "Petrel Spot trial";
            f.fixtureTypeId = "5B1C7A52-3E60-4D0B-9C41-7A1D52E0A0FF";
            f.modes = List.of(f.modes.getFirst());
        });
        return type.mapModes(mode -> mode.mapChannels(channel -> switch (channel.attribute()) {
            case "Iris" -> channel.withOffsets(List.of(16));
            case "Color1" -> channel.mapFunctions(function -> function.with(f -> f.wheel = "Colors"));
            case "Gobo1" -> channel.mapFunctions(function -> function.mapRanges(range -> range.slot() == 5 ? range.withSlot(9) : range));
            default -> channel;
        }));
    }
}
