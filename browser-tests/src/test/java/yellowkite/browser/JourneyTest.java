package yellowkite.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.FixtureType;

class JourneyTest extends WithBrowser {
    private void openEditor(String name) {
        browser.type("Find profiles", name);
        browser.follow("//a[starts-with(@href, '/editor/')][contains(., '" + name + "')]");
        browser.see(By.cssSelector("ul[aria-label=Channels] li"));
    }

    private void openChannel(String pretty) {
        browser.see(By.xpath("//ul[@aria-label='Channels']//button[@aria-expanded][starts-with(normalize-space(), '" + pretty + " Head')]"))
            .click();
        browser.see(By.cssSelector("section[aria-label=Channel]"));
    }

    @Test
    void aFileComesInIsCorrectedAndGoesOutAgain() throws Exception {
        var imported = fixture("Shearwater", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B001");
        browser.run("localStorage.clear()");
        browser.openFirstTime(RunningKite.address());
        browser.type("Your name", "Ines");
        browser.see(By.cssSelector("article[aria-posinset]"));

        browser.drop("shearwater.gdtf", imported.write());
        browser.seeText("Revision 1, from shearwater.gdtf");
        browser.seeText("is one slot off");
        browser.press("Close");

        openEditor("Shearwater");
        openChannel("Gobo 1");
        browser.clickAt(browser.see(By.cssSelector("[role=slider][aria-label='Probe on Gobo 1 Head']")), 0.2);
        browser.seeText("Reeds, shaking, at");
        browser.type("First value of Ripples, shaking", "70");
        browser.seeText("Start of 'Ripples, shaking' 62 → 70");
        browser.type("Name of Reeds, shaking", "Reeds in the wind");
        browser.seeText("Range is called 'Reeds in the wind'");
        browser.type("Slot of Ripples, shaking", "9");
        browser.seeText("Wheel 'Gobos' has slots 1 to 5; 9 is not one of them.");
        browser.field("Slot of Ripples, shaking").sendKeys(Keys.ESCAPE);

        browser.see(By.cssSelector("body")).sendKeys(Keys.chord(Keys.CONTROL, "z"));
        browser
            .see(By.xpath("//section[@aria-label='History']//button[contains(@class, 'line-through')][contains(., 'Reeds in the wind')]"));

        browser.press("Publish");
        browser.type("What changed, in one line", "Ripples shake from 70");
        browser.seeText("Published as revision 2.");
        browser.press("Export");
        browser.see(By.xpath("//a[contains(., 'Revision 2')]")).click();

        var out = GdtfFile.read(Files.readAllBytes(downloaded(".gdtf")));
        var was = GdtfFile.read(imported.write());
        assertThat(xml(withoutRevisions(out.description().type()))).isEqualTo(xml(withoutRevisions(moved(was.description().type()))));
        assertThat(out.description().type().revisions().getLast().text()).isEqualTo("Ripples shake from 70");
        assertThat(out.description().type().revisions().getLast().modifiedBy()).isEqualTo("Ines");
        assertThat(out.others().keySet()).isEqualTo(was.others().keySet());
    }

    private static FixtureType moved(FixtureType type) {
        int mode = type.modes().getFirst().id();
        return type.mapModes(each -> each.id() != mode ? each
                : each.mapChannels(channel -> channel.mapFunctions(function -> function.mapRanges(
                        range -> range.name().equals("Ripples, shaking") ? range.withDmxFrom(new yellowkite.core.profile.DmxValue(70, 1))
                                : range))));
    }

    private static FixtureType withoutRevisions(FixtureType type) {
        return type.with(f -> f.revisions = List.of());
    }

    private static String xml(FixtureType type) {
        return new String(GdtfDescription.of(type).write(), StandardCharsets.UTF_8);
    }

    @Test
    void refusedFilesAreNamedAndAGoodOneInTheSameDropComesIn() throws IOException {
        var text = Files.writeString(folder.resolve("holiday.gdtf"), "not a fixture");
        var cut = Files.write(folder.resolve("cut.gdtf"), java.util.Arrays.copyOf(fixture("X", "X").write(), 3_000));
        var good = Files.write(folder.resolve("good.gdtf"), fixture("Mallet", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B002").write());
        browser.open(RunningKite.address(), "Ines");

        browser.takeIn(List.of(text, cut, good));

        browser.seeText("1 of 3 files are in the library; the others were refused.");
        browser.seeText("'holiday.gdtf' was refused: it is not a ZIP archive, as it has to be.");
        browser.seeText("'cut.gdtf' was refused: it is a ZIP archive that is cut short or damaged.");
        browser.press("Edit");
        browser.see(By.xpath("//h1[normalize-space()='Mallet']"));
    }

    @Test
    void aFindingOfTheImportIsMendedOnTheSpotAndLeadsToItsPlace() throws IOException {
        var flawed = fixture("Turnstone", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B006");
        var type = flawed.description()
            .type()
            .mapModes(mode -> mode.mapChannels(channel -> channel
                .mapFunctions(function -> function.mapRanges(range -> range.name().equals("Kite") ? range.withSlot(9) : range))));
        browser.drop("turnstone.gdtf", new GdtfFile(GdtfDescription.of(type), flawed.others()).write());

        browser.seeText("'Kite' points at slot 9; wheel 'Gobos' has 5.");
        browser.press("Point at no slot");
        browser.seeText("Mended in the draft; publish it in the editor.");
        browser.press("Show");

        browser.see(By.xpath("//h1[normalize-space()='Turnstone']"));
        browser.see(By.xpath("//button[@aria-expanded='true'][contains(., 'Gobo 1')]"));
        browser.seeText("draft on revision 1");
    }

    @Test
    void aBoundaryIsDraggedAndTheKeyboardMovesTheProbe() throws IOException {
        browser.drop("razorbill.gdtf", fixture("Razorbill", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B004").write());
        browser.press("Edit");
        openChannel("Gobo 1");

        var handle = browser.see(By.cssSelector("[data-boundary^=f][title*='Wheel spins']"));
        int width = browser.see(By.cssSelector("[role=slider][aria-label='Probe on Gobo 1 Head']")).getSize().getWidth();
        browser.drag(handle, width / 16);
        browser.seeText("Start of 'Wheel spins' 128 →");
        browser.drag(browser.see(By.cssSelector("[data-boundary^=f][title*='Shake']")), width / 2);
        browser.seeText("is outside.");

        var slider = browser.see(By.cssSelector("[role=slider][aria-label='Probe on Iris Head']"));
        slider.sendKeys(Keys.END);
        browser.seeText("Iris, at 15 %.");
        browser.see(By.cssSelector("[role=slider][aria-label='Probe on Iris Head']")).sendKeys(Keys.HOME);
        browser.seeText("Iris, at 100 %.");
    }

    @Test
    void twoBrowsersOnOneDraftSeeEachOther() throws IOException {
        browser.drop("gannet.gdtf", fixture("Gannet", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B003").write());
        browser.press("Edit");
        browser.see(By.cssSelector("ul[aria-label=Channels] li"));
        try (var other = new Browser(folder)) {
            other.open(browser.address(), "Teun");
            other.see(By.cssSelector("ul[aria-label=Channels] li"));
            // a page in the background looks for no news, so that its next edit comes too late for certain
            browser.run("Object.defineProperty(document, 'visibilityState', { configurable: true, get: () => 'hidden' });"
                    + "document.dispatchEvent(new Event('visibilitychange'))");
            other.type("Mode name", "Everything");
            other.seeText("Mode is called 'Everything', was 'Extended'");

            browser.type("Profile name", "Northern gannet");

            browser.seeText("Profile is called 'Northern gannet', was 'Gannet'"); // another place: both stand
            browser.seeValue("Mode name", "Everything");
            other.type("Mode name", "All of it");
            other.seeText("Mode is called 'All of it', was 'Everything'");
            browser.type("Mode name", "Ours");

            browser.seeText("Teun has changed mode 'All of it' meanwhile: Mode is called 'All of it', was 'Everything'.");
            browser.seeValue("Mode name", "Ours"); // what was typed stays
            other.press("Undo");
            other.seeValue("Mode name", "Everything"); // one's own, though the other has gone on elsewhere
        }
        browser.open(browser.address(), "Ines");
        browser.seeValue("Mode name", "Everything");
        browser.seeText("Profile is called 'Northern gannet', was 'Gannet'");
    }

    @Test
    void thePageSaysThatTheDatabaseIsAwayAndGoesOnByItself() throws IOException {
        browser.drop("skua.gdtf", fixture("Skua", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B005").write());
        browser.press("Edit");
        browser.type("Mode name", "Before the fall");
        browser.seeText("Mode is called 'Before the fall'");

        ProcessHandle.of(RunningKite.database().pid()).orElseThrow().destroyForcibly();

        browser.type("Profile name", "Great skua");
        browser.seeText("The database does not answer just now.");
        browser.seeText("Profile is called 'Great skua', was 'Skua'");
        browser.seeNoMore(By.xpath("//*[contains(text(), 'does not answer just now')]"));
        browser.seeValue("Mode name", "Before the fall");
    }

    @Test
    void anEmptySearchSaysWhatToDoNext() {
        browser.open(RunningKite.address(), "Ines");

        browser.type("Find profiles", "zzzz");

        browser.seeText("Nothing fits 'zzzz'");
        browser.open(RunningKite.address() + "editor/00000000-0000-0000-0000-000000000000", "Ines");
        browser.seeText("This profile cannot be opened");
    }

    @Test
    void noPlaceHasASeriousAccessibilityProblemInEitherTheme() throws IOException {
        var axe = Files.readString(Path.of("../web/node_modules/axe-core/axe.min.js"));
        for (var theme : List.of("dark", "light")) {
            browser.open(RunningKite.address(), "Ines");
            browser.run("localStorage.setItem('kite-theme', arguments[0])", theme);
            browser.open(RunningKite.address(), "Ines");
            browser.see(By.cssSelector("article[aria-posinset]"));
            assertThat(browser.accessibilityProblems(axe)).as("library, %s", theme).isEmpty();
            openEditor("Petrel Spot");
            openChannel("Gobo 1");
            browser.clickAt(browser.see(By.cssSelector("[role=slider][aria-label='Probe on Gobo 1 Head']")), 0.3);
            browser.seeText("shaking, at");
            assertThat(browser.accessibilityProblems(axe)).as("editor, %s", theme).isEmpty();
            browser.see(By.xpath("//section[@aria-label='Wheels']//button[contains(., 'Gobos')]")).click();
            browser.seeText("Add a slot");
            assertThat(browser.accessibilityProblems(axe)).as("wheel, %s", theme).isEmpty();
            browser.key(Keys.ESCAPE);
            browser.press("Curve");
            browser.see(By.cssSelector("[aria-label^='The curve']"));
            assertThat(browser.accessibilityProblems(axe)).as("curve, %s", theme).isEmpty();
            browser.press("Points of your own");
            browser.see(By.cssSelector("[role=slider][aria-label='Point 2']"));
            assertThat(browser.accessibilityProblems(axe)).as("points, %s", theme).isEmpty();
            browser.key(Keys.ESCAPE);
            browser.press("Colours of this mode");
            browser.press("Find the values");
            browser.seeText("Set the probe to these values");
            assertThat(browser.accessibilityProblems(axe)).as("colours, %s", theme).isEmpty();
            browser.key(Keys.ESCAPE);
            browser.open(RunningKite.address() + "gobos", "Ines");
            browser.seeText("Lock gate");
            assertThat(browser.accessibilityProblems(axe)).as("gobos, %s", theme).isEmpty();
        }
    }
}
