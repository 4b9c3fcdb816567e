package yellowkite.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.mvr.MvrFile;
import yellowkite.core.mvr.SceneUnits;
import yellowkite.neighbour.NeighbourServer;

/** What other houses and other programs hand over, and what they get back. */
class ExchangeTest extends WithBrowser {
    private static By inDialog(String button) {
        return By.xpath("//div[@role='dialog']//button[normalize-space()='" + button + "']");
    }

    /** A placeholder, nine addresses apart, and a mode that no Moth has: each is decided for all of its kind. */
    @Test
    void aSceneIsDecidedByKindThenUpdatedInPartAndGoesOutAsItself() throws Exception {
        var first = new DrawnScene().fixture(1, "1", "Mast 1", "Weir lantern", "", 1)
            .fixture(2, "2", "Mast 2", "Weir lantern", "", 10)
            .fixture(3, "3", "Mast 3", "Weir lantern", "", 19)
            .fixture(4, "4", "Deck", "Lumbrook@Moth.gdtf", "Twelve", 101)
            .write(folder.resolve("weir.mvr"));
        browser.press("Rigs");
        browser.chooseFile("Scene", first);
        browser.seeText("4 fixtures of 2 kinds");
        browser.press("Another …");
        browser.field("Fixture and mode").sendKeys("Petrel Spot Extended");
        browser.see(By.xpath("//ul[@aria-label='Modes']//button[contains(., 'Extended')]")).click();
        browser.seeText("it takes 22 addresses where the drawing has room for 9");
        browser.press("Another …");
        browser.field("Fixture and mode").sendKeys("Moth Nine");
        browser.see(By.xpath("//ul[@aria-label='Modes']//button[contains(., 'Nine')]")).click();
        browser.seeText("All of them fit where they stand.");
        browser.seeText("It has no mode 'Twelve'");
        browser.see(By.xpath("(//button[normalize-space()='Another …'])[2]")).click();
        browser.field("Fixture and mode").sendKeys("Moth Six");
        browser.see(By.xpath("//ul[@aria-label='Modes']//button[contains(., 'Six')]")).click();
        browser.press("Make a rig of it");
        browser.see(By.xpath("//h1[normalize-space()='weir']"));
        browser.seeValue("Address of unit 3", "1.19");

        browser.type("Name of unit 2", "Mast, port");
        browser.leave();
        var next = new DrawnScene().fixture(1, "1", "Bow 1", "Weir lantern", "", 201)
            .fixture(2, "2", "Bow 2", "Weir lantern", "", 10)
            .fixture(4, "4", "Deck", "Lumbrook@Moth.gdtf", "Twelve", 101)
            .fixture(5, "5", "Stern", "Weir lantern", "", 301)
            .write(folder.resolve("weir 2.mvr"));
        browser.press("Import");
        browser.see(By.xpath("//*[@role='menuitem'][contains(., 'Newer scene')]"));
        browser.key(Keys.ESCAPE); // what the line opens is the system's own
        browser.chooseFile("Newer scene", next);
        browser.seeText("Last exchange: imported from weir.mvr");
        browser.seeText("changed here and in the file");
        browser.see(By.xpath("//section[@aria-label='Address']//label[contains(., 'Address')]//input")).click(); // theirs, and not wanted
        browser.see(By.xpath("//button[starts-with(normalize-space(), 'Update, 3 changes')]")).click();
        browser.seeText("1 unit is gone from the file of this rig, and set aside.");
        browser.seeValue("Address of unit 1", "1.1");
        browser.seeValue("Name of unit 1", "Bow 1");
        browser.seeValue("Name of unit 2", "Mast, port");
        browser.seeValue("Address of unit 5", "1.301");
        browser.press("Restore all");
        browser.seeValue("Address of unit 3", "1.19");

        browser.press("Export");
        browser.see(By.xpath("//*[@role='menuitem'][contains(., 'Scene')]")).click();
        browser.seeText("It goes out as weir 2.mvr");
        browser.see(inDialog("Export")).click();
        try (var scene = MvrFile.open(Files.readAllBytes(out("weir.mvr", Files.size(first))))) {
            assertThat(SceneUnits.of(scene.scene()).units()).extracting(unit -> unit.id() + " " + unit.name() + " " + unit.addressWords())
                .containsExactly("1 Bow 1 1.1", "2 Mast, port 1.10", "4 Deck 1.101", "5 Stern 1.301", "3 Mast 3 1.19");
            assertThat(SceneUnits.of(scene.scene()).units().get(2).asked().mode()).as("the wrong one is cured").isEqualTo("Six");
            assertThat(new String(scene.scene().write(), StandardCharsets.UTF_8)).contains("uuid=\"rock\"");
        }
    }

    /** {@return what was downloaded under a name that a file of ours has already} */
    private Path out(String name, long ours) throws Exception {
        for (int tried = 0; tried < 100; tried++) {
            try (var files = Files.list(folder)) {
                var found = files.filter(file -> file.getFileName().toString().startsWith(name.replace(".mvr", "")))
                    .filter(file -> file.toString().endsWith(".mvr") && file.toFile().length() > 3 * ours)
                    .findFirst();
                if (found.isPresent()) {
                    return found.get();
                }
            }
            Thread.sleep(100);
        }
        throw new AssertionError("nothing was downloaded");
    }

    private static void offer(int port, GdtfFile file) throws Exception {
        try (var client = HttpClient.newHttpClient()) {
            var base = "http://127.0.0.1:" + port + "/v1";
            var signedIn = client.send(HttpRequest.newBuilder(URI.create(base + "/sign-in"))
                .POST(BodyPublishers.ofString("{\"name\": \"marigold\", \"secret\": \"lantern\"}"))
                .build(), BodyHandlers.ofString()).body();
            var token = signedIn.replaceAll(".*\"token\":\"([^\"]+)\".*", "$1");
            var answer = client.send(HttpRequest.newBuilder(URI.create(base + "/offers?note=Zoom%20measured"))
                .header("Authorization", "Bearer " + token)
                .POST(BodyPublishers.ofByteArray(file.write()))
                .build(), BodyHandlers.ofString());
            assertThat(answer.statusCode()).isEqualTo(201);
        }
    }

    @Test
    void aProfileIsTakenFromASlowNeighbourAndItsNewerRevisionIsTold() throws Exception {
        try (var neighbour = new NeighbourServer(0, true, false)) {
            var fixture = fixture("Petrel Wash", "Petrel Wash Lockside", "77AA0000-0000-4000-8000-0000000000AA");
            offer(neighbour.port(), fixture);
            browser.press("Exchange");
            browser.press("Add neighbour");
            browser.write("Name", "Kettle Lane stores");
            browser.write("Address", "http://127.0.0.1:" + neighbour.port());
            browser.write("Sign in as", "marigold");
            browser.write("Secret", "lantern");
            browser.see(inDialog("Save")).click();
            browser.see(By.xpath("//li[@aria-label='Kettle Lane stores']"));
            browser
                .until("return document.activeElement.matches('button') && document.activeElement.textContent.includes('Add neighbour')");

            browser.type("Search neighbours and our own shelf", "Lockside");
            browser.press("Search");
            browser.see(By.xpath("//ul[@aria-label='Profiles']//button[contains(., 'View')]")).click();
            browser.seeText("Our House shelf has nothing for it");
            browser.see(inDialog("Import")).click();
            browser.seeText("Imported as revision 1.");
            var axe = Files.readString(Path.of("../web/node_modules/axe-core/axe.min.js"));
            assertThat(browser.accessibilityProblems(axe)).isEmpty();
            browser.see(By.xpath("//div[@role='dialog']//button[@aria-label='Close']")).click();

            offer(neighbour.port(), new GdtfFile(
                    GdtfDescription.of(fixture.description().type().with(f -> f.description = "Zoom measured anew")), fixture.others()));
            browser.press("Ask for news");
            browser.seeText("has revision 2, you know 1.");
            browser.see(By.xpath("//a[contains(., 'Exchange')]//span[contains(., '1')]"));
            for (var theme : List.of("Light theme", "Dark theme")) {
                assertThat(browser.accessibilityProblems(axe)).as("before %s", theme).isEmpty();
                browser.press(theme);
            }
            browser.press("Mark as read");
            browser.seeText("1 profile is watched");
        }
    }
}
