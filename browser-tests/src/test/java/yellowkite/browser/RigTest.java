package yellowkite.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** A production's rig, from its first line to its printed patch. */
class RigTest extends WithBrowser {
    private static By block(String id) {
        return By.cssSelector("section[aria-label=Lanes] button[aria-label^='" + id + " ']");
    }

    /** Waits for the proposal, and adds what it says. */
    private void add(String text, String says) {
        browser.field("Add").sendKeys(text);
        browser.seeText(says);
        browser.until("return !document.querySelector('form button[type=submit]').disabled");
        browser.key(Keys.ENTER);
        browser.seeValue("Add", "");
    }

    @Test
    void aRigIsBuiltByLinesAndByDragItsCollisionsAreCuredAndItIsPrinted() throws Exception {
        browser.press("Rigs");
        browser.press("New rig");
        browser.type("Name", "Marigold summer tour anew");
        browser.see(By.xpath("//h1[normalize-space()='Marigold summer tour anew']"));

        add("4 Petrel Spot Extended from 1.1 as 101, name Rail 1, layer Overhead, position Front rail", "4 units 101 to 104");
        add("6 Moth Nine from 2.1 as 301", "6 units 301 to 306");
        add("6 Petrel Wash Extended from 4.1 as 201, name Wash 1, position Mid bridge", "6 units 201 to 206");
        add("4 Reedline 10 Cells, next free, as 401, name Batten 1, position Back rail", "4 units 401 to 404");
        add("6 Candle Dimmer from 5.201 as 501, position Saloon", "6 units 501 to 506");
        add("1 Fen Haze and fan from 5.301 as 901, name Haze, position Hold", "1 unit 901");
        browser.see(block("306"));

        browser.field("Add").sendKeys("1 Moth Nine from 2.5 as 9");
        browser.seeText("collide on addresses 2.5 to 2.9");
        browser.see(By.cssSelector("[data-hit]"));
        browser.key(Keys.CONTROL, "a");
        browser.key(Keys.DELETE);

        var moved = browser.see(block("306"));
        browser.drag(moved, -moved.getSize().getWidth());
        browser.seeText("Units 305 (Moth 5) and 306 (Moth 6) collide on addresses");
        browser.see(By.xpath("//ul[@aria-label='Cures']//button[starts-with(normalize-space(), 'Move 306')]")).click();
        browser.seeText("No problems found.");

        browser.type("Address of unit 104", "1.23");
        browser.seeText("Units 102 (Rail 2) and 104 (Rail 4) collide on addresses 1.23 to 1.44.");
        browser.press("They share the address on purpose");
        browser.seeText("share addresses 1.23 to 1.44 on purpose.");
        browser.leave();
        browser.key(Keys.CONTROL, "z");
        browser.seeText("collide on addresses 1.23 to 1.44.");
        browser.see(By.xpath("//ul[@aria-label='Cures']//button[starts-with(normalize-space(), 'Move 104')]")).click();
        browser.seeText("No problems found.");

        browser.see(By.cssSelector("input[aria-label='Select all units']")).click();
        browser.press("Every second");
        browser.seeText("14 units selected");
        browser.type("Address from", "3.1");
        browser.seeValue("Address of unit 103", "3.23");
        browser.seeText("No problems found.");

        browser.press("Clear selection");
        for (var id : List.of("101", "102", "103", "104")) {
            browser.see(By.cssSelector("input[aria-label='Select unit " + id + "']")).click();
        }
        browser.press("Every second");
        browser.seeText("2 units selected");
        browser.see(By.xpath("//ol[@aria-label='Path']//button[starts-with(normalize-space(), 'Invert')]")).click();
        browser.see(By.xpath("//button[@aria-pressed][normalize-space()='Invert']")).click();
        browser.see(By.cssSelector("[data-unit] [aria-label='Inverted: Pan']"));
        browser.press("Apply this path to 2 units");
        browser.until("return document.querySelectorAll('[data-unit] [aria-label=\"Inverted: Pan\"]').length === 2");

        browser.press("Replace …");
        browser.type("With", "Petrel Spot Compact");
        browser.see(By.xpath("//ul[@aria-label='Modes']//button[contains(., 'Compact')]")).click();
        browser.seeText("26 addresses instead of 44, 18 less.");
        browser.see(By.xpath("//div[@role='dialog']//button[normalize-space()='Replace']")).click();
        browser.see(By.xpath("//*[@data-unit]//*[normalize-space()='Petrel Spot Compact']"));

        browser.press("Export");
        browser.see(By.xpath("//*[@role='menuitem'][contains(., 'by universe')]")).click();
        assertThat(Files.readAllBytes(downloaded(".pdf"))).startsWith('%', 'P', 'D', 'F');
    }

    @Test
    void whatColleaguesDoIsSeenAtOnceAndADeletedRigComesBack() throws Exception {
        browser.press("Rigs");
        browser.see(By.xpath("//a[contains(., \"Lock-keeper's ball\")]")).click();
        browser.seeText("8 units");
        try (var other = new Browser(folder)) {
            other.open(browser.address(), "Teun");
            other.type("Name of unit 21", "Under the bridge");
            browser.seeValue("Name of unit 21", "Under the bridge");
        }

        browser.see(By.cssSelector("input[aria-label='Select unit 2']")).click();
        browser.seeText("Runs the other way.");
        var axe = Files.readString(Path.of("../web/node_modules/axe-core/axe.min.js"));
        for (var theme : List.of("Light theme", "Dark theme")) {
            assertThat(browser.accessibilityProblems(axe)).as("before %s", theme).isEmpty();
            browser.press(theme);
        }

        browser.press("Delete rig");
        browser.seeText("8 units, 3 of them adjusted");
        browser.see(By.xpath("//div[@role='dialog']//button[normalize-space()='Delete rig']")).click();
        browser.press("Restore Lock-keeper's ball");
        browser.see(By.xpath("//ul[@aria-label='Rigs']//a[contains(., \"Lock-keeper's ball\")]"));
    }

    @Test
    void aSheetOfOthersIsTakenAndAnOlderRevisionMovesUp() {
        browser.press("Rigs");
        browser.see(By.xpath("//a[contains(., 'Winter mooring')]")).click();
        browser.press("Import");
        browser.see(By.xpath("//*[@role='menuitem'][contains(., 'Patch sheet')]")).click();
        browser.see(By.tagName("textarea")).sendKeys("Unit,Instrument,Mode,Patch\n101,Moth,Nine,3.1\n901,Moth,Nine,3.10\n");
        browser.press("Read the rows");
        browser.seeText("1 id is in this rig already: 101");
        browser.press("Import 2 units");
        browser.seeText("26 units");

        browser.press("Compare and move up …");
        browser.seeText("12 units do not fit between their neighbours any more");
        browser.press("Move up");
        browser.until("return !document.querySelector('[aria-label=\"Newer revisions\"]')");
        browser.press("Filters");
        browser.see(By.xpath("//button[@role='combobox'][contains(., 'All units')]")).click();
        browser.see(By.xpath("//*[@role='option'][contains(., 'Without an address')]")).click();
        browser.seeText("12 of 26");
        browser.key(Keys.ESCAPE);
        browser.see(By.cssSelector("input[aria-label='Select all units']")).click();
        browser.type("Address from", "4.1");
        browser.seeText("0 of 26");
    }
}
