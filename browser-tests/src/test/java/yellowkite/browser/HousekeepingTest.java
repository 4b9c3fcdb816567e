package yellowkite.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** What a house does with profiles as a whole, and what an editor can take back. */
class HousekeepingTest extends WritesProfiles {
    private void open(String name, String id) throws IOException {
        browser.drop("one.gdtf", fixture(name, id).write());
        browser.press("Edit");
        browser.see(By.xpath("//h1[normalize-space()='" + name + "']"));
        browser.see(By.cssSelector("ul[aria-label=Channels] li"));
    }

    private void openChannel(String name) {
        var row = By.xpath("//ul[@aria-label='Channels']//button[@aria-expanded][starts-with(normalize-space(), '" + name + "')]");
        browser.see(row).click();
        browser.see(By.cssSelector("section[aria-label=Channel]"));
    }

    private void select(String search, String name) {
        browser.open(RunningKite.address() + "?search=" + search.replace(" ", "%20"), "Ines");
        browser.see(By.cssSelector("input[aria-label='Choose " + name + "']")).click();
        browser.seeText("1 profile selected");
    }

    @Test
    void keysUndoAndRedoAndLeaveFieldsToTheirOwn() throws IOException {
        open("Withy", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0BE01");
        browser.type("Mode name", "Wide");
        browser.seeText("Mode is called 'Wide', was 'Extended'");

        browser.typeOn("!");
        browser.key(Keys.CONTROL, "z"); // what was typed in the field, not the edit
        browser.seeText("Mode is called 'Wide', was 'Extended'");
        browser.key(Keys.ESCAPE);
        browser.leave();
        browser.key(Keys.CONTROL, "z");
        browser.seeValue("Mode name", "Extended");
        browser.keyWithControlAndShift("z");

        browser.seeValue("Mode name", "Wide");
        browser.press("Discard this draft");
        browser.press("Discard draft");
        browser.see(By.xpath("//h1[contains(., 'Library')]"));
    }

    @Test
    void errorsAreToldAndPublishedOnlyWithAReasonAndARevisionIsWithdrawnAndUsedAgain() throws IOException {
        open("Osiery", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0BE02");
        openChannel("Gobo 1");
        browser.type("Address", "13");
        browser.see(By.xpath("//section[@aria-label='Checks']//*[contains(., 'overlap') or contains(., 'address 13')]"));
        browser.leave();
        browser.press("Publish");
        browser.seeFocusIn(DIALOG);
        browser.typeOn("Two on one address");
        browser.seeText("The checks find an error. Correct it");
        browser.type("Reason for publishing with errors", "as the fixture does it");
        browser.seeText("Published as revision 2.");
        browser.open(browser.address().replace("/editor/", "/profile/").replaceAll("\\?.*", ""), "Ines");
        browser.seeText("Published despite errors: as the fixture does it");

        browser.press("Withdraw");
        browser.seeFocusIn(DIALOG);
        browser.typeOn("wrong after all");
        browser.key(Keys.ENTER);

        browser.seeText("wrong after all");
        browser.press("Withdrawn");
        browser.press("Use again");
        browser.seeNoMore(By.xpath("//*[contains(text(), 'Withdrawn by')]"));
    }

    @Test
    void profilesAreSelectedOneAfterTheOther() {
        browser.see(By.cssSelector("input[aria-label='Choose Fen']")).click();
        browser.see(By.cssSelector("input[aria-label='Choose Thrum']")).click();
        browser.seeText("2 profiles selected");
        browser.see(By.cssSelector("input[aria-label='Choose Fathom']")).click();
        browser.seeText("3 profiles selected");
        browser.see(By.cssSelector("input[aria-label='Choose Fen']")).click();

        browser.seeText("2 profiles selected");
    }

    @Test
    void aProfileGoesToTheBinAndComesBack() throws IOException {
        open("Sallow", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0BE03");
        select("sallow", "Sallow");
        browser.press("Move to the bin");
        browser.seeText("1 profile lies in the bin, for 30 days.");
        browser.press("Bin");
        browser.see(By.xpath("//main//li[contains(., 'Sallow')][contains(., 'deleted by Ines')]//button[normalize-space()='Restore']"))
            .click();
        browser.seeNoMore(By.xpath("//main//li[contains(., 'Sallow')]"));

        browser.open(RunningKite.address(), "Ines");
        browser.type("Find profiles", "sallow");
        browser.see(By.cssSelector("input[aria-label='Choose Sallow']"));
    }

    @Test
    void aProfileMovesToAnotherManufacturerWhoTurnsOutToBeASpelling() throws IOException {
        open("Osier bed", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0BE04");
        select("osier bed", "Osier bed");
        browser.press("To another manufacturer");
        browser.seeFocusIn(DIALOG);
        browser.typeOn("Tide wick");
        browser.key(Keys.ENTER);
        browser.seeText("1 profile belongs to Tide wick now.");
        browser.open(RunningKite.address() + "?manufacturer=Tide+wick", "Ines");
        browser.press("About Tide wick");
        browser.see(By.xpath("//span[normalize-space()='This is another spelling of']/following-sibling::button")).click();
        browser.see(By.xpath("//*[@role='option'][normalize-space()='Tidewick']")).click();
        browser.press("Merge");

        browser.seeText("Tide wick counts as Tidewick from now on; 1 profile moved.");
    }

    @Test
    void aStencilIsSavedAndAppliedElsewhereAndAFunctionIsReversed() throws IOException {
        open("Sedge bank", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0BE05");
        openChannel("Zoom");
        browser.press("Stencils …");
        browser.see(By.xpath("//*[@role='dialog']//form//button[normalize-space()='Save']")).click();
        browser.seeText("Saved as the stencil 'Zoom of Sedge bank'.");
        browser.press("Close Functions for Zoom from elsewhere");
        openChannel("Focus");
        browser.press("Stencils …");
        browser.see(By.xpath("//ul[@aria-label='Our stencils']//button[contains(., 'Zoom of Sedge bank')]")).click();
        browser.seeText("Functions 'Zoom' applied to");
        openChannel("Pan");
        browser.press("Reverse Pan");

        browser.seeText(": inverted");
    }

    @Test
    void chartsArePrintedInEveryForm() throws Exception {
        browser.type("Find profiles", "reedline");
        browser.follow("//a[@aria-label='View Reedline 10']");
        browser.see(By.cssSelector("section[aria-label=Modes] table"));
        for (var form : List.of("csv", "xlsx")) {
            browser.see(By.cssSelector("section[aria-label=Modes] a[href$='." + form + "']")).click();
            assertThat(Files.size(downloaded("." + form))).isGreaterThan(100);
        }
        var printed = browser.see(By.cssSelector("section[aria-label=Modes] a[href$='.pdf']")).getDomProperty("href");
        try (var pdf = URI.create(printed).toURL().openStream()) {
            assertThat(new String(pdf.readNBytes(5), StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
        }
    }

    @Test
    void atALargeZoomThePanesFoldAndEverythingIsReached() throws IOException {
        open("Reed bed", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0BE06");
        browser.resize(640, 480);
        browser.see(By.xpath("//div[@aria-label='Panes']//button[normalize-space()='Outline']")).click();
        browser.see(By.xpath("//aside[@aria-label='Outline']//h2[contains(., 'Modes')]"));
        browser.see(By.xpath("//div[@aria-label='Panes']//button[normalize-space()='Readout']")).click();
        browser.see(By.cssSelector("section[aria-label=Checks]"));
        browser.see(By.xpath("//div[@aria-label='Panes']//button[normalize-space()='Map']")).click();
        browser.see(By.cssSelector("ul[aria-label=Channels] li"));
        assertThat((boolean) browser
            .run("return document.scrollingElement.scrollWidth <= innerWidth && document.scrollingElement.scrollHeight <= innerHeight"))
            .as("the page itself does not scroll")
            .isTrue();
        browser.open(RunningKite.address(), "Ines");
        browser.press("Narrow the list");
        browser.see(By.cssSelector("aside[aria-label='Narrow the list']"));
    }

    @Test
    void anAddressThatLeadsNowhereIsAPageThatSaysSo() {
        browser.open(RunningKite.address() + "nowhere/at/all", "Ines");
        browser.see(By.xpath("//h1[normalize-space()='Page not found']"));
    }

    @Test
    void aFewLettersLeadAnywhere() throws IOException {
        open("Teal reach", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0BE07");
        browser.key(Keys.CONTROL, "k");
        browser.seeFocusIn(DIALOG);
        browser.typeOn("gobbo 1 pos"); // a slip is forgiven
        browser.see(By.xpath("//*[@role='option'][@aria-selected='true'][contains(., 'Gobo 1 position')]"));
        browser.key(Keys.ENTER);
        browser.see(By.xpath("//button[@aria-expanded='true'][starts-with(normalize-space(), 'Gobo 1 position')]"));
        browser.key(Keys.CONTROL, "k");
        browser.seeFocusIn(DIALOG);
        browser.typeOn("relases");
        browser.see(By.xpath("//*[@role='option'][@aria-selected='true'][contains(., 'Releases')]"));
        browser.key(Keys.ENTER);

        browser.see(By.xpath("//h1[contains(., 'Releases')]"));
        browser.key(Keys.CONTROL, "k");
        browser.see(By.xpath("//*[@role='option'][contains(., 'Gobo 1 position')]")); // where one was stands first
    }
}
