package yellowkite.core;

import java.util.ArrayList;
import java.util.List;
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
import yellowkite.core.profile.Emitter;
import yellowkite.core.profile.Filter;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Matrix;
import yellowkite.core.profile.Measurement;
import yellowkite.core.profile.Model;
import yellowkite.core.profile.PhysicalDescriptions;
import yellowkite.core.profile.Protocols;
import yellowkite.core.xml.Source;

/** Documents of every shape, made from decisions: what holds for all of them holds for files nobody has thought of. */
public final class Documents {
    private static final String LETTERS = "abcXYZ019 \"#%'()*+-/:;<=>@_`äß漢";
    private static final List<String> ATTRIBUTES = List.of("Dimmer", "Pan", "Gobo1", "Gobo1PosRotate", "Shutter1Strobe", "ColorAdd_R",
            "Zoom", "NoFeature");

    private Documents() {}

    public static Arbitrary<FixtureType> any() {
        return Choices.any(600).map(Documents::of);
    }

    private static FixtureType of(Random random) {
        var profile = ProfileBuilder.profile(name(random), name(random)).id("G" + random.nextInt()).description(name(random) + " & <b> é");
        profile.wheel("Wheel", wheel -> IntStream.range(0, random.nextInt(5)).forEach(i -> wheel.color(name(random), color(random))));
        var parts = new ArrayList<String>();
        profile.body(body(random, parts, 3));
        for (int m = random.nextInt(3); m >= 0; m--) {
            profile.mode("Mode " + m, parts.getFirst(), mode -> fill(mode, random, parts));
        }
        var type = profile.build();
        var definitions = AttributeDefinitions.EMPTY;
        for (var attribute : ATTRIBUTES) {
            definitions = Catalogue.STANDARD.define(definitions, attribute).orElseThrow();
        }
        var defined = definitions;
        return type.with(f -> {
            f.attributeDefinitions = defined;
            f.physicalDescriptions = physical(random);
            f.models = random.nextBoolean() ? List.of()
                    : List.of(new Model("M", number(random), number(random), 0, Model.Primitive.Head, "",
                            new Model.SvgOffsets(0, number(random), 0, 0, 0, 0), Source.NONE));
            f.protocols = random.nextBoolean() ? Protocols.NONE
                    : new Protocols(
                            new Protocols.Rdm(random.nextInt(0x7FFF), random.nextInt(0xFFFF), List.of(new Protocols.SoftwareVersion(1,
                                    List.of(new Protocols.Personality(1, "Mode 0", Source.NONE)), Source.NONE)), Source.NONE),
                            List.of(), Source.NONE);
            f.canHaveChildren = random.nextBoolean();
        });
    }

    private static void fill(ModeBuilder mode, Random random, List<String> parts) {
        mode.description(name(random));
        int channels = random.nextInt(7);
        for (int c = 0; c < channels; c++) {
            int bytes = 1 + random.nextInt(4);
            boolean virtual = random.nextInt(6) == 0;
            var addresses = IntStream.range(0, virtual ? 0 : bytes).mapToObj(i -> 1 + random.nextInt(512)).toList();
            int width = virtual ? 1 : bytes;
            mode.channel(pick(random, ATTRIBUTES), pick(random, parts), addresses, channel -> {
                if (random.nextBoolean()) {
                    channel.snap();
                }
                if (random.nextBoolean()) {
                    channel.highlight(random.nextLong(DmxValue.max(width) + 1));
                }
                long from = 0;
                for (int f = random.nextInt(4); f >= 0 && from <= DmxValue.max(width); f--) {
                    long start = from;
                    channel.function("F" + f, pick(random, ATTRIBUTES), start, function -> {
                        function.physical(number(random), number(random));
                        if (random.nextInt(4) == 0) {
                            function.when("Somewhere_Else", DmxValue.ZERO, new DmxValue(random.nextInt(256), 1));
                        }
                        if (random.nextBoolean()) {
                            function.wheel("Wheel")
                                .range(name(random), start, random.nextInt(3))
                                .range("", Math.min(start + 5, DmxValue.max(width)), 0, number(random), number(random));
                        }
                    });
                    from += 1 + random.nextLong(DmxValue.max(width) / 3);
                }
            });
        }
    }

    private static Geometry body(Random random, List<String> parts, int depth) {
        var name = "Part " + parts.size();
        parts.add(name);
        var kind = pick(random,
                List.of(Geometry.Kind.Geometry, Geometry.Kind.Axis, Geometry.Kind.Beam, Geometry.Kind.Display, Geometry.Kind.WiringObject,
                        Geometry.Kind.Inventory, Geometry.Kind.Structure, Geometry.Kind.Support));
        var children = new ArrayList<Geometry>();
        for (int i = depth == 0 ? 0 : random.nextInt(3); i > 0; i--) {
            children.add(body(random, parts, depth - 1));
        }
        Geometry.Details details = switch (kind) {
            case Beam ->
                new Geometry.BeamDetails("LED", number(random), 100, 5600, 12, 14, 1, 1.7777, 0.05, Geometry.BeamType.Spot, 90, "");
            case Display -> new Geometry.DisplayDetails("screen");
            case WiringObject ->
                Geometry.WiringDetails.NONE.withPinPatches(List.of(new Geometry.PinPatch("Other", 1, random.nextInt(5), Source.NONE)));
            case Inventory -> new Geometry.InventoryDetails(1 + random.nextInt(5));
            case Structure -> new Geometry.StructureDetails("Base", "Detail", "Tube", number(random), 0.003, "");
            case Support -> new Geometry.SupportDetails("Rope", "", "{0,0,1}", List.of(0.0, 0.0, number(random), 0.0, 0.0, 0.0),
                    List.of(0.0, 0.0, 0.0, 0.0, 0.0, 1.0));
            default -> Geometry.NoDetails.NONE;
        };
        var cells = IntStream.range(0, 16).mapToObj(i -> number(random)).toList();
        return new Geometry.Part(kind, name, "", random.nextBoolean() ? Matrix.IDENTITY : new Matrix(cells), details, children,
                Source.NONE);
    }

    private static PhysicalDescriptions physical(Random random) {
        var measurement = new Measurement(100, number(random), null, Measurement.Interpolation.Step,
                List.of(new Measurement.Point(500, number(random), Source.NONE)), Source.NONE);
        return PhysicalDescriptions.EMPTY
            .withDmxProfiles(random.nextBoolean() ? List.of()
                    : List.of(new DmxProfile("Curve", List.of(new DmxProfile.Point(0, number(random), number(random), 0, 1, Source.NONE)),
                            Source.NONE)))
            .withEmitters(random.nextBoolean() ? List.of()
                    : List.of(new Emitter("Red", color(random), number(random), "", List.of(measurement), Source.NONE)))
            .withFilters(random.nextBoolean() ? List.of() : List.of(new Filter("Amber", null, List.of(), Source.NONE)));
    }

    private static ColorCie color(Random random) {
        return new ColorCie(random.nextDouble(), random.nextDouble(), 100 * random.nextDouble());
    }

    /** Whole, fractional, tiny and huge ones. */
    private static double number(Random random) {
        return switch (random.nextInt(4)) {
            case 0 -> random.nextInt(-1000, 1000);
            case 1 -> random.nextDouble();
            case 2 -> random.nextGaussian() * 1e-9;
            default -> random.nextGaussian() * 1e12;
        };
    }

    private static String name(Random random) {
        var name = new StringBuilder();
        for (int i = random.nextInt(8); i >= 0; i--) {
            name.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
        }
        return name.toString();
    }

    private static <T> T pick(Random random, List<T> of) {
        return of.get(random.nextInt(of.size()));
    }
}
