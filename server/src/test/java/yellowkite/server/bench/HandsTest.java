package yellowkite.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;
import static yellowkite.server.RunningKite.put;

import java.util.List;
import java.util.Objects;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import yellowkite.core.wire.UniverseSources;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.demo.DemoHouse;
import yellowkite.output.Command;
import yellowkite.server.RunningKite;
import yellowkite.sim.RunningSim;
import yellowkite.sim.SimulatedFixture;

/** Hands on a simulated spot in its Compact mode: 0 pan, 1 tilt, then the rest; and the universe that it hears. */
class HandsTest {
    private RunningSim sim;
    private String hands = "";

    @BeforeEach
    void takeInHand() throws Exception {
        sim = new RunningSim(
                new SimulatedFixture(DemoHouse.petrelSpot().description().type(), 2, 4, 21, new Uid(0x7ff0, 4), List.of(), "1.0",
                        System::nanoTime),
                0, 0, 0);
        var profile = RunningKite.takeIn(RunningKite.fresh(DemoHouse.petrelSpot()));
        var pin = get("/api/profiles/" + profile).json().path("pin").asString();
        var begun = post("/api/hands", "{\"pin\": \"" + pin + "\", \"mode\": \"Compact\", \"destination\": \"artnet 127.0.0.1:"
                + sim.artNetPort() + "\", \"universe\": 4, \"address\": 21}");
        assertThat(begun.status()).as(begun.detail()).isEqualTo(201);
        hands = "/api/hands/" + begun.json().path("id").asString();
    }

    @AfterEach
    void dark() throws Exception {
        RunningKite.delete("/api/live");
        sim.close();
    }

    private void live(boolean on) {
        assertThat(post(hands + "/live", "{\"on\": " + on + "}").json().path("live").asBoolean()).isEqualTo(on);
    }

    private int shown(int address, int hoped) throws Exception {
        return Showing.shown(sim, address, hoped);
    }

    /** {@return what leaves at its first address, once it is that, or at the end of a while} */
    private static int leaving(int hoped) throws Exception {
        int level = -1;
        for (int i = 0; i < 200 && level != hoped; i++) {
            Thread.sleep(20);
            level = get("/api/universes/4").json().at("/levels/20").asInt();
        }
        return level;
    }

    @Test
    void aFixtureIsMovedInDegreesOnceItIsLive() throws Exception {
        var moved = post(hands + "/moves", "{\"moves\": [{\"channel\": 0, \"function\": 0, \"physical\": 270}], \"seconds\": 0}").json();
        assertThat(moved.at("/state/at/0/raw").asInt()).isEqualTo(255);
        assertThat(moved.at("/state/at/0/physical").asString()).isEqualTo("270");
        assertThat(get("/api/live").json().path("live").asBoolean()).as("nothing goes out by itself").isFalse();

        live(true);
        assertThat(shown(1, 255)).isEqualTo(255);
        assertThat(get("/api/live").json().at("/universes/0/what").asString()).startsWith("Hands on Tidewick Petrel Spot");
        live(false);
        assertThat(shown(1, 128)).as("it ends at its start values").isEqualTo(128);
    }

    @Test
    void whatWasSetDoesNotComeBackByItselfOnceTheOutputBrokeOff() throws Exception {
        live(true);
        post(hands + "/moves", "{\"moves\": [{\"channel\": 1, \"raw\": 250}], \"seconds\": 0}");
        assertThat(shown(2, 250)).isEqualTo(250);

        Objects.requireNonNull(RunningKite.part(LiveOutput.class).handle()).destroyForcibly();

        int start = 128; // tilt's start value
        assertThat(shown(2, start)).isEqualTo(start);
        assertThat(get(hands).json().at("/state/at/1/raw").asInt()).isEqualTo(start);
        post(hands + "/moves", "{\"moves\": [{\"channel\": 0, \"raw\": 200}], \"seconds\": 0}");
        assertThat(shown(1, 200)).isEqualTo(200);
        assertThat(shown(2, start)).as("only what was moved").isEqualTo(start);
        assertThat(get("/api/live").json().path("restarts").asInt()).isPositive();
    }

    /** Whoever plays a film may send the next frame in the moment in which the output comes back. */
    @Test
    void nothingSlipsInBeforeWhatWasPlayedIsPutToRest() throws Exception {
        live(true);
        assertThat(shown(1, 128)).isEqualTo(128);
        var output = RunningKite.part(LiveOutput.class);
        var levels = new byte[512];
        levels[20] = (byte) 250;
        var holder = hands.substring(hands.lastIndexOf('/') + 1);
        output.onBreak(() -> output.send(holder, new Command.Levels(4, levels)));
        int before = output.state().restarts();

        Objects.requireNonNull(output.handle()).destroyForcibly();
        for (int i = 0; i < 200 && output.state().restarts() == before; i++) {
            Thread.sleep(20);
        }

        put("/api/universes/4/held", "{\"values\": {\"22\": 250}}");
        assertThat(shown(2, 250)).as("what was said after it").isEqualTo(250);
        assertThat(shown(1, 128)).isEqualTo(128);
    }

    @Test
    void aLookIsKeptAndSentAsAFadeThatSaysWhatItPassesOver() throws Exception {
        var compact = DemoHouse.petrelSpot().description().type().modes().get(1);
        int gobo = 0;
        while (!compact.channels().get(gobo).attribute().equals("Gobo1")) {
            gobo++;
        }
        live(true);
        var ranges = get(hands).json().at("/channels/" + gobo + "/functions/0/ranges");
        long last = ranges.get(ranges.size() - 1).path("value").asLong();
        post(hands + "/moves", "{\"moves\": [{\"channel\": " + gobo + ", \"raw\": " + last + "}], \"seconds\": 0}");
        var looks = post(hands + "/looks", "{\"name\": \"Last gobo\"}").json();
        assertThat(looks.at("/0/name").asString()).isEqualTo("Last gobo");
        post(hands + "/start", "");

        var sent = post(hands + "/looks/" + looks.at("/0/id").asString() + "/send", "{\"seconds\": 0.2}").json();

        assertThat(sent.at("/passed/0/ranges").values().stream().map(each -> each.asString())).contains("Reeds", "Ripples");
        assertThat(sent.at("/state/at/" + gobo + "/raw").asLong()).isEqualTo(last);
        assertThat(shown(gobo + 1, (int) last)).isEqualTo((int) last);
        assertThat(post(hands + "/looks", "{\"name\": \" \"}").detail()).isEqualTo("A look needs a name.");
        assertThat(RunningKite.delete(hands + "/looks/" + looks.at("/0/id").asString()).json()).isEmpty();
    }

    @Test
    void anAddressIsHeldByHandWhateverIsSent() throws Exception {
        live(true);
        assertThat(put("/api/universes/4/held", "{\"values\": {\"21\": 7}}").json().at("/held/21").asInt()).isEqualTo(7);
        post(hands + "/moves", "{\"moves\": [{\"channel\": 0, \"raw\": 200}], \"seconds\": 0}");
        assertThat(shown(1, 7)).isEqualTo(7);
        assertThat(get("/api/live").json().at("/universes/0/held").asInt()).isEqualTo(1);
        assertThat(get("/api/universes/4/owners").json().get(20).asString()).isEqualTo("Pan");
        assertThat(leaving(7)).isEqualTo(7);

        put("/api/universes/4/held", "{\"values\": {}}");
        assertThat(shown(1, 200)).isEqualTo(200);
        assertThat(put("/api/universes/4/held", "{\"values\": {\"513\": 7}}").status()).isEqualTo(422);
        assertThat(put("/api/universes/9/held", "{\"values\": {}}").detail()).isEqualTo("Universe 9 is not live.");
    }

    @Test
    void whatLeftIsRecordedAndPlayedAgain() throws Exception {
        assertThat(post("/api/recording", "{\"universe\": 4, \"incoming\": false}").detail()).isEqualTo("Universe 4 is not live.");
        live(true);
        assertThat(post("/api/recording", "{\"universe\": 4, \"incoming\": false}").json().path("state").asString()).isEqualTo("RECORDING");
        post(hands + "/moves", "{\"moves\": [{\"channel\": 0, \"raw\": 33}], \"seconds\": 0}");
        assertThat(leaving(33)).isEqualTo(33);
        Thread.sleep(1_500); // what is played is looked at twenty times a second
        assertThat(post("/api/recording/stop", "").json().path("state").asString()).isEqualTo("DONE");
        live(false);
        assertThat(shown(1, 128)).isEqualTo(128);
        TimeUnit.NANOSECONDS.sleep(UniverseSources.UNHEARD); // until then the last 128 of that sender wins over any 33

        post("/api/recording/play", "{\"destination\": \"artnet 127.0.0.1:" + sim.artNetPort() + "\"}");
        assertThat(shown(1, 33)).isEqualTo(33);
        for (int i = 0; i < 200 && !get("/api/recording").json().path("state").asString().equals("DONE"); i++) {
            Thread.sleep(20);
        }
        assertThat(get("/api/live").json().path("live").asBoolean()).as("it ends by itself").isFalse();

        post("/api/recording/play", "{\"destination\": \"artnet 127.0.0.1:" + sim.artNetPort() + "\"}");
        assertThat(shown(1, 33)).isEqualTo(33);
        Objects.requireNonNull(RunningKite.part(LiveOutput.class).handle()).destroyForcibly();
        assertThat(shown(1, 0)).as("once the output broke off it does not go on by itself").isZero();
        assertThat(get("/api/recording").json().path("state").asString()).isEqualTo("DONE");
        assertThat(get("/api/live").json().path("live").asBoolean()).as("until somebody ends it").isTrue();
    }

    @Test
    void universesThatComeInAreHeard() throws Exception {
        var heard = put("/api/incoming", "{\"protocol\": \"ARTNET\", \"port\": 0}").json();
        int port = heard.path("port").asInt();
        assertThat(put("/api/universes/9/held", "{\"values\": {}}").status()).isEqualTo(422);
        var open = post("/api/universes/9/live", "{\"destination\": \"artnet 127.0.0.1:" + port + "\"}");
        assertThat(open.json().path("byHand").asBoolean()).as(open.detail()).isTrue();
        put("/api/universes/9/held", "{\"values\": {\"512\": 99}}");

        for (int i = 0; i < 100 && get("/api/universes/9?in=true").json().at("/levels/511").asInt() != 99; i++) {
            Thread.sleep(50);
        }
        var look = get("/api/universes/9?in=true").json();
        assertThat(look.at("/levels/511").asInt()).isEqualTo(99);
        assertThat(look.at("/from/0").asString()).startsWith("Art-Net 127.0.0.1:");
        assertThat(get("/api/incoming").json().at("/universes/0/universe").asInt()).isEqualTo(9);
        RunningKite.delete("/api/incoming");
        assertThat(get("/api/universes/9?in=true").json().path("moving").asBoolean()).isFalse();
    }

    @Test
    void whatThereIsNotIsRefused() {
        assertThat(post(hands + "/moves", "{\"moves\": [{\"channel\": 99, \"raw\": 1}], \"seconds\": 0}").status()).isEqualTo(422);
        assertThat(post(hands + "/moves", "{\"moves\": [], \"seconds\": -1}").status()).isEqualTo(422);
        assertThat(post(hands + "/moves", "{\"moves\": [{\"channel\": 0}], \"seconds\": 0}").status()).isEqualTo(400);
        assertThat(post(hands + "/colour", "{\"hex\": \"red\", \"brightness\": 100, \"seconds\": 0}").status()).isEqualTo(422);
        assertThat(post(hands + "/colour", "{\"hex\": \"#ff0000\", \"brightness\": 0, \"seconds\": 0}").status()).isEqualTo(422);
        assertThat(get("/api/hands/none").status()).isEqualTo(404);
        assertThat(get("/api/universes/0").status()).isEqualTo(422);
        assertThat(put("/api/incoming", "{\"protocol\": \"SACN\", \"port\": 70000}").status()).isEqualTo(422);
        assertThat(RunningKite.delete(hands).status()).isEqualTo(204);
        assertThat(get(hands).status()).isEqualTo(404);
    }
}
