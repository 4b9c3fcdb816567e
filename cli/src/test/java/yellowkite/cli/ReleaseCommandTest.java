package yellowkite.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;

class ReleaseCommandTest {
    @TempDir
    private Path folder;
    private String spot;
    private String batten;
    private String spring;

    private static Called run(String... arguments) {
        return Called.of(false, "release", arguments);
    }

    @BeforeEach
    void files() throws IOException {
        spot = file("spot.gdtf", DemoHouse.petrelSpot());
        batten = file("batten.gdtf", DemoHouse.reedline10());
        spring = folder.resolve("spring.zip").toString();
    }

    private String file(String name, GdtfFile content) throws IOException {
        return Files.write(folder.resolve(name), content.write()).toString();
    }

    private Called make(String out, String title, String... more) {
        return run(Stream.concat(Stream.of("make", out, "--house", "Osier store", "--title", title), Arrays.stream(more))
            .toArray(String[]::new));
    }

    @Test
    void aReleaseThatIsMadeIsOneThatCanBeLookedInto() {
        var made = make(spring, "Spring", "--dated", "2026-04-02", spot, batten);

        assertThat(made.status()).as(made.err()).isZero();
        assertThat(made.line().path("says").asString()).isEqualTo("2 new");
        var looked = run("look", spring);
        assertThat(looked.status()).isZero();
        assertThat(looked.line().path("house").asString()).isEqualTo("Osier store");
        assertThat(looked.line().path("dated").asString()).isEqualTo("2026-04-02");
        assertThat(looked.line().path("profiles").valueStream().map(each -> each.path("name").asString()))
            .containsExactly("Petrel Spot", "Reedline 10");
        assertThat(looked.line().at("/profiles/0/kind").asString()).isEqualTo("NEW");
        assertThat(looked.line().at("/profiles/0/revision").asInt()).isEqualTo(1);
    }

    @Test
    void theNextOneSaysWhatDiffers() throws IOException {
        make(spring, "Spring", spot, batten);
        var type = DemoHouse.petrelSpot().description().type();
        // its last channel goes, so that a show that was programmed with it breaks
        var shorter = type.mapModes(mode -> mode.withChannels(mode.channels().subList(0, mode.channels().size() - 1)));
        var changed = file("changed.gdtf", new GdtfFile(GdtfDescription.of(shorter), DemoHouse.petrelSpot().others()));
        var summer = folder.resolve("summer.zip").toString();

        var made = make(summer, "Summer", "--before", spring, changed);

        assertThat(made.status()).as(made.err()).isZero();
        assertThat(made.line().path("says").asString()).isEqualTo("1 changed, of which 1 breaks; 1 withdrawn");
        var line = run("look", summer).line();
        assertThat(line.at("/profiles/0/worst").asString()).isEqualTo("BREAKS");
        assertThat(line.at("/profiles/0/revision").asInt()).isEqualTo(2);
        assertThat(line.at("/withdrawn/0/name").asString()).isEqualTo("Reedline 10");
        assertThat(line.path("earlier").toString()).isEqualTo("[\"Spring\"]");
    }

    @Test
    void whatCannotBeOneIsRefusedAndNothingIsWritten() throws IOException {
        make(spring, "Spring", spot);
        var before = Files.readAllBytes(Path.of(spring));
        var text = Files.writeString(folder.resolve("text.gdtf"), "hello").toString();

        assertThat(make(spring, "Again", spot, text)).satisfies(ran -> {
            assertThat(ran.status()).isEqualTo(2);
            assertThat(ran.line().path("file").asString()).isEqualTo(text);
        });
        assertThat(make(spring, "Twice", spot, spot).line().path("refused").asString())
            .isEqualTo("The release would hold 'Tidewick Petrel Spot' twice.");
        assertThat(make(spring, "Odd", "--before", text, spot).line().path("refused").asString()).contains("is not a ZIP archive");
        assertThat(run("make", spring, "--house", "Another", "--title", "Next", "--before", spring, spot).line()
            .path("refused")
            .asString()).contains("follows upon a release of 'Osier store', which is another house");
        assertThat(make(folder.resolve("no/such.zip").toString(), "Lost", spot).status()).isEqualTo(2);
        assertThat(Files.readAllBytes(Path.of(spring))).isEqualTo(before);
    }

    @Test
    void aCallThatIsNotUnderstoodIsStatusTwoWithASentence() {
        for (var call : List.of(List.of("make"), List.of("make", spring, spot), List.of("look"), List.of("take", spring),
                List.of("make", spring, "--house", "", "--title", "Spring", spot),
                List.of("make", spring, "--house", "Osier", "--title", "Spring", "--dated", "soon", spot))) {
            var ran = run(call.toArray(String[]::new));
            assertThat(ran.status()).as("%s", call).isEqualTo(2);
            assertThat(ran.err()).as("%s", call).isNotBlank().doesNotContain("Exception");
            assertThat(ran.lines()).as("%s", call).isEmpty();
        }
    }

    @Test
    void whatIsNoReleaseGetsItsLine() throws IOException {
        var cut = folder.resolve("cut.zip");
        make(spring, "Spring", spot);
        var whole = Files.readAllBytes(Path.of(spring));
        Files.write(cut, Arrays.copyOf(whole, whole.length - 30));

        var ran = run("look", cut.toString(), spot, "nowhere.zip", spring);

        assertThat(ran.status()).isEqualTo(2);
        assertThat(ran.lines()).hasSize(4);
        assertThat(ran.lines().subList(0, 3)).allMatch(line -> !line.path("refused").asString().isEmpty());
        assertThat(ran.lines().getLast().path("title").asString()).isEqualTo("Spring");
    }
}
