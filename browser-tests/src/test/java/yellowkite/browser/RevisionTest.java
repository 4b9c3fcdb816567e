package yellowkite.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;

/** A profile read, changed, compared with what it was, and brought back. */
class RevisionTest extends WithBrowser {
    @Test
    void aProfileIsChangedComparedAndBroughtBack() {
        browser.drop("spigot.gdtf", fixture("Spigot", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B201").write());
        browser.press("Edit");
        browser.type("Mode name", "Everything");
        browser.seeText("Mode is called 'Everything'");
        browser.press("Publish");
        browser.type("Valid from firmware", "3.0");
        browser.seeText("Say in one line what changed");
        browser.type("What changed, in one line", "The large mode has a better name");
        browser.seeText("Published as revision 2.");

        browser.press("View");
        browser.seeText("The large mode has a better name");
        browser.seeText("from firmware 3.0");
        browser.press("Compare with 1");
        browser.seeText("Its name is 'Everything' instead of 'Extended'.");
        browser.see(By.xpath("//button[@aria-pressed][contains(., '2 cosmetic')]")); // the name, and the file's own list of revisions
        browser.see(By.xpath("//button[@aria-pressed][@disabled][contains(., '0 breaks')]"));

        browser.run("history.back()");
        browser.press("Edit from this revision");
        browser.see(By.xpath("//h1[normalize-space()='Spigot']"));
        browser.seeValue("Mode name", "Extended");
        browser.press("Publish");
        browser.type("What changed, in one line", "Back to the manufacturer's names");
        browser.seeText("Published as revision 3.");
    }

    @Test
    void aReferenceProfileIsCopiedEditedPublishedComparedAndRevertedOnTheHouseShelf() {
        browser.open(RunningKite.address() + "?shelf=REFERENCE&search=reedline", "Ines");
        browser.see(By.xpath("//article//a[contains(@href, '/profile/')][contains(., 'Reedline 10')]")).click();
        browser.press("Copy onto the House shelf");
        browser.type("Mode name", "All cells");
        browser.seeText("Mode is called 'All cells'");
        publish("Our name for the cells", 1);
        browser.type("Mode name", "Forty");
        browser.seeText("Mode is called 'Forty'");
        publish("A shorter name", 2);
        browser.press("View");
        browser.press("Compare with 1");
        browser.seeText("Its name is 'Forty' instead of 'All cells'.");
        browser.run("history.back()");
        browser.press("Edit from this revision");
        browser.seeValue("Mode name", "All cells");
        publish("Back to the name before", 3);
        browser.press("View");
        browser.press("What differs from it"); // its origin on the Reference shelf
        browser.seeText("Its name is 'All cells' instead of 'Cells'.");
    }

    private void publish(String summary, int revision) {
        browser.press("Publish");
        browser.type("What changed, in one line", summary);
        browser.seeText("Published as revision " + revision + ".");
    }

    @Test
    void aFileThatWasDroppedIsComparedAndNotTakenIn() throws IOException {
        browser.drop("whimbrel.gdtf", fixture("Whimbrel", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B202").write());
        browser.press("Edit");
        browser.press("View");
        var page = browser.see(By.xpath("//a[contains(@href, '/editor/')]")).getDomAttribute("href").replace("/editor/", "");
        browser.open(RunningKite.address() + "compare?left=" + page + "&leftRevision=1&right=" + page + "&rightRevision=1", "Ines");
        browser.seeText("Nothing differs");

        var moved = fixture("Whimbrel", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B202");
        var type = moved.description()
            .type()
            .mapModes(mode -> mode.mapChannels(channel -> channel.attribute().equals("Iris") ? channel.withOffsets(List.of(40)) : channel));
        browser.chooseFile("A file to compare with",
                Files.write(folder.resolve("moved.gdtf"), new GdtfFile(GdtfDescription.of(type), moved.others()).write()));

        browser.seeText("It moved from address 17 to address 40.");
        browser.seeText("The file moved.gdtf, not imported.");
    }

    @Test
    void aFileOfTheSameIdAndOtherContentIsAQuestion() {
        var id = "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B203";
        browser.drop("brent.gdtf", fixture("Brent", id).write());
        browser.seeText("Revision 1, from brent.gdtf");
        browser.press("Close");
        var type = fixture("Brent", id).description()
            .type()
            .mapModes(mode -> mode.mapChannels(channel -> channel.attribute().equals("Iris") ? channel.withOffsets(List.of(40)) : channel));

        browser.drop("other brent.gdtf", new GdtfFile(GdtfDescription.of(type), DemoHouse.petrelSpot().others()).write());

        browser.seeText("0 of 1 files are in the library; one waits for your answer.");
        browser.seeText("It moved from address 17 to address 40.");
        browser.press("Import as revision 2");
        browser.seeText("Revision 2, from other brent.gdtf");
    }

    @Test
    void aColleagueAsksATechnicianTakesItAndARevisionAnswers() {
        browser.press("Wanted");
        browser.press("Ask for a profile");
        browser.type("Manufacturer", "Tidewick");
        browser.seeText("Say manufacturer and model, as they stand on the fixture.");
        browser.type("Model", "Sandwich Tern");
        browser.seeNoMore(By.cssSelector("[role=dialog]"));

        browser.see(By.xpath("//li[@aria-label='Tidewick Sandwich Tern']//button[normalize-space()='Assign to me']")).click();
        browser.seeText("Ines is writing it");
        browser.see(By.xpath("//li[@aria-label='Tidewick Sandwich Tern']//button[normalize-space()='Link profile …']")).click();
        browser.see(By.xpath("//*[@role='dialog']//button[contains(., 'Petrel Wash')]")).click();

        browser.see(By.xpath("//section[@aria-label='Answered']//a[contains(., 'Tidewick Petrel Wash, revision 1')]")).click();
        browser.see(By.xpath("//h1[normalize-space()='Petrel Wash']"));
    }

    @Test
    void pageComparisonAndWantedListHaveNoSeriousAccessibilityProblemInEitherTheme() throws IOException {
        var axe = Files.readString(Path.of("../web/node_modules/axe-core/axe.min.js"));
        for (var theme : List.of("dark", "light")) {
            browser.run("localStorage.setItem('kite-theme', arguments[0])", theme);
            browser.open(RunningKite.address(), "Ines");
            browser.field("Find profiles").sendKeys("petrel wash");
            browser.follow("//a[@aria-label='View Petrel Wash']");
            browser.see(By.cssSelector("section[aria-label=Modes] table"));
            browser.seeText("No problems found.");
            assertThat(browser.accessibilityProblems(axe)).as("page, %s", theme).isEmpty();
            var page = browser.address().replaceAll(".*/profile/", "");
            browser.open(RunningKite.address() + "compare?left=" + page + "&leftRevision=1&right=" + page
                    + "&rightRevision=1&leftMode=0&rightMode=1", "Ines");
            browser.seeText("It takes 8 addresses instead of 17.");
            assertThat(browser.accessibilityProblems(axe)).as("comparison, %s", theme).isEmpty();
            browser.open(RunningKite.address() + "wanted", "Ines");
            browser.press("Ask for a profile");
            assertThat(browser.accessibilityProblems(axe)).as("wanted, %s", theme).isEmpty();
            browser.press("Close");
        }
    }
}
