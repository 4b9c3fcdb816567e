package yellowkite.core.gdtf;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import yellowkite.core.Fixtures;
import yellowkite.core.archive.Archive;
import yellowkite.core.archive.FormatException;
import yellowkite.core.check.Checks;
import yellowkite.core.compare.Comparison;
import yellowkite.core.compare.Side;
import yellowkite.core.dmx.Resolver;
import yellowkite.core.dmx.Tail;
import static org.assertj.core.api.Assertions.assertThat;

/** Whatever a file holds: a result or a refusal, soon, and never anything else. */
class HostileFileTest {
    /** Far more than any of these takes on a busy machine, and far less than what grows with the square of their sizes. */
    private static final Duration SOON = Duration.ofSeconds(30);
    private static final byte[] GOOD = new GdtfFile(GdtfDescription.of(Fixtures.spot()), Map.of("wheels/dots.png", new byte[]{1, 2, 3}))
        .write();

    /** Reads, and does with a file all that is done when it comes in. */
    private static boolean takenIn(byte[] bytes) {
        try {
            var file = GdtfFile.read(bytes);
            var type = file.description().type();
            Checks.of(file);
            for (var mode : type.modes()) {
                var resolver = Resolver.of(type, mode);
                resolver.resolve(resolver.startValues());
                Tail.of(type, mode);
            }
            file.write();
            assertThat(Comparison.of(Side.of(file), Side.of(file)).differences()).isEmpty();
            return true;
        } catch (FormatException refused) {
            assertThat(refused.sentence("x.gdtf")).endsWith(".").doesNotContain("Exception");
            return false;
        }
    }

    private static byte[] archive(String description) {
        var entries = new LinkedHashMap<String, byte[]>();
        entries.put("description.xml", description.getBytes(StandardCharsets.UTF_8));
        return Archive.write(entries);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void mutatedArchivesGiveAResultOrARefusal(long seed) {
        var random = new Random(seed);
        for (int i = 0; i < 600; i++) {
            var mutant = GOOD.clone();
            for (int change = 0; change <= random.nextInt(4); change++) {
                mutant[random.nextInt(mutant.length)] = (byte) random.nextInt();
            }
            takenIn(mutant);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {4, 5, 6})
    void mutatedDescriptionsGiveAResultOrARefusal(long seed) {
        var random = new Random(seed);
        var good = new String(GdtfDescription.of(Fixtures.spot()).write(), StandardCharsets.UTF_8);
        var pieces = new String[]{"", "-1", "999999999999", "NaN", "0/9", "255/1s", "Overwrite", "\"", "<", "1e308", "Yoke", "Base", "None",
                ",,,", "2.2.2"};
        int came = 0;
        for (int i = 0; i < 600; i++) {
            var text = new StringBuilder(good);
            for (int change = 0; change <= random.nextInt(5); change++) {
                int quote = text.indexOf("=\"", random.nextInt(text.length())) + 2;
                int end = text.indexOf("\"", quote);
                if (quote > 1 && end >= quote) {
                    text.replace(quote, end, pieces[random.nextInt(pieces.length)]);
                }
            }
            came += takenIn(archive(text.toString())) ? 1 : 0;
        }
        assertThat(came).as("seed %d: most bad values are no reason to refuse", seed).isGreaterThan(200);
    }

    @Test
    void geometriesThatGrowWithoutBoundEnd() {
        var bodies = new StringBuilder();
        for (int level = 0; level < 30; level++) {
            bodies.append("<Geometry Name=\"G").append(level).append("\">");
            for (int copy = 0; copy < 30; copy++) {
                bodies.append("<GeometryReference Name=\"R")
                    .append(level)
                    .append('x')
                    .append(copy)
                    .append("\" Geometry=\"G")
                    .append(level + 1)
                    .append("\"><Break DMXOffset=\"")
                    .append(copy)
                    .append("\"/></GeometryReference>");
            }
            bodies.append("</Geometry>");
        }
        var xml = "<GDTF><FixtureType><Geometries>" + bodies
                + "<Beam Name=\"G30\"/></Geometries><DMXModes><DMXMode Name=\"M\" Geometry=\"G0\"><DMXChannels>"
                + "<DMXChannel Offset=\"1\" Geometry=\"G30\"/>".repeat(50) + "</DMXChannels></DMXMode></DMXModes></FixtureType></GDTF>";

        Assertions.assertTimeoutPreemptively(SOON, () -> assertThat(takenIn(archive(xml))).isTrue());
    }

    @Test
    void aFunctionOfManyThousandRangesEnds() {
        var random = new Random(7); // names that do not pack away, so that the archive itself is no bomb
        var functions = new StringBuilder();
        for (int i = 0; i < 40_000; i++) {
            functions.append("<ChannelFunction Attribute=\"").append(Long.toHexString(random.nextLong())).append("\"/>");
        }
        functions.append("<ChannelFunction Name=\"F\">");
        for (int i = 0; i < 100_000; i++) {
            functions.append("<ChannelSet Name=\"").append(Long.toHexString(random.nextLong())).append("\" DMXFrom=\"7/1\"/>");
        }
        var xml = "<GDTF><FixtureType><DMXModes><DMXMode Name=\"M\"><DMXChannels><DMXChannel Offset=\"1\"><LogicalChannel Attribute=\"Dimmer\">"
                + functions + "</ChannelFunction></LogicalChannel></DMXChannel></DMXChannels></DMXMode></DMXModes></FixtureType></GDTF>";

        Assertions.assertTimeoutPreemptively(SOON, () -> assertThat(takenIn(archive(xml))).isTrue());
    }

    @Test
    void thousandsOfChannelsThatWaitForEachOtherEnd() {
        Assertions.assertTimeoutPreemptively(SOON, () -> assertThat(takenIn(archive(chain(3_000)))).isTrue());
    }

    private static String chain(int length) {
        var channels = new StringBuilder();
        for (int i = 0; i < length; i++) {
            channels.append("<DMXChannel Geometry=\"B")
                .append(i)
                .append("\"><LogicalChannel Attribute=\"Dimmer\"><ChannelFunction Name=\"F\" Attribute=\"Dimmer\" ModeMaster=\"B")
                .append((i + 1) % length)
                .append("_Dimmer.Dimmer.F\" ModeFrom=\"0/1\" ModeTo=\"255/1\"/></LogicalChannel></DMXChannel>");
        }
        return "<GDTF><FixtureType><DMXModes><DMXMode Name=\"M\"><DMXChannels>" + channels
                + "</DMXChannels></DMXMode></DMXModes></FixtureType></GDTF>";
    }

    @Test
    void manyThousandFiltersAndLinksToThemAreDoneSoon() {
        var filters = IntStream.range(0, 40_000).mapToObj(i -> "<Filter Name=\"F" + i + "\"/>").collect(Collectors.joining());
        var slots = IntStream.range(0, 40_000).mapToObj(i -> "<Slot Name=\"S\" Filter=\"G" + i + "\"/>").collect(Collectors.joining());

        var xml = "<GDTF DataVersion=\"1.2\"><FixtureType Name=\"N\" Manufacturer=\"M\"><Wheels><Wheel Name=\"W\">" + slots
                + "</Wheel></Wheels><PhysicalDescriptions><Filters>" + filters + "</Filters></PhysicalDescriptions></FixtureType></GDTF>";

        Assertions.assertTimeoutPreemptively(SOON, () -> assertThat(takenIn(archive(xml))).isTrue());
    }

    private static String functions(String inside) {
        return "<GDTF><FixtureType><DMXModes><DMXMode Name=\"M\"><DMXChannels><DMXChannel Offset=\"1\" Geometry=\"B\"><LogicalChannel Attribute=\"Shutter1\">"
                + inside
                + "</LogicalChannel></DMXChannel><DMXChannel Offset=\"2\" Geometry=\"B\"><LogicalChannel Attribute=\"Dimmer\"><ChannelFunction Name=\"F\" Attribute=\"Dimmer\"/></LogicalChannel></DMXChannel>"
                + "</DMXChannels></DMXMode></DMXModes></FixtureType></GDTF>";
    }

    @Test
    void thousandsOfConditionsOnOneChannelEnd() {
        var random = new Random(8);
        var inside = new StringBuilder();
        for (int i = 0; i < 20_000; i++) {
            inside.append("<ChannelFunction Name=\"")
                .append(Long.toHexString(random.nextLong()))
                .append("\" Attribute=\"Shutter1\"")
                .append(i % 2 == 0 ? " ModeMaster=\"B_Dimmer\" ModeFrom=\"0/1\" ModeTo=\"255/1\"" : "")
                .append("/>");
        }

        Assertions.assertTimeoutPreemptively(SOON, () -> assertThat(takenIn(archive(functions(inside.toString())))).isTrue());
    }

    @Test
    void thousandsOfRangesThatAreCalledOpenEnd() {
        var random = new Random(9);
        var inside = new StringBuilder("<ChannelFunction Name=\"F\" Attribute=\"Shutter1\" PhysicalFrom=\"0\" PhysicalTo=\"0\">");
        for (int i = 0; i < 60_000; i++) {
            inside.append("<ChannelSet Name=\"Open ")
                .append(Long.toHexString(random.nextLong()))
                .append("\" DMXFrom=\"")
                .append(i % 256)
                .append("/1\"/>");
        }

        Assertions.assertTimeoutPreemptively(SOON, () -> assertThat(takenIn(archive(functions(inside + "</ChannelFunction>")))).isTrue());
    }

    @Test
    void aLongChainOfReferencesThatEndsInACircleEnds() {
        var random = new Random(10);
        var parts = new StringBuilder();
        int length = 10_000;
        for (int i = 0; i < length; i++) {
            parts.append("<Geometry Name=\"P")
                .append(i)
                .append("\"><GeometryReference Name=\"")
                .append(Long.toHexString(random.nextLong()))
                .append("\" Geometry=\"P")
                .append((i + 1) % length)
                .append("\"/></Geometry>");
        }

        Assertions.assertTimeoutPreemptively(SOON,
                () -> assertThat(takenIn(archive("<GDTF><FixtureType><Geometries>" + parts + "</Geometries></FixtureType></GDTF>")))
                    .isTrue());
    }

    private static GdtfFile manyRanges(int seed) {
        var random = new Random(seed);
        var inside = new StringBuilder("<ChannelFunction Name=\"F\" Attribute=\"Shutter1\" PhysicalTo=\"" + seed + "\">");
        for (int i = 0; i < 60_000; i++) {
            inside.append("<ChannelSet Name=\"")
                .append(Long.toHexString(random.nextLong()))
                .append("\" DMXFrom=\"")
                .append(random.nextInt(Integer.MAX_VALUE))
                .append("/4\"/>");
        }
        var wide = functions(inside + "</ChannelFunction>").replace("Offset=\"1\"", "Offset=\"3,4,5,6\"");
        return GdtfFile.read(archive(wide));
    }

    @Test
    void twoProfilesOfManyThousandRangesAreComparedSoon() {
        var before = Side.of(manyRanges(11));
        var after = Side.of(manyRanges(12));

        Assertions.assertTimeoutPreemptively(SOON, () -> assertThat(Comparison.of(before, after).differences()).isNotEmpty());
    }

    private static GdtfFile manyConditions(int seed) {
        var random = new Random(13);
        var inside = new StringBuilder();
        for (int i = 0; i < 8_000; i++) {
            inside.append("<ChannelFunction Name=\"")
                .append(Long.toHexString(random.nextLong()))
                .append("\" Attribute=\"Shutter1\" DMXFrom=\"")
                .append(random.nextInt(65_536))
                .append("/2\" PhysicalTo=\"")
                .append(seed)
                .append("\" ModeMaster=\"B_Dimmer\" ModeFrom=\"")
                .append(random.nextInt(65_536))
                .append("/2\" ModeTo=\"65535/2\"/>");
        }
        return GdtfFile.read(
                archive(functions(inside.toString()).replace("Offset=\"1\"", "Offset=\"3,4\"").replace("Offset=\"2\"", "Offset=\"5,6\"")));
    }

    @Test
    void conditionsBeyondWhatCanBeLookedAtCountAsBroken() {
        var before = Side.of(manyConditions(1));
        var after = Side.of(manyConditions(2));

        Assertions.assertTimeoutPreemptively(SOON, () -> assertThat(Comparison.of(before, after).differences())
            .anySatisfy(
                    difference -> assertThat(difference.says()).startsWith("It has more functions and conditions than can be looked at")));
    }

    @Test
    void aChainOfThousandsThatDiffersAtItsEndIsComparedSoon() {
        var one = chain(3_000);
        var other = one.replace("Attribute=\"Dimmer\" ModeMaster=\"B7_", "Attribute=\"Zoom\" ModeMaster=\"B7_");

        Assertions.assertTimeoutPreemptively(SOON,
                () -> assertThat(Comparison.of(Side.of(GdtfFile.read(archive(one))), Side.of(GdtfFile.read(archive(other)))).differences())
                    .isNotEmpty());
    }
}
