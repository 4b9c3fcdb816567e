package yellowkite.browser;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** What the light does: wheels, gobos, colours and curves, as they are looked at and mended. */
class LightTest extends WithBrowser {
    private static final By DIALOG = By.cssSelector("[role=dialog]");

    /** Drops a fixture of the demo house under another name, and opens it. */
    private void open(String fixture, String name, String id) {
        browser.drop("fixture.gdtf", fixture(fixture, name, id).write());
        browser.press("Edit");
        browser.see(By.xpath("//h1[normalize-space()='" + name + "']"));
    }

    private void openWheel(String name) {
        browser.see(By.xpath("//section[@aria-label='Wheels']//button[contains(., '" + name + "')]")).click();
        browser.see(DIALOG);
    }

    @Test
    void aWheelThatIsOffByOneIsSeenAndTurnedInOneEdit() {
        open("Petrel Spot", "Guillemot", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B101");
        openWheel("Gobos");
        browser.seeText("named after another slot");
        browser.see(By.xpath("//*[name()='svg'][contains(@aria-label, '1 Open')]"));

        browser.see(By.xpath("//section[@aria-label='Checks of the wheel']//button[normalize-space()='Turn the wheel by 1']")).click();

        browser.seeNoMore(By.xpath("//*[@role='dialog']//*[contains(text(), 'named after another slot')]"));
        browser.see(By.xpath("//li[contains(., '40\u201361')][.//button[@aria-label='Move slot 2 up']]"));
        browser.press("Confirmed on a fixture");
        browser.type("Firmware of the fixture", "2.14");
        browser.seeText("Slot 1 confirmed open by Ines on");
        browser.key(Keys.ESCAPE);
        browser.seeText("Slots of 'Shake' are turned by 1");
    }

    @Test
    void aGoboDrawnBlackOnWhiteIsTakenInTurnedAndPutIntoASlot() throws IOException {
        browser.press("Gobos");
        browser.press("Import a picture");
        browser.see(By.cssSelector("input[type=file][aria-label='Picture of the gobo']")).sendKeys(blackOnWhite().toString());
        browser.seeText("This looks drawn black on white.");

        browser.press("Invert");

        browser.seeNoMore(By.xpath("//*[contains(text(), 'This looks drawn black on white.')]"));
        browser.see(By.cssSelector("img[alt='The gobo as it would be']"));
        browser.type("Name", "Mill wheel");
        browser.seeText("5 gobos");

        browser.open(RunningKite.address(), "Ines");
        open("Petrel Spot", "Dunlin", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B102");
        openWheel("Gobos");
        browser.see(By.xpath("//li[.//button[@aria-label='Move slot 3 up']]//button[normalize-space()='Content …']")).click();
        browser.press("Another gobo");
        browser.see(By.xpath("//ul[@aria-label='Gobos']//button[contains(., 'Mill wheel')]")).click();
        browser.seeValue("Name of slot 3", "Mill wheel");
    }

    /** A drawing on paper: black lines on white. */
    private Path blackOnWhite() throws IOException {
        var image = new BufferedImage(600, 600, BufferedImage.TYPE_INT_RGB);
        var pen = image.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, 600, 600);
        pen.setColor(Color.BLACK);
        pen.setStroke(new BasicStroke(30));
        pen.drawOval(120, 120, 360, 360);
        pen.drawLine(300, 120, 300, 480);
        pen.drawLine(120, 300, 480, 300);
        pen.dispose();
        var file = folder.resolve("mill wheel.png");
        ImageIO.write(image, "png", file.toFile());
        return file;
    }

    @Test
    void aWantedWhiteBecomesValuesOfTheFixtureAndTheReadoutSaysSo() {
        open("Moth", "Tern", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B103");
        browser.see(By.cssSelector("[role=slider][aria-label='Probe on Red Face']")).sendKeys(Keys.END);
        browser.press("Colours of this mode");
        browser.type("Kelvin", "3200");
        browser.seeText("Reached within what can be told apart");
        browser.press("Set the probe to these values");
        browser.key(Keys.ESCAPE);
        browser.seeNoMore(DIALOG);

        browser.see(By.xpath(
                "//dl[@aria-label='Colour of the light']/dd[starts-with(normalize-space(), '319') or starts-with(normalize-space(), '320')]"));
    }

    @Test
    void aMeasuredFileBecomesTheCurveOfADimmer() throws Exception {
        open("Candle", "Rushlight", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B104");
        browser.see(By.xpath("//ul[@aria-label='Channels']//button[@aria-expanded]")).click();
        browser.press("Curve Glows late");
        browser.press("Measured");
        var csv = Files.writeString(folder.resolve("saloon.csv"), "level;lux\n0;0\n50;25\n100;100\n");
        browser.see(By.cssSelector("input[type=file][aria-label='A CSV file of measured points']")).sendKeys(csv.toString());
        browser.seeText("Largest distance from a measured point: 0.00 %.");
        browser.see(By.xpath("//section[@aria-label='What it changes']//th[contains(., 'Bulb_Dimmer in Dimmer')]"));

        browser.press("Apply to Dimmer");

        browser.see(By.xpath("//button[contains(., 'Curve Measured')]"));
        browser.see(By.cssSelector("[role=slider][aria-label='Probe on Dimmer Bulb']")).sendKeys(Keys.END);
        browser.seeText("Dimmer, at 900 cd.");
    }

    @Test
    void aCurveIsDrawnPointByPointByTheKeyboardAlone() {
        open("Candle", "Lampwick", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B105");
        browser.see(By.xpath("//ul[@aria-label='Channels']//button[@aria-expanded]")).click();
        browser.press("Curve Glows late");
        browser.press("Points of your own");
        var point = browser.see(By.cssSelector("[role=slider][aria-label='Point 4']"));
        point.sendKeys(Keys.ARROW_UP);
        browser.see(By.cssSelector("[role=slider][aria-label='Point 4'][aria-valuetext='50 % gives 23 %']"));
        browser.see(By.cssSelector("[role=slider][aria-label='Point 3']")).sendKeys(Keys.DELETE);
        browser.seeNoMore(By.cssSelector("[role=slider][aria-label='Point 6']"));

        browser.press("Apply to Dimmer");

        browser.seeText("Curve 'Glows late' changed");
        browser.see(By.xpath("//button[contains(., 'Curve Glows late')]"));
    }
}
