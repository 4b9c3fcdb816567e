package yellowkite.core;

import static yellowkite.core.build.ProfileBuilder.part;
import static yellowkite.core.build.ProfileBuilder.reference;
import static yellowkite.core.build.ProfileBuilder.startOf;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitrary;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.AttributeDefinitions;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.Macro;
import yellowkite.core.xml.Source;
import yellowkite.core.xml.XmlNode;

/**
 * Documents as a good technician leaves them, without an error: shared channels and cells under references that may nest, two breaks,
 * conditions, relations, macros, wheels, a curve, and XML that nobody knows. What an edit spoils in them it has spoiled.
 */
public final class SoundDocuments {
    private static final List<String> SHARED = List.of("Dimmer", "Pan", "Tilt", "Gobo1", "Gobo2", "Gobo1PosRotate", "Zoom", "Prism1",
            "Control1", "Iris", "Color1");
    private static final List<String> OF_CELLS = List.of("ColorAdd_R", "ColorAdd_G", "ColorAdd_B", "ColorAdd_W");
    private static final List<String> SWITCHES = List.of("StrobeMode", "ColorAdd_UV", "Shutter1", "Shutter1Strobe", "Gobo1SelectShake",
            "DimmerMode");

    private SoundDocuments() {}

    public static Arbitrary<FixtureType> any() {
        return Choices.any(240).map(SoundDocuments::of);
    }

    public static FixtureType of(Random random) {
        var profile = ProfileBuilder.profile("Testers", "Sound")
            .id("00000000-0000-0000-0000-0000000000AA")
            .wheel("Wheel",
                    wheel -> wheel.open("Open").gobo("Reeds", "reeds").gobo("Lock", "lock").color("Amber", new ColorCie(0.56, 0.41, 50)))
            .emitter("Ruby", new ColorCie(0.69, 0.31, 20), 630.0)
            .filter("Rust", new ColorCie(0.6, 0.38, 20))
            .curve("Bent", List.of(new DmxProfile.Point(0, 0, 0, 1, 0, Source.NONE)));
        int cells = random.nextInt(4);
        boolean nested = cells > 0 && random.nextInt(3) == 0;
        boolean twoBreaks = random.nextInt(3) == 0;
        int cellSize = 1 + random.nextInt(3);
        int cellWidth = 1 + random.nextInt(2);
        int spacing = cellSize * cellWidth + random.nextInt(2);
        var shared = SHARED.subList(0, 1 + random.nextInt(SHARED.size()));
        var widths = shared.stream().map(each -> 1 + random.nextInt(2)).toList();
        int first = 3 + widths.stream().mapToInt(Integer::intValue).sum();
        body(profile, cells, nested, spacing, first, twoBreaks);
        profile.mode("Whole", "Base", mode -> {
            fill(mode, shared, widths, random);
            if (cells > 0) {
                for (int i = 0; i < cellSize; i++) {
                    int at = 1 + i * cellWidth;
                    mode.channel(OF_CELLS.get(i), "Cell", IntStream.range(at, at + cellWidth).boxed().toList(),
                            c -> c.function("Level", 0, f -> f.physical(0, 1)));
                }
            }
            if (twoBreaks) {
                mode.channel("DimmerMode", "Base", List.of(1),
                        c -> c.onBreak(2).function("Mode", 0, f -> f.physical(0, 1).range("Slow", 0).range("Fast", 128)));
                if (cells > 0) {
                    mode.channel("ColorAdd_UV", "Cell", List.of(1), c -> c.onBreak(2).function("Level", 0, f -> f.physical(0, 1)));
                }
            }
            if (cells > 0 && random.nextBoolean()) {
                mode.channel("Dimmer", "Yoke", List.of(), c -> c.function("All", 0, f -> f.physical(0, 1)));
                mode.multiply("Virtual", "Yoke_Dimmer", "Cell_ColorAdd_R.ColorAdd_R.Level");
            }
        });
        if (random.nextBoolean()) {
            profile.mode("Small", "Base",
                    mode -> mode.channel("Dimmer", "Base", List.of(1), c -> c.function("Dimmer", 0, f -> f.physical(0, 1))));
        }
        return with(profile.build(), random);
    }

    private static void body(ProfileBuilder profile, int cells, boolean nested, int spacing, int first, boolean twoBreaks) {
        var inside = new ArrayList<Geometry>();
        inside.add(part(Kind.Axis, "Yoke", part(Kind.Axis, "Head", part(Kind.Beam, "Lens"))));
        int perReference = nested ? 2 * spacing : spacing;
        for (int i = 0; i < cells; i++) {
            var start = startOf(1, first + i * perReference);
            inside.add(twoBreaks ? reference("Place " + (i + 1), nested ? "Bar" : "Cell", start, startOf(2, 2 + i * (nested ? 2 : 1)))
                    : reference("Place " + (i + 1), nested ? "Bar" : "Cell", start));
        }
        profile.body(part(Kind.Geometry, "Base", inside.toArray(Geometry[]::new)));
        if (nested) {
            profile.body(part(Kind.Geometry, "Bar",
                    twoBreaks ? reference("Left", "Cell", startOf(1, 1), startOf(2, 1)) : reference("Left", "Cell", 1),
                    twoBreaks ? reference("Right", "Cell", startOf(1, 1 + spacing), startOf(2, 2))
                            : reference("Right", "Cell", 1 + spacing)));
        }
        if (cells > 0) {
            profile.body(part(Kind.Beam, "Cell"));
        }
    }

    private static void fill(ModeBuilder mode, List<String> shared, List<Integer> widths, Random random) {
        mode.channel("StrobeMode", "Base", List.of(1), c -> c.function("Off", 0, f -> f.physical(0, 0))
            .function("On", 128, f -> f.physical(1, 1).range("Slow", 128).range("Fast", 200)));
        int next = 2;
        for (int i = 0; i < shared.size(); i++) {
            var attribute = shared.get(i);
            int width = widths.get(i);
            long max = DmxValue.max(width);
            int from = next;
            next += width;
            var geometry = attribute.equals("Pan") ? "Yoke" : attribute.equals("Tilt") ? "Head" : "Lens";
            mode.channel(attribute, geometry, IntStream.range(from, from + width).boxed().toList(), c -> {
                long second = max / 2 + 1;
                int kind = random.nextInt(4);
                c.function("First", 0,
                        f -> f.physical(0, kind == 0 ? 0 : 100)
                            .range("Open", 0, attribute.startsWith("Gobo") ? 1 : 0)
                            .range("Then", second / 2, attribute.startsWith("Gobo") ? 2 : 0)
                            .wheel(attribute.equals("Gobo1") || attribute.equals("Gobo2") ? "Wheel" : "")
                            .curve(attribute.equals("Dimmer") ? "Bent" : ""));
                if (kind == 1 || kind == 2) {
                    c.function("Second", "Gobo1SelectShake", second, f -> f.physical(1, 5).range("Fast", second));
                }
                if (kind == 2) {
                    c.startsIn("Second");
                }
                if (kind == 3) {
                    c.function("While", "Shutter1Strobe", 0,
                            f -> f.physical(1, 20)
                                .when(random.nextBoolean() ? "Base_StrobeMode" : "Base_StrobeMode.StrobeMode.On", new DmxValue(128, 1),
                                        new DmxValue(255, 1)));
                }
                if (random.nextInt(3) == 0) {
                    c.highlight(max);
                }
            });
        }
    }

    private static FixtureType with(FixtureType built, Random random) {
        var definitions = AttributeDefinitions.EMPTY;
        for (var attribute : IntStream.range(0, 3).boxed().flatMap(i -> List.of(SHARED, OF_CELLS, SWITCHES).get(i).stream()).toList()) {
            definitions = Catalogue.STANDARD.define(definitions, attribute).orElseThrow();
        }
        var defined = definitions;
        var unknown = new Source(List.of(), List.of(new XmlNode.Attribute("Finish", "matt")),
                List.of(new Source.Place.Kept(new XmlNode.Element("Shop", List.of(), List.of()))), Map.of());
        return built.with(f -> f.attributeDefinitions = defined)
            .mapModes(mode -> mode.mapChannels(channel -> random.nextInt(4) > 0 ? channel
                    : channel.mapFunctions(function -> function.with(f -> f.source = unknown)))
                .withMacros(
                        random.nextBoolean() ? List.of()
                                : List.of(
                                        new Macro(
                                                "Blink", "", List.of(
                                                        new Macro.Step(1,
                                                                List.of(new Macro.Value(new DmxValue(255, 1),
                                                                        mode.channels().getFirst().name(), Source.NONE)),
                                                                Source.NONE)),
                                                Source.NONE))));
    }
}
