package yellowkite.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.curve.Curve;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.PhysicalUnit;

/** Profiles written from nothing, as a technician reads them off a manufacturer's chart. */
class AuthoringTest extends WritesProfiles {
    private void mode(String name, int number) {
        browser.typeOn("m");
        browser.seeValue("Mode name", "Mode " + number);
        browser.until("return document.activeElement?.dataset?.key === 'r'"); // its name is asked for at once
        browser.typeOn(name);
        browser.key(Keys.ENTER);
        browser.seeText("Mode is called '" + name + "'");
        browser.leave();
    }

    private void chart(String text, int channels) {
        browser.typeOn("n");
        browser.typeOn(text);
        browser.key(Keys.ENTER);
        browser.see(
                By.xpath("//main//p[starts-with(normalize-space(), '" + channels + " channels, ') and contains(., ' left')]"));
        browser.key(Keys.ESCAPE);
    }

    @Test
    void aSixteenChannelMovingHeadIsWrittenByKeyboardPublishedAndDescribed() throws Exception {
        begin("Ketch Spot");
        mode("Standard", 1);
        chart("pan 16 bit, tilt 16 bit, pan tilt speed, dimmer 16 bit, strobe, cyan, magenta, yellow, colour wheel, gobo wheel, gobo rotation, zoom, focus",
                13);
        browser.seeText("16 addresses");
        for (int i = 0; i < 9; i++) {
            browser.typeOn("j");
        }
        browser.see(By.xpath("//button[@aria-expanded='true'][starts-with(normalize-space(), 'Colour 1')]"));
        browser.typeOn("d");
        browser.seeFocusIn(DIALOG);
        browser.typeOn("4");
        browser.key(Keys.TAB);
        browser.key(Keys.TAB);
        browser.typeOn("Filter {number}");
        browser.key(Keys.ENTER);
        browser.seeText("into 4 parts");
        browser.seeNoMore(DIALOG);
        browser.typeOn("j");
        browser.see(By.xpath("//button[@aria-expanded='true'][starts-with(normalize-space(), 'Gobo 1')]"));
        browser.typeOn("t");
        browser.seeFocusIn(DIALOG);
        browser.typeOn("0, 31, Open\n32; 127; Kite\n128-255 Reeds");
        browser.see(By.xpath("//ul[@aria-label='Understood as']/li[contains(., '3 named ranges')]"));
        browser.key(Keys.CONTROL, Keys.ENTER);
        browser.seeText("changed from the chart pasted table: 1 channel");
        browser.seeNoMore(DIALOG);
        mode("Short", 2);
        chart("pan, tilt, dimmer, strobe, zoom", 5);

        var described = describe(publish("From the manufacturer's chart"));

        assertThat(described.path("manufacturer").asString() + " " + described.path("name").asString()).isEqualTo("Tidewick Ketch Spot");
        assertThat(described.at("/modes/0/name").asString()).isEqualTo("Standard");
        assertThat(described.at("/modes/0/footprint/1").asInt()).isEqualTo(16);
        assertThat(channels(described.at("/modes/0"))).containsExactly("Yoke_Pan [1,2]", "Head_Tilt [3,4]", "Base_PositionMSpeed [5]",
                "Beam_Dimmer [6,7]", "Beam_Shutter1Strobe [8]",
                "Beam_ColorSub_C [9]", "Beam_ColorSub_M [10]", "Beam_ColorSub_Y [11]", "Beam_Color1 [12]", "Beam_Gobo1 [13]",
                "Beam_Gobo1PosRotate [14]", "Beam_Zoom [15]", "Beam_Focus1 [16]");
        assertThat(described.at("/modes/0/channels/0/start").asInt()).isEqualTo(32768);
        assertThat(ranges(described.at("/modes/0/channels/8"))).containsExactly("Filter 1 0-63", "Filter 2 64-127", "Filter 3 128-191",
                "Filter 4 192-255");
        assertThat(ranges(described.at("/modes/0/channels/9"))).containsExactly("Open 0-31", "Kite 32-127", "Reeds 128-255");
        assertThat(described.at("/modes/1/footprint/1").asInt()).isEqualTo(5);
    }

    @Test
    void aPastedChartIsMendedMarkedAndPublished() throws Exception {
        begin("Skiff");
        mode("Empty", 1);
        browser.typeOn("c");
        browser.until("return document.activeElement?.id === 'chart-text'");
        browser.typeOn("1-2, Pan\n3, Strobe, 0, 7, Closed\n, , 8, 200, Slow to fast\n4, Snorkel, 0, 255, 0 to 100 %");
        browser.press("Read it");
        browser.seeText("no attribute fits");
        browser.see(By.xpath("//main//button[@aria-expanded][contains(., 'Snorkel')]")).click();
        browser.press("Set aside …");
        browser.typeOn("not in this model");
        browser.key(Keys.ENTER);
        browser.see(By.xpath("//button[normalize-space()='Apply …'][not(@disabled)]")).click();
        browser.press("Apply 1 mode");
        browser.seeText("1 mode applied");
        browser.see(By.xpath("//section[@aria-label='Modes']//button[contains(., '3')]")).click();
        browser.seeText("2 channels, 3 addresses");

        browser.type("Addresses on the chart", "4");
        browser.see(
                By.xpath("//section[@aria-label='Checks']//*[contains(text(), 'The chart has 4 addresses; the map takes 3, 1 too few.')]"));
        browser.leave();
        browser.typeOn("j");
        browser.typeOn("x");
        browser.typeOn("j");
        browser.typeOn("x");
        browser.see(By.xpath("//section[@aria-label='Selection']//p[normalize-space()='2 channels']"));
        browser.press("Values");
        browser.seeFocusIn(DIALOG);
        browser.typeOn("50 %");
        browser.key(Keys.ENTER);
        browser.seeText("and 1 more → 50 %");
        browser.press("Clear");
        browser.type("At blackout", "0x10");
        browser.seeText("Value at blackout of");

        var described = describe(publish("Pasted"));

        assertThat(channels(described.at("/modes/1"))).containsExactly("Yoke_Pan [1,2]", "Beam_Shutter1 [3]");
        assertThat(described.at("/modes/1/channels/0/start").asInt()).isEqualTo(32768);
        assertThat(described.at("/modes/1/channels/1/start").asInt()).isEqualTo(128);
        var functions = new ArrayList<String>();
        described.at("/modes/1/channels/1/functions")
            .forEach(each -> functions.add(each.path("name").asString() + " " + each.path("from") + "-" + each.path("to")));
        assertThat(functions).containsExactly("Closed 0-7", "Slow to fast 8-200", "No function 201-255");
        browser.press("Export");
        browser.seeText("The value at blackout of a channel stays here.");
    }

    @Test
    void measuredLightBecomesTheCurveOfADimmerAndAWheelIsFilled() throws Exception {
        begin("Punt");
        mode("Small", 1);
        chart("dimmer, gobo wheel", 2);
        browser.press("Add a wheel");
        browser.seeFocusIn(DIALOG);
        browser.key(Keys.ENTER);
        browser.seeNoMore(DIALOG);
        browser.see(By.xpath("//section[@aria-label='Wheels']//button[contains(., 'Wheel 1')]")).click();
        browser.press("Add a slot");
        browser.seeText("Slot 'Slot 2' put into wheel 'Wheel 1' at 2");
        browser.type("Name of slot 2", "Kite");
        browser.seeText("is called 'Kite'");
        browser.seeText("No DMX value selects it.");
        browser.key(Keys.ESCAPE);
        browser.seeNoMore(DIALOG);

        browser.typeOn("j");
        browser.press("Curve");
        browser.press("Measured");
        browser.see(By.cssSelector("[role=dialog] textarea")).sendKeys("level;lux\n0;0\n50;25\n50;30\n100;100");
        browser.seeText("The level 50 was measured twice; leave one of the two out.");
        browser.see(By.cssSelector("[role=dialog] textarea")).sendKeys(Keys.chord(Keys.CONTROL, "a"), "level;lux\n0;0\n50;25\n100;100");
        browser.seeText("Largest distance from a measured point: 0.00 %.");
        browser.press("Apply to dimmer");
        browser.seeNoMore(DIALOG);
        browser.see(By.xpath("//button[contains(., 'Curve Measured')]"));

        var type = GdtfFile.read(Files.readAllBytes(publish("Measured"))).description().type();

        assertThat(type.wheels().getFirst().slots()).extracting(slot -> slot.name()).containsExactly("Open", "Kite");
        // a quarter of the light was measured in the middle, and that is what the profile says
        assertThat(Curve.of(type.physicalDescriptions().findDmxProfile("Measured").orElseThrow()).at(0.5)).isCloseTo(0.25, within(1e-6));
        assertThat(type.modes().getFirst().channels().getFirst().functions().findFirst().orElseThrow().dmxProfile()).isEqualTo("Measured");
    }

    @Test
    void whatAColleagueDoesToTheSameDraftIsSeen() throws Exception {
        begin("Wherry");
        mode("One", 1);
        var draft = asTeun("api/profiles/" + profile() + "/draft", null);
        asTeun("api/drafts/" + draft.path("id").asString() + "/edits",
                "{\"version\": " + draft.path("version") + ", \"edit\": {\"type\": \"renameProfile\", \"to\": \"Coble\"}}");

        browser.seeValue("Profile name", "Coble");
        browser.seeText("Teun");
        browser.type("Profile name", "Coble 2");
        browser.seeText("Profile is called 'Coble 2', was 'Coble'");

        var newest = asTeun("api/profiles/" + profile() + "/draft", null);
        asTeun("api/drafts/" + newest.path("id").asString() + "/discard", "{\"version\": " + newest.path("version") + "}");
        browser.seeText("Someone has discarded this draft.");
        browser.seeText("This profile cannot be opened");
    }

    /** Somebody else's request. {@return the answer; null if there is none} */
    private static JsonNode asTeun(String path, @Nullable String body) throws Exception {
        try (var client = HttpClient.newHttpClient()) {
            var request = HttpRequest.newBuilder(URI.create(RunningKite.address() + path))
                .header("Content-Type", "application/json")
                .header("Kite-Author", "Teun")
                .method(body == null ? "GET" : "POST",
                        body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body))
                .build();
            var answer = client.send(request, HttpResponse.BodyHandlers.ofString());
            assertThat(answer.statusCode()).isLessThan(300);
            return answer.body().isEmpty() ? JsonMapper.shared().nullNode() : JsonMapper.shared().readTree(answer.body());
        }
    }

    @Test
    void aBattenOfTenCellsIsWrittenPublishedAndDescribed() throws Exception {
        begin("Rushlight 10");
        mode("Cells", 1);
        chart("dimmer, strobe, red, green, blue, white", 6);
        browser.press("Cells");
        for (var colour : List.of("Red", "Green", "Blue", "White")) {
            browser.see(By.xpath("//label[contains(normalize-space(), '" + colour + "')]/input")).click();
        }
        browser.press("Make cells");
        browser.seeText("2 shared + 10 x 4 = 42");

        var described = describe(publish("Ten cells"));

        assertThat(described.at("/modes/0/footprint/1").asInt()).isEqualTo(42);
        var channels = channels(described.at("/modes/0"));
        assertThat(channels).hasSize(42)
            .startsWith("Head_Dimmer [1]", "Head_Shutter1Strobe [2]", "Cell 1_ColorAdd_R [3]", "Cell 2_ColorAdd_R [7]")
            .endsWith("Cell 10_ColorAdd_W [42]");
    }

    @Test
    void modesAreComparedAndOneGoesBackToAnyPoint() {
        begin("Sandpiper");
        mode("Wide", 1);
        chart("pan 16 bit, dimmer", 2);
        mode("Small", 2);
        chart("dimmer, zoom", 2);
        browser.press("Compare modes");
        browser.seeText("Modes side by side");
        browser.see(By.xpath("//tr[th[contains(., 'Pan')]][td[normalize-space()='16']][td[normalize-space()='–']]"));
        browser.see(By.xpath("//tr[th[normalize-space()='Addresses of 12']][td[normalize-space()='36']][td[normalize-space()='24']]"));
        browser.press("Close");

        browser.see(By.xpath("//section[@aria-label='History']//button[contains(., \"Mode is called 'Wide'\")]")).click();

        browser.see(By
            .xpath("//section[@aria-label='History']//button[contains(@class, 'line-through')][contains(., \"Added to mode 'Small'\")]"));
        browser.seeText("0 channels, 0 addresses");
        browser.typeOn("?");
        browser.seeText("Keys of the editor");
    }

    @Test
    void aModeOf512ChannelsDrawsOnlyTheRowsInSight() throws Exception {
        var parts = IntStream.rangeClosed(1, 512)
            .mapToObj(i -> ProfileBuilder.part(Geometry.Kind.Beam, "Part " + i))
            .toArray(Geometry[]::new);
        var type = ProfileBuilder.profile("Tidewick", "Great Barge")
            .id("5B1C7A52-3E60-4D0B-9C41-7A1D52E0B512")
            .attribute("Dimmer", "Dimmer", "Dimmer.Dimmer", "", PhysicalUnit.LuminousIntensity)
            .body(ProfileBuilder.part(Geometry.Kind.Geometry, "Base", parts))
            .mode("All", "Base",
                    mode -> IntStream.rangeClosed(1, 512)
                        .forEach(i -> mode.channel("Dimmer", "Part " + i, ModeBuilder.at(i), c -> c.function("Level", 0, f -> {}))))
            .build();
        browser.drop("great.gdtf", new GdtfFile(GdtfDescription.of(type), Map.of()).write());
        browser.press("Edit");
        browser.seeText("512 channels, 512 addresses");

        assertThat((long) browser.run("return document.querySelectorAll('ul[aria-label=Channels] > li').length")).isBetween(10L, 60L);
        browser.run("const pane = document.querySelector('ul[aria-label=Channels]').parentElement; pane.scrollTo(0, pane.scrollHeight)");
        browser.see(By.cssSelector("ul[aria-label=Channels] > li[aria-posinset='512'] button[aria-expanded]")).click();
        browser.see(By.cssSelector("section[aria-label=Channel]"));
        browser.typeOn("d");
        browser.seeFocusIn(DIALOG);
        browser.typeOn("128");
        browser.key(Keys.ENTER);
        browser.seeText("into 128 parts");
        browser.see(By.cssSelector("[role=group][aria-label='128 named ranges']"));
        assertThat((long) browser.run("return document.querySelectorAll('[data-range-row]').length")).isBetween(8L, 40L);
    }

    private static List<String> channels(JsonNode mode) {
        var channels = new ArrayList<String>();
        mode.path("channels").forEach(each -> channels.add(each.path("name").asString() + " " + each.path("addresses")));
        return channels;
    }

    private static List<String> ranges(JsonNode channel) {
        var ranges = new ArrayList<String>();
        channel.at("/functions/0/ranges")
            .forEach(each -> ranges.add(each.path("name").asString() + " " + each.path("from") + "-" + each.path("to")));
        return ranges;
    }
}
