package yellowkite.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.GeneratedFixtures;

/** Finding the right profile, many files at once, and a release that goes from one house to another. */
class LibraryTest extends WithBrowser {
    private static By row(String name) {
        return By.xpath("//article[@aria-posinset][contains(@aria-label, '" + name + "')]");
    }

    private void search(String text) {
        var box = browser.field("Find profiles");
        box.sendKeys(Keys.chord(Keys.CONTROL, "a"));
        box.sendKeys(text);
    }

    @Test
    void aProfileIsFoundByWhatItCanDoByASlipAndByItsPaper() {
        search("uv");
        browser.see(row("Lumbrook Moth"));
        search("reedlien 10");
        browser.see(row("Osier & Vane Reedline 10"));
        search("17 channels, 16 bit pan, wash, haze");
        browser.seeText("the nearest candidates; each row says what is missing");
        browser.see(By.xpath("//article[contains(@aria-label, 'Petrel Wash')]//*[normalize-space()='missing: haze']"));
    }

    @Test
    void aListIsNarrowedKeptAndWalkedByKeys() {
        browser.see(By.xpath("//aside[@aria-label='Narrow the list']//label[contains(., 'Hollin Optical')]")).click();
        browser.see(row("Hollin Optical Fathom"));
        browser.seeNoMore(row("Lumbrook Candle"));
        browser.press("Saved searches");
        browser.type("Save this search as", "Attachments");
        browser.seeText("Attachments");
        browser.key(Keys.ESCAPE);
        browser.press("Show all");
        browser.see(row("Brinewell Fen"));

        browser.field("Find profiles").sendKeys(Keys.ARROW_DOWN);
        browser.typeOn("slu");
        browser.seeFocus("Sluice");
        browser.key(Keys.SPACE);
        browser.seeText("1 profile selected");
        browser.press("Clear selection");
        browser.press("Saved searches");
        browser.press("Attachments");
        browser.seeNoMore(row("Brinewell Fen"));
        browser.press("Saved searches");
        browser.press("Delete Attachments");
        browser.seeText("Save this search as");
    }

    @Test
    void aThousandFilesAreStoppedHalfWayAndGoneOnWithAfterThePageWasClosed() throws IOException {
        List<Path> files = new ArrayList<>();
        for (int i = 1; i <= 1_000; i++) {
            files.add(Files.write(folder.resolve("made up " + i + ".gdtf"), GeneratedFixtures.file(2_000_000 + i).write()));
        }
        files.set(500, Files.writeString(folder.resolve("made up 501.gdtf"), "not a fixture"));

        try (var house = new RunningKite.SecondHouse()) {
            browser.open(house.address(), "Ines");
            browser.takeIn(files);
            browser.until("return document.querySelector('progress')?.value > 100");
            browser.press("Stop");
            browser.seeText("Stopped after");
            browser.open(house.address(), "Ines");
            browser.see(By.xpath(
                    "//section[@aria-label='An import that was interrupted']//p[contains(., 'of 1000 files. What was imported is whole')]"));

            browser.press("Go on");
            browser.takeIn(files);

            browser.seeWithin(180, By.xpath("//h2[normalize-space()='Imported']"));
            browser.seeText("999 of 1000 files are in the library; the others were refused.");
            browser.see(By.xpath("//div[@aria-label='Which files']//button[contains(., 'refused')]")).click();
            browser.seeText("'made up 501.gdtf' was refused: it is not a ZIP archive");
            browser.press("Close");
            browser.seeNoMore(By.cssSelector("section[aria-label='An import that was interrupted']"));
        }
    }

    @Test
    void aReleaseGoesToAnotherHouseWhichSeesWhatItTouchesOfWhatItUses() throws Exception {
        var avocet = fixture("Pied Avocet", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B301");
        browser.drop("avocet.gdtf", avocet.write());
        browser.seeText("Revision 1, from avocet.gdtf");
        browser.press("Close");
        release("Marigold lamp store", "Spring mooring");
        var spring = downloaded("Spring mooring.zip");

        var moved = avocet.description()
            .type()
            .mapModes(mode -> mode.mapChannels(channel -> channel.attribute().equals("Iris") ? channel.withOffsets(List.of(40)) : channel));
        browser.open(RunningKite.address(), "Ines");
        browser.drop("avocet.gdtf", new GdtfFile(GdtfDescription.of(moved), avocet.others()).write());
        browser.press("Import as revision 2");
        browser.seeText("Revision 2, from avocet.gdtf");
        browser.press("Close");
        release("", "Summer tour");
        var summer = downloaded("Summer tour.zip");

        try (var other = new RunningKite.SecondHouse()) {
            takeInRelease(other, spring, "1 new.");
            browser.see(By.xpath("//a[contains(., 'Pied Avocet')]")).click();
            browser.seeText("Copy onto the House shelf");
            browser.press("Copy onto the House shelf");
            browser.type("Mode name", "Ours");
            browser.seeText("Mode is called 'Ours'");
            browser.press("Publish");
            browser.type("What changed, in one line", "Our name for the large mode");
            browser.seeText("Published as revision 1.");
            browser.press("View");
            browser.press("What differs from it");
            browser.seeText("Its name is 'Ours' instead of 'Extended'.");

            takeInRelease(other, summer, "1 changed, of which 1 breaks.");
            browser.open(other.address(), "Teun");
            browser.see(By.xpath("//article[@aria-posinset='1']//a[contains(@href, '/editor/')]")); // ours first
            browser.see(By.xpath("//article[@aria-posinset='1']//a[contains(@href, '/profile/')]")).click();
            browser.seeText("has moved on to revision 2.");
            browser.press("What changed there");
            browser.seeText("It moved from address 17 to address 40.");
        }
    }

    /** Puts the avocet into a release, or lets it stay in the one before, and takes the archive away. */
    private void release(String house, String title) {
        browser.open(RunningKite.address() + "?search=pied%20avocet", "Ines");
        browser.see(By.cssSelector("input[aria-label='Choose Pied Avocet']")).click();
        browser.press("Add to a release");
        if (!house.isEmpty()) {
            browser.field("Publisher").sendKeys(house);
        }
        browser.field("Title").sendKeys(title);
        browser.see(By.cssSelector("textarea[aria-label='Note on Pied Avocet']"));
        browser.press("Publish the release");
        browser.see(By.xpath("//h1[normalize-space()='" + title + "']"));
        browser.press("Export as one archive");
    }

    private void takeInRelease(RunningKite.SecondHouse house, Path archive, String says) {
        browser.open(house.address() + "releases", "Teun");
        browser.chooseFile("A release to import", archive);
        browser.seeText(says);
        if (says.contains("breaks")) {
            browser.see(By.xpath("//section[@aria-label='What you use']//a[contains(., 'Pied Avocet')]"));
            browser.seeText("It moved from address 17 to address 40.");
        }
        browser.press("Import release");
        browser.seeText("is the Reference shelf now.");
    }

    @Test
    void noneOfThePlacesOfTheLibraryHasASeriousAccessibilityProblemInEitherTheme() throws IOException {
        var axe = Files.readString(Path.of("../web/node_modules/axe-core/axe.min.js"));
        for (var theme : List.of("dark", "light")) {
            browser.run("localStorage.setItem('kite-theme', arguments[0])", theme);
            browser.open(RunningKite.address() + "?search=zzzz", "Ines");
            browser.seeText("Nothing fits");
            assertThat(browser.accessibilityProblems(axe)).as("empty, %s", theme).isEmpty();
            for (var place : List.of("releases", "releases/new", "intake", "bin", "?search=17%20channels%20haze")) {
                browser.open(RunningKite.address() + place, "Ines");
                browser.see(By.tagName("h1"));
                assertThat(browser.accessibilityProblems(axe)).as("%s, %s", place, theme).isEmpty();
            }
        }
    }
}
