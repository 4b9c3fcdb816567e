package yellowkite.cli;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import yellowkite.core.edit.AddChannels;
import yellowkite.core.edit.AddMode;
import yellowkite.core.edit.ChangeWidth;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.InvertFunction;
import yellowkite.core.edit.NewChannel;
import yellowkite.core.edit.RemoveChannels;
import yellowkite.core.edit.RenameProfile;
import yellowkite.core.edit.SetFunctionPhysical;
import yellowkite.core.edit.SetStartValue;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.demo.DemoHouse;
import yellowkite.demo.Samples;

class ProfileCommandTest {
    @TempDir
    private Path folder;
    private String spot;
    private String batten;

    @BeforeEach
    void files() throws IOException {
        spot = Files.write(folder.resolve("spot é.gdtf"), DemoHouse.petrelSpot().write()).toString();
        batten = Files.write(folder.resolve("batten.gdtf"), DemoHouse.reedline10().write()).toString();
    }

    private static Called run(String... arguments) {
        return run(false, arguments);
    }

    private static Called run(boolean terminal, String... arguments) {
        return Called.of(terminal, "profile", arguments);
    }

    @Test
    void describesEachFileOnALineOfItsOwn() {
        var ran = run("describe", spot, batten);

        assertThat(ran.status()).isZero();
        assertThat(ran.lines()).hasSize(2);
        var extended = ran.lines().getFirst().at("/modes/0");
        assertThat(ran.lines().getFirst().path("file").asString()).isEqualTo(spot);
        assertThat(extended.at("/footprint/1").asInt()).isEqualTo(22);
        assertThat(extended.at("/channels/0").toString()).isEqualTo("""
                {"name":"Yoke_Pan","geometry":"Yoke","attribute":"Pan","break":1,"addresses":[1,2],"start":32768,"highlight":null,\
                "functions":[{"name":"Pan","attribute":"Pan","from":0,"to":65535,"default":32768,"physicalFrom":-270.0,"physicalTo":270.0,\
                "unit":"Angle","wheel":null,"curve":null,"modeMaster":null,"ranges":[]}]}""");
        assertThat(extended.at("/channels/4/functions/2/modeMaster").toString())
            .isEqualTo("{\"link\":\"Head_StrobeMode\",\"from\":0,\"to\":127}");
        assertThat(ran.lines().getFirst().at("/wheels/0/slots/1").toString())
            .isEqualTo("{\"name\":\"Reeds\",\"color\":[0.3127,0.329,100.0],\"media\":\"reeds\"}");
    }

    @Test
    void repeatsACellsChannelForEachReference() {
        var channels = run("describe", batten).lines().getFirst().at("/modes/0/channels");

        // dimmer and shutter, then red of all ten cells, then green ...
        assertThat(channels.size()).isEqualTo(42);
        assertThat(channels.get(2).path("name").asString()).isEqualTo("Cell 1_ColorAdd_R");
        assertThat(channels.get(11).path("name").asString()).isEqualTo("Cell 10_ColorAdd_R");
        assertThat(channels.get(11).path("addresses").toString()).isEqualTo("[40]"); // 4 + 9 x 4
        assertThat(channels.get(12).path("addresses").toString()).isEqualTo("[5]");
    }

    @Test
    void resolvesStartValuesWithBytesPutUponThem() {
        var channels = run("resolve", spot, "--mode", "Extended", "--dmx", "14=62,9=200", "--dmx", "8=64").lines()
            .getFirst()
            .path("channels");

        assertThat(channels.get(0).path("physical").asDouble()).isEqualTo(-270 + 540 * 32768.0 / 65535);
        assertThat(channels.get(4).path("function").asString()).isEqualTo("Random strobe");
        var gobo = channels.values().stream().filter(each -> each.path("name").asString().equals("Head_Gobo1")).findFirst().orElseThrow();
        assertThat(gobo.path("range").asString()).isEqualTo("Ripples, shaking");
        assertThat(gobo.path("slot").asInt()).isEqualTo(2);
        assertThat(gobo.path("unit").asString()).isEqualTo("Frequency");
        assertThat(gobo.path("scale").asDouble()).isEqualTo(1);
    }

    @Test
    void findsTheBytesForWantedValues() {
        var line = run("resolve", spot, "--mode", "Extended", "--wanted", "Pan=90", "--wanted", "Shutter1Strobe=0.4").lines().getFirst();

        assertThat(line.path("dmx").toString()).isEqualTo("{\"1\":170,\"2\":170,\"8\":64,\"9\":0}");
        assertThat(line.at("/reached/0").toString())
            .isEqualTo("{\"channel\":\"Yoke_Pan\",\"attribute\":\"Pan\",\"asked\":90.0,\"got\":90.0}");
        var out = run("resolve", spot, "--mode", "Extended", "--wanted", "Pan=300");
        assertThat(out.status()).isEqualTo(1);
        assertThat(out.lines().getFirst().path("refused").asString()).contains("from -270.0 to 270.0");
    }

    @Test
    void aCallThatIsNotUnderstoodIsStatusTwoWithASentence() {
        for (var arguments : List.of(List.of("paint"), List.of(), List.of("describe"), List.of("resolve", spot),
                List.of("resolve", spot, "--mode", "None"),
                List.of("resolve", spot, "--mode", "Extended", "--dmx", "1=256"),
                List.of("resolve", spot, "--mode", "Extended", "--dmx", "1"),
                List.of("resolve", spot, "--mode", "Extended", "--dmx", "513=1"),
                List.of("resolve", spot, "--mode", "Extended", "--break", "x"),
                List.of("resolve", spot, "--mode", "Extended", "--wanted", "Pan"), List.of("resolve", spot, "--mode"),
                List.of("check", spot, "--loud"),
                List.of("copy", spot))) {
            var ran = run(arguments.toArray(String[]::new));
            assertThat(ran.status()).as("%s", arguments).isEqualTo(2);
            assertThat(ran.err()).as("%s", arguments).isNotBlank().doesNotContain("Exception");
            assertThat(ran.out()).as("%s", arguments).isEmpty();
        }
    }

    @Test
    void aRefusedFileGetsItsLineAndTheOthersAreStillDone() throws IOException {
        var text = Files.writeString(folder.resolve("text.gdtf"), "hello").toString();

        var ran = run("describe", text, folder.resolve("missing.gdtf").toString(), batten);

        assertThat(ran.status()).isEqualTo(2);
        assertThat(ran.lines()).hasSize(3);
        assertThat(ran.lines().get(0).path("refused").asString()).endsWith("it is not a ZIP archive, as it has to be.");
        assertThat(ran.lines().get(1).path("refused").asString()).endsWith("does not exist.");
        assertThat(ran.lines().get(2).path("name").asString()).isEqualTo("Reedline 10");
    }

    @Test
    void checksWithJsonWhenPipedAndAReportOnATerminal() throws IOException {
        var flawed = Files
            .write(folder.resolve("flawed.gdtf"),
                    requireNonNull(Samples.samples().get("Tidewick@Petrel Spot trial@three mistakes.gdtf")).write())
            .toString();

        var piped = run("check", flawed);
        var read = run(true, "check", flawed);

        assertThat(piped.status()).isEqualTo(1);
        assertThat(piped.lines().getFirst().path("errors").asInt()).isEqualTo(3);
        assertThat(piped.lines().getFirst().at("/problems/0/rule").asString()).isEqualTo("address-overlap");
        assertThat(read.out()).contains("error  'Head_Iris' overlaps 'Head_Gobo1Pos' at address 16.")
            .contains("3 errors, 1 warning, 3 remarks");
        assertThat(run(true, "check", flawed, "--json").lines()).hasSize(1);
        assertThat(run("check", batten).status()).isZero();
    }

    @Test
    void copiesWholeOrNotAtAll() throws IOException {
        var out = folder.resolve("out.gdtf");

        assertThat(run("copy", spot, out.toString()).status()).isZero();
        assertThat(GdtfFile.read(Files.readAllBytes(out)).others().keySet()).isEqualTo(DemoHouse.petrelSpot().others().keySet());

        var before = Files.readAllBytes(out);
        var text = Files.writeString(folder.resolve("text.gdtf"), "hello").toString();
        assertThat(run("copy", text, out.toString()).status()).isEqualTo(2);
        assertThat(run("copy", spot, folder.resolve("no/such/folder.gdtf").toString()).status()).isEqualTo(2);
        assertThat(Files.readAllBytes(out)).isEqualTo(before);
        try (var files = Files.list(folder)) {
            assertThat(files.map(file -> file.getFileName().toString())).noneMatch(name -> name.startsWith(".kite"));
        }
    }

    @Test
    void helpsWithEachVerb() {
        assertThat(run("--help").out()).contains("describe", "resolve", "check", "copy");
        assertThat(run("resolve", "--help").out()).contains("--wanted").doesNotContain("copy IN");
    }

    private String edited(Edit... edits) throws IOException {
        var file = DemoHouse.petrelSpot();
        var type = file.description().type();
        for (var edit : edits) {
            type = ((Outcome.Applied<FixtureType>) edit.applyTo(type)).after();
        }
        return Files.write(folder.resolve("edited.gdtf"), new GdtfFile(file.description().withType(type), file.others()).write())
            .toString();
    }

    private static Channel channel(String attribute) {
        return DemoHouse.petrelSpot()
            .description()
            .type()
            .modes()
            .getFirst()
            .channels()
            .stream()
            .filter(each -> each.attribute().equals(attribute))
            .findFirst()
            .orElseThrow();
    }

    @Test
    void comparesTwoFilesByWhatItDoesToAShow() throws IOException {
        var pan = channel("Pan");
        var mode = DemoHouse.petrelSpot().description().type().modes().getFirst().id();

        assertThat(worst(spot)).isNull();
        assertThat(worst(edited(new InvertFunction(pan.functions().findFirst().orElseThrow().id())))).isEqualTo("BREAKS");
        assertThat(worst(edited(new ChangeWidth(pan.id(), 1)))).isEqualTo("BREAKS");
        assertThat(worst(edited(new RemoveChannels(List.of(pan.id()), false)))).isEqualTo("BREAKS");
        assertThat(worst(edited(new SetStartValue(pan.id(), 1)))).isEqualTo("SHIFTS");
        assertThat(worst(edited(new SetFunctionPhysical(pan.functions().findFirst().orElseThrow().id(), -100.0, 300.0))))
            .isEqualTo("SHIFTS");
        assertThat(worst(edited(new AddMode("Small")))).isEqualTo("ADDS");
        assertThat(worst(edited(new AddChannels(mode, List.of(new NewChannel("Fan1", "", 1, null, null, null)), null)))).isEqualTo("ADDS");
        assertThat(worst(edited(new RenameProfile("Petrel Spot II")))).isEqualTo("COSMETIC");
    }

    private @Nullable String worst(String other) {
        var ran = run("compare", spot, other);
        assertThat(ran.status()).isZero();
        var line = ran.lines().getFirst();
        assertThat(line.path("old").asString()).isEqualTo(spot);
        assertThat(line.path("differences").isEmpty()).isEqualTo(line.path("worst").isNull());
        line.path("differences")
            .forEach(each -> assertThat(each.propertyNames()).containsExactly("rank", "kind", "mode", "where", "says", "left", "right"));
        return line.path("worst").isNull() ? null : line.path("worst").asString();
    }

    @Test
    void comparesOnlyWhatItCanRead() {
        assertThat(run("compare", spot).status()).isEqualTo(2);
        assertThat(run("compare", spot, "nowhere.gdtf")).satisfies(ran -> {
            assertThat(ran.status()).isEqualTo(2);
            assertThat(ran.lines()).singleElement()
                .satisfies(line -> assertThat(line.path("refused").asString()).isEqualTo("'nowhere.gdtf' does not exist."));
        });
    }
}
