package yellowkite.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;
import static yellowkite.server.RunningKite.put;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite;
import yellowkite.sim.RunningSim;
import yellowkite.sim.SimulatedFixture;

/** Two spots in Compact, 13 addresses each, at 5.1 and 5.14; pan is their first address and tilt the second. The second one is there. */
class RigShowTest {
    private RunningSim sim;
    private String to = "";
    private String rig = "";
    private String first = "";
    private String second = "";

    @BeforeEach
    void rigUp() throws Exception {
        var spot = RunningKite.fresh(DemoHouse.petrelSpot());
        var type = spot.description().type().with(f -> f.name = "Lantern " + UUID.randomUUID());
        RunningKite.takeIn(new GdtfFile(GdtfDescription.of(type), spot.others()));
        sim = new RunningSim(new SimulatedFixture(type, 2, 5, 14, new Uid(0x7ff0, 12), List.of(), "1.0", System::nanoTime), 0, 0, 0);
        to = "artnet 127.0.0.1:" + sim.artNetPort();
        rig = "/api/rigs/" + post("/api/rigs", "{\"name\": \"Pier\", \"production\": \"\"}").json().path("id").asString();
        var mode = get("/api/modes?words=" + URLEncoder.encode(type.name() + " Compact", StandardCharsets.UTF_8)).json().get(0);
        edit("{\"type\": \"addUnits\", \"seed\": \"" + UUID.randomUUID() + "\", \"fixture\": " + mode
                + ", \"count\": 2, \"at\": \"5.1\", \"layer\": \"\", \"groups\": [], \"shared\": false}");
        first = unit(0);
        second = unit(1);
    }

    @AfterEach
    void dark() throws Exception {
        RunningKite.delete("/api/live");
        sim.close();
    }

    private String unit(int index) {
        return get(rig).json().at("/units/" + index + "/uuid").asString();
    }

    private void edit(String edit) {
        int version = get(rig).json().path("version").asInt();
        var edited = post(rig + "/edits", "{\"version\": " + version + ", \"edit\": " + edit + "}");
        assertThat(edited.status()).as(edited.detail()).isEqualTo(200);
    }

    private RunningKite.Answer goLive() {
        return post(rig + "/live", "{\"destination\": \"" + to + "\"}");
    }

    private String asked() {
        return rig + "/live?destination=" + URLEncoder.encode(to, StandardCharsets.UTF_8);
    }

    private int shown(int address, int hoped) throws Exception {
        return Showing.shown(sim, address, hoped);
    }

    @Test
    void eachUnitStandsAtItsStartValuesThroughItsAdjustments() throws Exception {
        edit("{\"type\": \"adjustChannel\", \"units\": [\"" + second
                + "\"], \"channel\": \"Pan\", \"to\": {\"invert\": true, \"curve\": [], \"scale\": 1, \"from\": 0, \"to\": 1, \"outsideMaster\": false, \"snap\": null, \"start\": 1}}");
        assertThat(get(asked()).json().path("live").asBoolean()).as("nothing goes out by itself").isFalse();
        assertThat(get(asked()).json().at("/ways/0/to").asString()).startsWith("artnet 127.0.0.1");

        var live = goLive();

        assertThat(live.status()).as(live.detail()).isEqualTo(200);
        assertThat(live.json().path("live").asBoolean()).isTrue();
        assertThat(shown(1, 0)).as("pan begins at its upper end, which is the lower one the other way").isZero();
        assertThat(shown(2, 128)).as("tilt as its profile says").isEqualTo(128);
        assertThat(get("/api/universes/5/owners").json().get(13).asString()).matches("\\d+ Pan");
        assertThat(get("/api/live").json().at("/universes/0/what").asString()).isEqualTo("Rig Pier");

        edit("{\"type\": \"adjustChannel\", \"units\": [\"" + second
                + "\"], \"channel\": \"Pan\", \"to\": {\"invert\": false, \"curve\": [], \"scale\": 1, \"from\": 0, \"to\": 1, \"outsideMaster\": false, \"snap\": null, \"start\": 1}}");
        assertThat(get(asked()).json().path("behind").asBoolean()).isTrue();
        assertThat(goLive().json().path("behind").asBoolean()).isFalse();
        assertThat(shown(1, 255)).as("it is sent as it is now").isEqualTo(255);

        assertThat(RunningKite.delete(asked()).json().path("live").asBoolean()).isFalse();
        assertThat(get("/api/live").json().path("live").asBoolean()).isFalse();
    }

    @Test
    void aUnitInHandMovesInItsRigAndStaysWhereItIsAfterAnotherWasLitUp() throws Exception {
        edit("{\"type\": \"putUniverse\", \"facts\": {\"universe\": 5, \"name\": \"\", \"place\": \"\", \"output\": {\"kind\": \"ART_NET\", \"to\": \"4\"}, \"colour\": \"\"}}");
        var hands = post(rig + "/units/" + second + "/hands", "{\"destination\": \"" + to + "\"}").json();
        var id = "/api/hands/" + hands.path("id").asString();
        assertThat(hands.at("/unit/rig").asString() + " " + hands.path("universe") + "." + hands.path("address")).isEqualTo("Pier 5.14");
        assertThat(post(id + "/live", "{\"on\": true}").json().path("live").asBoolean()).isTrue();
        post(id + "/moves", "{\"moves\": [{\"channel\": 0, \"raw\": 200}], \"seconds\": 0}");
        assertThat(shown(1, 200)).isEqualTo(200);

        var lit = post(rig + "/units/" + first + "/identify", "{\"by\": \"LIGHT\", \"destination\": \"" + to + "\"}");
        assertThat(lit.status()).as(lit.detail()).isEqualTo(204);
        assertThat(shown(1, 128)).as("it stands aside while another is lit up").isEqualTo(128);
        RunningKite.delete("/api/identify");
        assertThat(shown(1, 200)).isEqualTo(200);
        assertThat(get(asked()).json().path("live").asBoolean()).as("the rig was live before, and is").isTrue();

        edit("{\"type\": \"removeUnits\", \"units\": [\"" + second + "\"]}");
        goLive();
        assertThat(post(id + "/moves", "{\"moves\": [{\"channel\": 0, \"raw\": 10}], \"seconds\": 0}").detail())
            .endsWith("was changed in the rig. Take it in hand again.");
    }

    private String inHand(String unit) {
        return "/api/hands/" + post(rig + "/units/" + unit + "/hands", "{\"destination\": \"" + to + "\"}").json().path("id").asString();
    }

    @Test
    void aUnitThatWasMovedStaysAtItsStartOnceTheOutputBrokeOff() throws Exception {
        goLive();
        post(inHand(second) + "/moves", "{\"moves\": [{\"channel\": 0, \"raw\": 200}], \"seconds\": 0}");
        assertThat(shown(1, 200)).isEqualTo(200);

        Objects.requireNonNull(RunningKite.part(LiveOutput.class).handle()).destroyForcibly();

        assertThat(shown(1, 128)).isEqualTo(128);
        post(inHand(first) + "/moves", "{\"moves\": [{\"channel\": 0, \"raw\": 10}], \"seconds\": 0}");
        var levels = get("/api/universes/5").json().path("levels");
        for (int i = 0; i < 200 && levels.get(0).asInt() != 10; i++) {
            Thread.sleep(20);
            levels = get("/api/universes/5").json().path("levels");
        }
        assertThat(levels.get(0).asInt() + " " + levels.get(13).asInt()).as("the other one's move moves it alone").isEqualTo("10 128");
    }

    /** A picture of two pixels, the left one dark, the right one white: the spots have one cell each, and light it by their dimmers. */
    @Test
    void aPictureGoesOntoUnitsOfTheRigAndLeavesThemAtTheirStart() throws Exception {
        var picture = "{\"pin\": \"\", \"mode\": \"\", \"destination\": \"" + to + "\", \"universe\": 0, \"address\": 0, \"rigId\": \""
                + rig.replace("/api/rigs/", "") + "\", \"units\": [\"" + first + "\", \"" + second
                + "\"], \"across\": 2, \"down\": 1, \"order\": \"ROWS\", \"fit\": \"STRETCH\", \"quarters\": 0, \"mirrored\": false,"
                + " \"width\": 2, \"height\": 1, \"frames\": [\"AAAA//////8=\"], \"framesASecond\": 10, \"live\": true}";
        var shown = post("/api/field", picture);
        assertThat(shown.status()).as(shown.detail()).isEqualTo(200);
        assertThat(shown.json().at("/cells/0/hex").asString() + " " + shown.json().at("/cells/1/hex").asString())
            .isEqualTo("#000000 #ffffff");
        assertThat(get("/api/field").json().path("shown").asBoolean()).isTrue();
        assertThat(get("/api/live").json().at("/universes/0/what").asString()).isEqualTo("Rig Pier");
        int dimmer = DemoHouse.petrelSpot()
            .description()
            .type()
            .modes()
            .get(1)
            .channels()
            .stream()
            .filter(each -> each.attribute().equals("Dimmer"))
            .findFirst()
            .orElseThrow()
            .offsets()
            .getFirst();
        assertThat(shown(dimmer, 255)).as("the second unit has the white pixel").isEqualTo(255);
        assertThat(get("/api/universes/5").json().at("/levels/" + (dimmer - 1)).asInt()).as("the first one the dark one").isZero();

        RunningKite.delete("/api/field");
        assertThat(get("/api/live").json().path("live").asBoolean()).as("the rig was not live before").isFalse();
        assertThat(post("/api/field", picture.replace("\"across\": 2", "\"across\": 3")).detail())
            .isEqualTo("The grid has 3 places, and there are 2 units.");
        assertThat(post("/api/field", picture.replace("\"" + first + "\", ", "\"none\", ")).status()).isEqualTo(404);
        assertThat(post("/api/field", picture.replaceAll("\"units\": [^]]*]", "\"units\": []")).detail()).contains("Select the units");
    }

    /** Nobody knows what a placeholder is: nothing goes live to look for it. */
    @Test
    void aUnitThatCannotBeLitUpLeavesNoLightOn() {
        edit("{\"type\": \"addUnits\", \"seed\": \"" + UUID.randomUUID()
                + "\", \"fixture\": {\"how\": \"PLACEHOLDER\", \"pin\": \"\", \"manufacturer\": \"\", \"model\": \"\", \"mode\": \"\", \"breaks\": {\"1\": 3}, \"sure\": 0, \"why\": \"\"},"
                + " \"count\": 1, \"at\": \"5.101\", \"layer\": \"\", \"groups\": [], \"shared\": false}");

        var lit = post(rig + "/units/" + unit(2) + "/identify", "{\"by\": \"LIGHT\", \"destination\": \"" + to + "\"}");

        assertThat(lit.detail()).isEqualTo("Nobody knows what this unit is made of.");
        assertThat(get("/api/live").json().path("live").asBoolean()).isFalse();
    }

    @Test
    void whatCannotGoLiveIsRefusedAndNothingGoesOut() throws Exception {
        edit("{\"type\": \"moveUnits\", \"units\": [\"" + first + "\"], \"to\": \"4.1\"}");
        edit("{\"type\": \"putUniverse\", \"facts\": {\"universe\": 5, \"name\": \"\", \"place\": \"\", \"output\": {\"kind\": \"SACN_UNICAST\", \"to\": \"10.9.8.7\"}, \"colour\": \"\"}}");
        assertThat(get(asked()).json().at("/ways/1/refused").asString()).contains("does not talk to 10.9.8.7");
        assertThat(goLive().detail()).contains("does not talk to 10.9.8.7");
        assertThat(get("/api/live").json().path("live").asBoolean()).isFalse();

        edit("{\"type\": \"putUniverse\", \"facts\": {\"universe\": 5, \"name\": \"\", \"place\": \"\", \"output\": {\"kind\": \"NONE\", \"to\": \"\"}, \"colour\": \"\"}}");
        post("/api/universes/5/live", "{\"destination\": \"" + to + "\"}");
        assertThat(goLive().detail()).contains("Universe 5 is live already");
        assertThat(get("/api/live").json().path("universes")).as("universe 4 of the rig does not stay").hasSize(1);
        RunningKite.delete("/api/live");

        assertThat(goLive().status()).isEqualTo(200);
        var other = post("/api/rigs", "{\"name\": \"Empty\", \"production\": \"\"}").json().path("id").asString();
        assertThat(post("/api/rigs/" + other + "/live", "{\"destination\": \"" + to + "\"}").detail())
            .isEqualTo("Another rig is live. End that first.");
        RunningKite.delete("/api/live");
        assertThat(post("/api/rigs/" + other + "/live", "{\"destination\": \"" + to + "\"}").detail()).contains("has an address");
        edit("{\"type\": \"unaddress\", \"units\": [\"" + second + "\"]}");
        assertThat(post(rig + "/units/" + second + "/hands", "{\"destination\": \"" + to + "\"}").detail()).endsWith("has no address.");
        assertThat(post(rig + "/units/none/hands", "{\"destination\": \"" + to + "\"}").status()).isEqualTo(404);
        assertThat(put("/api/universes/5/held", "{\"values\": {}}").status()).isEqualTo(422);
    }
}
