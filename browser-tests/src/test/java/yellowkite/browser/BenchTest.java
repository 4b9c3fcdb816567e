package yellowkite.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.net.URI;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.wire.osc.OscMessage;
import yellowkite.core.wire.osc.OscValue;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.demo.DemoHouse;
import yellowkite.output.Telemetry;
import yellowkite.sim.RunningSim;
import yellowkite.sim.SimulatedFixture;

/** The bench, on fixtures that are simulated beside it and hear what it sends. */
class BenchTest extends WithBrowser {
    private static final int COMPACT = 2;
    private SimulatedFixture fixture;
    private RunningSim sim;

    private void fixture(FixtureType type, int personality, int universe, int address) throws Exception {
        fixture = new SimulatedFixture(type, personality, universe, address, new Uid(0x7ff0, 11), List.of(), "1.4", System::nanoTime);
        sim = new RunningSim(fixture, 0, 0, 0);
    }

    @AfterEach
    void away() throws Exception {
        browser.run("return fetch('/api/live', { method: 'DELETE' })");
        sim.close();
    }

    /** {@return the level of one of the fixture's addresses, once it is that, or at the end of a while} */
    private int shown(int address, int hoped) throws Exception {
        int level = -1;
        try (var telemetry = new Telemetry(URI.create(sim.telemetry()))) {
            for (int i = 0; i < 200 && level != hoped; i++) {
                Thread.sleep(50);
                level = telemetry.look().dmx().getOrDefault(address, -1);
            }
        }
        return level;
    }

    private void choose(String words, String mode) {
        browser.field("Fixture and mode").sendKeys(words);
        browser.see(By.xpath("//ul[@aria-label='Modes']//button[contains(., '" + mode + "')]")).click();
    }

    private void where(int universe, int address) {
        browser.write("To", "127.0.0.1:" + sim.artNetPort());
        browser.write("Universe", String.valueOf(universe));
        browser.write("Address", String.valueOf(address));
    }

    @Test
    void aWalkIsAnsweredByKeysAndItsLightIsSeenAndStoppedOnEveryPage() throws Exception {
        fixture(DemoHouse.petrelSpot().description().type(), COMPACT, 3, 21);
        browser.press("Bench");
        browser.press("New walk");
        choose("Petrel Spot Compact", "Compact");
        where(3, 21);
        browser.write("Firmware (optional)", "1.4");
        browser.press("Begin");
        browser.press("Go live");
        browser.seeText("Before the first frame");
        browser.typeOn("3"); // cannot tell
        browser.seeText("All channels at their start values");
        browser.typeOn("1");
        browser.seeText("Pan -270");
        assertThat(shown(1, 0)).as("the fixture shows the step").isZero();
        browser.typeOn("2");
        browser.press("The other way round");
        browser.see(By.xpath("//*[@role='status'][not(contains(., 'Pan -270'))]"));

        browser.press("Library");
        browser.see(By.cssSelector("section[aria-label='Live output']"));
        browser.key(Keys.F8);
        browser.seeText("Live, dark");
        try (var telemetry = new Telemetry(URI.create(sim.telemetry()))) {
            for (int i = 0; i < 200 && telemetry.look().level() > 0; i++) {
                Thread.sleep(50);
            }
            assertThat(telemetry.look().level()).isZero();
        }
        browser.key(Keys.F8);
        browser.press("End");
        browser.seeNoMore(By.cssSelector("section[aria-label='Live output']"));
        assertThat(shown(1, 128)).as("it stands at its start values").isEqualTo(128);

        browser.press("Bench");
        browser.see(By.cssSelector("ul[aria-label=Walks] a")).click();
        browser.seeText("The fixture is at 3.21");
        browser.press("Stop the walk");
        browser.seeText("The other way round");
        browser.press("Go on");
        browser.seeText("Step 4 of");
    }

    @Test
    void anOscFaderMovesAChannelOfAFixtureInHand() throws Exception {
        fixture(DemoHouse.petrelSpot().description().type(), COMPACT, 5, 41);
        browser.press("Bench");
        browser.press("Hands");
        choose("Petrel Spot Compact", "Compact");
        where(5, 41);
        browser.press("Take in hand");
        browser.press("Go live");
        browser.see(By.cssSelector("section[aria-label='Live output']"));
        browser.type("Pan, °", "270");
        assertThat(shown(1, 255)).isEqualTo(255);

        browser.write("OSC port", "0");
        browser.press("Listen for OSC");
        var says = browser.seeText("Listening for OSC at port").getText();
        int port = Integer.parseInt(says.replaceAll("\\D", ""));
        osc(port, 0.25f);
        browser.see(By.xpath("//button[contains(@aria-label, 'Use /1/fader3 for Pan')]")).click();
        browser.seeText("moves Pan, 0 to 100 %");
        osc(port, 0.5f);
        assertThat(shown(1, 128)).as("half of 255, half up").isEqualTo(128);
    }

    private static void osc(int port, float value) throws Exception {
        var bytes = new OscMessage("/1/fader3", List.of(new OscValue.Figure(value))).write();
        try (var socket = new DatagramSocket()) {
            socket.send(new DatagramPacket(bytes, bytes.length, InetAddress.getLoopbackAddress(), port));
        }
    }

    @Test
    void aPictureIsLaidOntoTheCellsOfABatten() throws Exception {
        fixture(DemoHouse.reedline10().description().type(), 1, 6, 31);
        browser.press("Bench");
        browser.press("Picture");
        choose("Reedline 10 Cells", "Cells");
        where(6, 31);
        browser.chooseFile("Picture or film", halves(folder.resolve("halves.png")));
        browser.see(By.cssSelector("svg[aria-label^='10 cells: #ff0000']"));
        browser.press("Go live");

        assertThat(shown(5, 0)).as("no green in the first cell").isZero();
        assertThat(shown(4, 255)).as("which is red").isEqualTo(255);
        assertThat(shown(40, 0)).as("no red in the last").isZero();
        assertThat(shown(42, 255)).as("which is blue").isEqualTo(255);
        browser.seeText("Picture on Reedline 10");
        browser.press("Stop sending");
        browser.seeNoMore(By.cssSelector("section[aria-label='Live output']"));
    }

    /** Red at its left, blue at its right. */
    private static Path halves(Path file) throws Exception {
        var image = new BufferedImage(20, 2, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 20; x++) {
            for (int y = 0; y < 2; y++) {
                image.setRGB(x, y, (x < 10 ? Color.RED : Color.BLUE).getRGB());
            }
        }
        ImageIO.write(image, "png", file.toFile());
        return file;
    }

    @Test
    void aFixtureThatIsElsewhereIsSetToWhatTheRigHas() throws Exception {
        fixture(DemoHouse.petrelSpot().description().type(), COMPACT, 7, 21);
        browser.press("Rigs");
        browser.press("New rig");
        browser.type("Name", "Bench rig");
        browser.see(By.xpath("//h1[normalize-space()='Bench rig']"));
        browser.field("Add").sendKeys("1 Petrel Spot Extended from 7.101 as 801");
        browser.seeText("1 unit 801");
        browser.until("return !document.querySelector('form button[type=submit]').disabled");
        browser.key(Keys.ENTER);
        browser.seeValue("Add", "");

        browser.press("Bench");
        browser.press("RDM");
        browser.write("To", "127.0.0.1:" + sim.artNetPort());
        browser.write("Universe", "7");
        browser.see(By.xpath("//button[@role='combobox'][@aria-labelledby=//span[normalize-space()='Compare with rig']/@id]")).click();
        browser.see(By.xpath("//*[@role='option'][contains(., 'Bench rig')]")).click();
        browser.press("Find fixtures");
        browser.seeText("No unit of the rig stands there, or is called so.");
        browser.type("Label", "801");
        browser.seeText("The fixture is at 21; the rig has it at 101.");
        browser.press("Set fixture to address 101");
        browser.seeNoMore(By.xpath("//*[contains(text(), 'The fixture is at 21')]"));
        browser.press("Set fixture to personality 1");
        browser.see(By.xpath("//span[normalize-space()='agrees']"));

        assertThat(fixture.look().address()).isEqualTo(101);
        assertThat(fixture.look().personality()).isEqualTo(1);
    }
}
