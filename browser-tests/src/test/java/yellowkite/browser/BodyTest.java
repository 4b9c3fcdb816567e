package yellowkite.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.OutputType;
import yellowkite.core.profile.Model;
import yellowkite.core.shape.GlbWriter;
import yellowkite.core.shape.Primitives;
import yellowkite.core.xml.Source;

/** The body: looked at, moved, built, and asked which way is forward. */
class BodyTest extends WithBrowser {
    private static final By ROOM = By.cssSelector("canvas[role=img]");

    private void open(String fixture, String name, String id) {
        browser.drop("fixture.gdtf", fixture(fixture, name, id).write());
        browser.press("Edit");
        browser.see(By.xpath("//h1[normalize-space()='" + name + "']"));
        browser.press("Body");
        browser.see(By.cssSelector("[role=tree]"));
    }

    private void sheet(String name) {
        browser.see(By.xpath("//*[@role='tab'][normalize-space()='" + name + "']")).click();
    }

    private void probe(String channel, int value) {
        browser.run(
                "const slider = [...document.querySelectorAll('input[type=range]')].find((each) => each.getAttribute('aria-label').startsWith('"
                        + channel + ",'));"
                        + "Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(slider, '" + value + "');"
                        + "slider.dispatchEvent(new Event('input', { bubbles: true }));");
    }

    /** Waits until the room says so to those who do not see it. */
    private void seeSaid(String words) {
        browser.see(By.xpath("//canvas[@role='img'][contains(@aria-label, \"" + words + "\")]"));
    }

    private BufferedImage picture() throws IOException, InterruptedException {
        Thread.sleep(700); // a picture that is painted comes a moment after what is said
        return ImageIO.read(new ByteArrayInputStream(browser.see(ROOM).getScreenshotAs(OutputType.BYTES)));
    }

    /** {@return how many of a hundred points differ by more than a twentieth} */
    private static long different(BufferedImage one, BufferedImage other) {
        long differ = 0;
        for (int i = 0; i < 100; i++) {
            int x = one.getWidth() * (2 * (i % 10) + 1) / 20;
            int y = one.getHeight() * (2 * (i / 10) + 1) / 20;
            int a = one.getRGB(x, y);
            int b = other.getRGB(x, y);
            int apart = Math.max(Math.abs((a >> 16 & 255) - (b >> 16 & 255)),
                    Math.max(Math.abs((a >> 8 & 255) - (b >> 8 & 255)), Math.abs((a & 255) - (b & 255))));
            differ += apart > 255 / 20 ? 1 : 0;
        }
        return differ;
    }

    @Test
    void theBodyFollowsTheProbeAndAPartIsMoved() throws Exception {
        open("Petrel Spot", "Sedge body", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B801");
        seeSaid("Lens looks straight down; meets the floor after 3.34 m");
        var down = picture();

        sheet("Probe");
        probe("Tilt", 65_535);
        seeSaid("Head is turned by 125\u00b0 (tilt).");
        seeSaid("to the back and up");
        assertThat(different(down, picture())).as("the head is turned in the picture").isGreaterThan(3);
        probe("Tilt", 32_768);
        seeSaid("Lens looks straight down");
        assertThat(different(down, picture())).as("the same probe, the same picture").isLessThan(3);

        browser.see(By.cssSelector("[role=treeitem][id='part-Head']")).click();
        sheet("Part");
        browser.type("Up, m", "-0.4");
        browser.seeText("Part 'Head' stands at 0, 0, -0.4");
        seeSaid("meets the floor after 3.22 m");
        browser.type("About z, \u00b0", "north");
        browser.seeText("Type a number, such as 0.25 or -90.");

        browser.press("Flat");
        browser.see(By.xpath("//*[name()='svg'][starts-with(@aria-label, 'Front. ')]"));
        browser.seeNoMore(ROOM);
        browser.press("Flat");
        browser.see(ROOM);
    }

    /**
     * The handle stands where the head's axis crosses: on the upright line through the middle as seen from the front, a little below it.
     */
    @Test
    void aPartIsDraggedInStepsOfACentimetre() {
        open("Petrel Spot", "Sedge drag", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B804");
        seeSaid("Lens looks straight down");
        browser.see(By.cssSelector("[role=treeitem][id='part-Head']")).click();
        browser.seeValue("Right, m", "0");
        browser.see(By.cssSelector("[title=Drag] button[role=combobox]")).click();
        browser.see(By.xpath("//*[@role='option'][normalize-space()='Drag to move']")).click();
        for (int below = 0; below <= 80 && right().equals("0"); below += 8) {
            browser.press("Front"); // where nothing was caught, the camera was turned
            browser.dragFrom(browser.see(ROOM), below, 60);
        }

        browser.until("return document.querySelector('main fieldset input').value !== '0'");
        assertThat(right()).matches("-?0\\.\\d{1,2}");
        browser.seeText("Part 'Head' stands at ");
        browser.press("Undo");
        browser.seeValue("Right, m", "0");
    }

    private String right() {
        return browser.field("Right, m").getDomProperty("value");
    }

    @Test
    void aFileBecomesAModelAndIsShown() {
        open("Petrel Spot", "Sedge file", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B805");
        seeSaid("Lens looks straight down");
        var hood = new Model("Hood", 0.3, 0.2, 0.1, Model.Primitive.Cube, "", Model.SvgOffsets.NONE, Source.NONE);
        browser.dropOn(ROOM, "hood.glb", GlbWriter.write(Primitives.of(hood)));
        browser.seeText("usual: 12 triangles");
        browser.seeText("0.3 x 0.2 x 0.1 m");
        browser.dropOn(ROOM, "noise.glb", new byte[]{1, 2, 3});
        browser.seeText("'noise.glb' cannot be shown");
    }

    @Test
    void aReversedAxisIsFoundByTheTestAndCured() {
        open("Petrel Wash", "Sedge wash", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B802");
        sheet("Which way is forward");
        browser.seeText("turns Yoke, rising values counter-clockwise");
        browser.see(By.xpath("(//*[@aria-label='Test of a real fixture']//li)[2]/button")).click();
        seeSaid("to the back");
        for (var told : new String[][]{{"1", "down"}, {"2", "back"}, {"3", "right"}}) {
            browser
                .see(By.xpath("//*[@role='radiogroup'][starts-with(@aria-label, 'Step " + told[0]
                        + "')]//*[@role='radio'][normalize-space()='" + told[1] + "']"))
                .click();
        }
        browser.press("What is wrong?");
        browser.seeText("Pan is reversed.");
        browser.press("Change the profile");
        browser.seeText("turns Yoke, rising values clockwise");
    }

    @Test
    void aBattenIsBuiltItsCellsNumberedAndItsSourceChanged() {
        open("Reedline 10", "Sedge rail", "5B1C7A52-3E60-4D0B-9C41-7A1D52E0B803");
        sheet("Cells");
        browser.seeText("10 x Cell");
        browser.type("Pitch, m", "0.12");
        browser.press("Lay cells");
        browser.seeText("Cells 'Cell' laid in a row");
        sheet("Light");
        browser.see(By.xpath("//*[@aria-label='Light source']//button[@role='combobox']")).click();
        browser.see(By.xpath("//*[@role='option'][normalize-space()='Warm white LED 150 W']")).click();
        browser.press("Change source");
        browser.seeText("Light source is Warm white LED 150 W");
        sheet("Facts");
        browser.press("Add connector");
        browser.write("Connector, connector 1", "DMX in");
        browser.write("Type, connector 1", "XLR5");
        browser.write("Weighs, kg", "7.5");
        browser.press("Save");
        browser.seeText("Facts of the fixture set, and 1 more");
        browser.seeValue("Weighs, kg", "7.5");
        browser.seeValue("Type, connector 1", "XLR5");
        sheet("Light");
        browser.seeText("field");
    }
}
