package yellowkite.demo;

import static yellowkite.core.build.ProfileBuilder.part;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.AttributeDefinitions;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.BeamDetails;
import yellowkite.core.profile.Geometry.BeamType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.Matrix;
import yellowkite.core.xml.Source;

/** Any number of made-up fixtures, to try the library at a size: the fixture of a number is always the same. */
public final class GeneratedFixtures {
    private static final String[] PLACES = {"Ashmere", "Brackwater", "Cotterling", "Dunmarsh", "Eelbrook", "Gravelhythe", "Hatherleat",
            "Inglewharf", "Kettlesluice", "Larkweir", "Mosslock", "Nethertow"};
    private static final String[] TRADES = {"", " Works", " Lamps", " & Daughters", " Lantern Co"};
    private static final String[] PLANTS = {"Bulrush", "Sedge", "Watermint", "Loosestrife", "Meadowsweet", "Butterbur", "Bogbean",
            "Comfrey", "Teasel", "Marestail", "Tansy", "Burdock", "Ragwort", "Cowslip", "Yarrow", "Sorrel", "Brooklime", "Hornwort"};
    private static final int PLACEHOLDER_EACH = 200;

    private enum Make {
        SPOT("Spot", BeamType.Spot, "Pan", "Tilt", "Dimmer", "Shutter1", "Zoom", "Focus1", "Gobo1", "Gobo1Pos", "Color1", "Prism1", "Iris",
                "Frost1", "ColorSub_C", "ColorSub_M", "ColorSub_Y", "Control1"),
        WASH("Wash", BeamType.Wash, "Pan", "Tilt", "Dimmer", "Shutter1", "Zoom", "ColorAdd_R", "ColorAdd_G", "ColorAdd_B", "ColorAdd_W",
                "CTO", "Control1"),
        PAR("Par", BeamType.Wash, "Dimmer", "Shutter1", "ColorAdd_R", "ColorAdd_G", "ColorAdd_B", "ColorAdd_W", "ColorAdd_UV", "CTC"),
        PROFILE("Profile", BeamType.Spot, "Dimmer", "Zoom", "Focus1", "Iris", "Gobo1", "Blade1A", "Blade1B", "Blade2A", "Blade2B"),
        STROBE("Strobe", BeamType.Wash, "Dimmer", "Shutter1", "Control1");

        private final String word;
        private final BeamType beam;
        private final List<String> attributes;

        Make(String word, BeamType beam, String... attributes) {
            this.word = word;
            this.beam = beam;
            this.attributes = List.of(attributes);
        }
    }

    private GeneratedFixtures() {}

    /** {@return the fixture type id of the fixture of a number} */
    public static String id(int number) {
        return UUID.nameUUIDFromBytes(("generated fixture " + number).getBytes(StandardCharsets.UTF_8)).toString().toUpperCase(Locale.ROOT);
    }

    /** @param number from 1 */
    public static GdtfFile file(int number) {
        return new GdtfFile(GdtfDescription.of(profile(number)), Map.of());
    }

    private static FixtureType profile(int number) {
        var chance = new Random(number);
        var make = Make.values()[chance.nextInt(Make.values().length)];
        var manufacturer = PLACES[chance.nextInt(PLACES.length)] + TRADES[chance.nextInt(TRADES.length)];
        var model = make.word + " " + PLANTS[chance.nextInt(PLANTS.length)] + " " + (1 + chance.nextInt(99)) + "abcd".charAt(number % 4);
        int watts = 10 * (4 + chance.nextInt(140));
        var beam = new Geometry.Part(Kind.Beam, "Lens", "", Matrix.IDENTITY, new BeamDetails(chance.nextInt(3) == 0 ? "Discharge" : "LED",
                watts, 8_000, 6_000, 20, 25, 1, 1.7777, 0.05, make.beam, 90, ""), List.of(), Source.NONE);
        var profile = ProfileBuilder.profile(manufacturer, model)
            .id(id(number))
            .shortName(model.replaceAll("[a-z ]", "") + number % 100)
            .description("Made up, number " + number + ".")
            .body(part(Kind.Geometry, "Body", beam));
        boolean placeholder = number % PLACEHOLDER_EACH == 0;
        int modes = 1 + chance.nextInt(4);
        for (int i = 0; i < modes; i++) {
            int share = i;
            var widths = chance.ints(make.attributes.size(), 0, 3).toArray();
            profile.mode(List.of("Standard", "Basic", "Extended", "Fine").get(i), "Body",
                    mode -> channels(mode, make, placeholder, share, widths));
        }
        return profile.revision("Made up", "2026-06-01T10:00:00", "The mill")
            .build()
            .with(f -> f.attributeDefinitions = definitions(make, placeholder));
    }

    /** A mode leaves out the more of the last attributes, the later it comes; one channel in three is fine. */
    private static void channels(ModeBuilder mode, Make make, boolean placeholder, int share, int[] widths) {
        int address = 1;
        for (int i = 0; i < Math.max(2, make.attributes.size() - 2 * share); i++) {
            var attribute = placeholder ? "NoFeature" : make.attributes.get(i);
            int from = address;
            int bytes = widths[i] == 0 ? 2 : 1;
            mode.channel(attribute, "Lens", IntStream.range(from, from + bytes).boxed().toList(), c -> c.function(attribute, 0, f -> {
                if (attribute.startsWith("Gobo1") || attribute.startsWith("Color1")) {
                    f.range("Open", 0).range("Next", bytes == 1 ? 32 : 8_192).range("Last", bytes == 1 ? 64 : 16_384);
                }
                if (attribute.equals("Shutter1")) {
                    f.physical(1, 0).range("Open", 0).range("Closed", bytes == 1 ? 200 : 51_200, 0, 0, 0);
                }
            }));
            address += bytes;
        }
    }

    private static AttributeDefinitions definitions(Make make, boolean placeholder) {
        var definitions = AttributeDefinitions.EMPTY;
        for (var attribute : placeholder ? List.of("NoFeature") : make.attributes) {
            definitions = Catalogue.STANDARD.define(definitions, attribute).orElseThrow();
        }
        return definitions;
    }
}
