package yellowkite.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;

/** From a manufacturer's chart to a published profile: what is sure is taken, what is not is looked at, key by key. */
class ChartTest extends WritesProfiles {
    private static final int MOST_ACTIONS = 120;
    private static final String TABLE = """
            <html><meta charset="utf-8"><style>td, th { border: 1px solid; padding: 2px 6px; text-align: center }</style><h1>Ketch Spot</h1><table style="border-collapse: collapse; width: 100%">
            <tr><th>8CH</th><th>5CH</th><th>Function</th><th>DMX</th><th>Description</th></tr>
            <tr><td>1</td><td>1</td><td>Pan</td><td>0-255</td><td>540°</td></tr><tr><td>2</td><td>-</td><td>Pan fine</td><td>0-255</td><td></td></tr>
            <tr><td rowspan=3>3</td><td rowspan=3>2</td><td rowspan=3>Shutter</td><td>0-19</td><td>Closed</td></tr><tr><td>20-49</td><td>Open</td></tr><tr><td>50-255</td><td>Strobe, slow to fast (1 Hz to 20 Hz)</td></tr>
            <tr><td>4</td><td>3</td><td>Dimmer</td><td>0-255</td><td>0 to 100 %</td></tr>
            <tr><td rowspan=3>5</td><td rowspan=3>4</td><td rowspan=3>Gobo wheel</td><td>0-9</td><td>Open</td></tr><tr><td>10-99</td><td>Reeds</td></tr><tr><td>100-255</td><td>Ripples</td></tr>
            <tr><td>6</td><td>-</td><td>Whatnot</td><td>0-255</td><td>0 to 100 %</td></tr>
            <tr><td>7</td><td>5</td><td>Zoom</td><td>0-255</td><td>narrow to wide</td></tr><tr><td>8</td><td>-</td><td>Reserved</td><td>0-255</td><td>no function</td></tr>
            </table><p>Values are subject to change</p></html>
            """;

    private int actions;

    private void type(String text) {
        actions++;
        browser.typeOn(text);
    }

    private void key(Keys key) {
        actions++;
        browser.key(key);
    }

    private void press(String button) {
        actions++;
        browser.press(button);
    }

    private void apply(int modes) {
        browser.see(By.xpath("//button[normalize-space()='Apply …'][not(@disabled)]"));
        press("Apply …");
        press("Apply " + modes + " modes");
        browser.seeText(modes + " modes applied");
        browser.see(By.cssSelector("ul[aria-label=Channels]"));
    }

    @Test
    void aPdfBecomesAProfileOfTwoModesAndItsDoubtsAreResolvedByKeyboard() throws Exception {
        var pdf = Files.write(folder.resolve("ketch spot.pdf"), browser.printed(TABLE));
        browser.open(RunningKite.address(), "Ines");
        begin("Ketch Chart");
        type("c");
        browser.chooseFile("A manufacturer’s chart", pdf);
        browser.see(By.xpath("//header//p[contains(., 'channels to look at')]"));
        browser.see(By.cssSelector("img[alt='Page 1']"));

        type("n"); // the channel that no word explains
        browser.see(By.xpath("//main//li[.//button[@aria-expanded='true']][contains(., 'Whatnot')]"));
        type("a");
        browser.until("return document.activeElement?.getAttribute('role') === 'combobox'");
        type("frost");
        browser.see(By.xpath("//ul[@role='listbox']/li[1][contains(., 'Frost')]"));
        key(Keys.ENTER);
        browser.see(By.xpath("//main//li[.//button[@aria-expanded='true']][contains(., 'Frost')]"));
        type("n"); // the zoom, of which no numbers are stated
        browser.see(By.xpath("//ul[@aria-label='Doubts'][contains(., 'narrow to wide')]"));
        type("y");
        browser.see(By.xpath("//header//p[not(contains(., 'to look at'))]"));
        if (!browser.run("return document.body.innerText").toString().contains("Every line is placed")) {
            press("Set aside");
        }
        apply(2);

        var described = describe(publish("From the chart"));
        assertThat(described.path("modes")).hasSize(2);
        assertThat(footprints(described)).containsExactly(8, 5);
        assertThat(names(described.at("/modes/0"))).containsExactly("Yoke_Pan [1,2]", "Beam_Shutter1 [3]", "Beam_Dimmer [4]",
                "Beam_Gobo1 [5]", "Beam_Frost1 [6]", "Beam_Zoom [7]", "Beam_NoFeature [8]");
        assertThat(names(described.at("/modes/1"))).containsExactly("Yoke_Pan [1]", "Beam_Shutter1 [2]", "Beam_Dimmer [3]",
                "Beam_Gobo1 [4]", "Beam_Zoom [5]");
    }

    @Test
    void theLanternflyOfSixtyRowsTakesAtMostAHundredAndTwentyActions() throws Exception {
        begin("Lanternfly 300");
        actions = 6; // manufacturer, model, and the keys between them
        type("c");
        browser.until("return document.activeElement?.id === 'chart-text'");
        browser.run(
                "const area = document.getElementById('chart-text'); const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set; set.call(area, arguments[0]); area.dispatchEvent(new Event('input', { bubbles: true }))",
                new String(getClass().getResourceAsStream("/lanternfly-300.txt").readAllBytes(), StandardCharsets.UTF_8));
        press("Read it");
        browser.see(By.xpath("//header//p[contains(., 'to look at')]"));
        type("n");
        for (int looked = 0; looked < 30
                && !browser.run("return document.querySelector('header p').innerText").equals("Nothing left to look at"); looked++) {
            var before = browser.run("return document.querySelector('header p').innerText");
            type("y");
            browser.until("return document.querySelector('header p').innerText !== '" + before + "'");
            browser.until(
                    "return document.querySelector('main button[aria-expanded=true]') !== null || document.querySelector('header p').innerText === 'Nothing left to look at'");
            if (browser.run("return [...document.querySelectorAll('main section[aria-label^=\"To look at\"]')].length").equals(0L)) {
                type("n");
            }
        }
        apply(2);
        var described = describe(publish("From the chart"));

        assertThat(actions).isLessThanOrEqualTo(MOST_ACTIONS);
        saysWhatTheChartStates(described);
    }

    private static void saysWhatTheChartStates(JsonNode described) {
        assertThat(footprints(described)).containsExactly(24, 16);
        var full = described.at("/modes/0");
        assertThat(names(full)).containsExactly("Yoke_Pan [1,2]", "Head_Tilt [3,4]", "Base_PositionMSpeed [5]", "Beam_Shutter1 [6]",
                "Beam_Dimmer [7,8]", "Beam_Color1 [9]", "Beam_CTO [10]", "Beam_Gobo1 [11]", "Beam_Gobo2 [12]", "Beam_Gobo2Pos [13,14]",
                "Beam_Prism1 [15]", "Beam_Prism1Pos [16]", "Beam_Iris [17]", "Beam_Frost1 [18]", "Beam_Zoom [19,20]", "Beam_Focus1 [21,22]",
                "Beam_NoFeature [23]", "Base_Control1 [24]");
        assertThat(functions(full, "Beam_Shutter1")).containsExactly("Shutter1 0-19 0.0..0.0", "Shutter1 20-49 1.0..1.0",
                "Shutter1Strobe 50-64 0.3..20.0", "Shutter1 65-69 1.0..1.0", "Shutter1StrobePulseOpen 70-84 0.5..10.0",
                "Shutter1 85-89 1.0..1.0",
                "Shutter1StrobePulseClose 90-104 10.0..0.5", "Shutter1 105-109 1.0..1.0", "Shutter1StrobeRandom 110-124 0.5..20.0",
                "Shutter1 125-255 1.0..1.0");
        assertThat(functions(full, "Beam_CTO")).containsExactly("CTO 0-255 6500.0..2700.0");
        // 12.5 rpm are 75 degrees a second
        assertThat(functions(full, "Beam_Color1")).contains("Color1WheelSpin 128-189 75.0..3.0", "Color1WheelSpin 190-193 0.0..0.0");
        assertThat(functions(full, "Beam_Zoom")).containsExactly("Zoom 0-65535 6.0..42.0");
        assertThat(functions(full, "Base_PositionMSpeed")).contains("PositionMSpeed 1-255 0.2..25.4");
        var conditions = new ArrayList<String>();
        full.path("channels").forEach(channel -> channel.path("functions").forEach(function -> {
            if (channel.path("name").asString().equals("Beam_Gobo2Pos")) {
                conditions.add(function.path("attribute").asString() + " " + function.at("/modeMaster/from").asString("")
                        + function.path("modeFrom").asString(""));
            }
        }));
        assertThat(conditions.size()).as("index in two stretches, rotation both ways and a stop").isGreaterThanOrEqualTo(5);
        var slots = new ArrayList<Integer>();
        described.path("wheels").forEach(wheel -> slots.add(wheel.path("slots").size()));
        assertThat(slots).containsExactly(14, 6, 5, 2);
    }

    private static List<Integer> footprints(JsonNode described) {
        var footprints = new ArrayList<Integer>();
        described.path("modes").forEach(mode -> footprints.add(mode.at("/footprint/1").asInt()));
        return footprints;
    }

    private static List<String> names(JsonNode mode) {
        var channels = new ArrayList<String>();
        mode.path("channels").forEach(each -> channels.add(each.path("name").asString() + " " + each.path("addresses")));
        return channels;
    }

    private static List<String> functions(JsonNode mode, String channel) {
        var functions = new ArrayList<String>();
        mode.path("channels").forEach(each -> {
            if (each.path("name").asString().equals(channel)) {
                each.path("functions")
                    .forEach(function -> functions.add(function.path("attribute").asString() + " " + function.path("from").asLong() + "-"
                            + function.path("to").asLong() + " " + function.path("physicalFrom").asDouble() + ".."
                            + function.path("physicalTo").asDouble()));
            }
        });
        return functions;
    }

    @Test
    void theChartPageHasNoSeriousAccessibilityProblem() throws IOException {
        var axe = Files.readString(Path.of("../web/node_modules/axe-core/axe.min.js"));
        begin("Chart access");
        browser.typeOn("c");
        browser.until("return document.activeElement?.id === 'chart-text'");
        assertThat(browser.accessibilityProblems(axe)).as("where a chart is given").isEmpty();
        browser.typeOn("1 Pan 0-255 540°\n2 Whatnot 0-255\n3 Zoom 0-255 narrow to wide\n");
        browser.press("Read it");
        browser.see(By.xpath("//header//p[contains(., 'to look at')]"));
        for (var theme : List.of("dark", "light")) {
            browser.run("localStorage.setItem('kite-theme', arguments[0])", theme);
            browser.open(browser.address(), "Ines");
            browser.see(By.xpath("//header//p[contains(., 'to look at')]"));
            browser.typeOn("n");
            browser.see(By.cssSelector("main button[aria-expanded=true]"));
            assertThat(browser.accessibilityProblems(axe)).as("chart, %s", theme).isEmpty();
        }
    }
}
