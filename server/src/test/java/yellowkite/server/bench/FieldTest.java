package yellowkite.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;

import java.net.URI;
import java.util.Base64;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.demo.DemoHouse;
import yellowkite.output.Telemetry;
import yellowkite.server.RunningKite;
import yellowkite.sim.RunningSim;
import yellowkite.sim.SimulatedFixture;

/** A picture onto the batten of the demo: three addresses for all, then red, green, blue and white of each of ten cells. */
class FieldTest {
    private final String pin = get("/api/profiles/" + RunningKite.takeIn(RunningKite.fresh(DemoHouse.reedline10()))).json()
        .path("pin")
        .asString();

    @AfterEach
    void dark() {
        RunningKite.delete("/api/live");
    }

    private String request(String destination, int universe, int address, boolean live, String... frames) {
        return "{\"pin\": \"" + pin + "\", \"mode\": \"Cells\", \"destination\": \"" + destination + "\", \"universe\": " + universe
                + ", \"address\": " + address
                + ", \"rigId\": null, \"units\": [], \"across\": 1, \"down\": 1, \"order\": \"ROWS\", \"fit\": \"STRETCH\", \"quarters\": 0,"
                + " \"mirrored\": false, \"width\": 2, \"height\": 1, \"frames\": [\"" + String.join("\", \"", frames)
                + "\"], \"framesASecond\": 10, \"live\": " + live + "}";
    }

    /** Two pixels. */
    private static String frame(int... rgb) {
        var bytes = new byte[8];
        for (int i = 0; i < 2; i++) {
            for (int part = 0; part < 3; part++) {
                bytes[4 * i + part] = (byte) (rgb[i] >> 16 - 8 * part);
            }
            bytes[4 * i + 3] = (byte) 255;
        }
        return Base64.getEncoder().encodeToString(bytes);
    }

    @Test
    void aPictureGoesOutOntoTheCells() throws Exception {
        try (var sim = new RunningSim(
                new SimulatedFixture(DemoHouse.reedline10().description().type(), 1, 6, 31, new Uid(0x7ff0, 6), List.of(),
                        "1.0", System::nanoTime),
                0, 0, 0); var telemetry = new Telemetry(URI.create(sim.telemetry()))) {
            var to = "artnet 127.0.0.1:" + sim.artNetPort();
            var shown = post("/api/field", request(to, 6, 31, true, frame(0xff0000, 0x0000ff)));
            assertThat(shown.status()).as(shown.detail()).isEqualTo(200);
            assertThat(shown.json().path("cells")).hasSize(10);
            assertThat(shown.json().at("/cells/0/hex").asString() + " " + shown.json().at("/cells/9/hex").asString())
                .isEqualTo("#ff0000 #0000ff");

            int green = 255; // all cells start at white
            for (int i = 0; i < 200 && green != 0; i++) {
                Thread.sleep(50);
                green = telemetry.look().dmx().getOrDefault(5, 255);
            }
            var dmx = telemetry.look().dmx();
            // the first cell at 4 to 7, the last at 40 to 43
            assertThat(List.of(dmx.get(4), dmx.get(5), dmx.get(6), dmx.get(7))).containsExactly(255, 0, 0, 0);
            assertThat(List.of(dmx.get(40), dmx.get(41), dmx.get(42), dmx.get(43))).containsExactly(0, 0, 255, 0);
            assertThat(get("/api/live").json().at("/universes/0/what").asString()).isEqualTo("Picture on Reedline 10");
            assertThat(RunningKite.delete("/api/field").status()).isEqualTo(204);
            assertThat(get("/api/live").json().path("live").asBoolean()).isFalse();
        }
    }

    @Test
    void aFilmGoesOnAndAPictureIsOnlyLookedAtUntilItIsLive() throws Exception {
        try (var sim = new RunningSim(
                new SimulatedFixture(DemoHouse.reedline10().description().type(), 1, 6, 31, new Uid(0x7ff0, 7), List.of(),
                        "1.0", System::nanoTime),
                0, 0, 0); var telemetry = new Telemetry(URI.create(sim.telemetry()))) {
            var to = "artnet 127.0.0.1:" + sim.artNetPort();
            post("/api/field", request(to, 6, 31, false, frame(0xff0000, 0)));
            assertThat(get("/api/live").json().path("live").asBoolean()).isFalse();

            post("/api/field", request(to, 6, 31, true, frame(0xff0000, 0), frame(0x00ff00, 0)));
            var seen = new java.util.HashSet<Integer>();
            for (int i = 0; i < 500 && seen.size() < 3; i++) {
                Thread.sleep(20);
                var dmx = telemetry.look().dmx();
                seen.add(dmx.getOrDefault(4, 0) == 255 && dmx.getOrDefault(5, 0) == 0 ? 1 : dmx.getOrDefault(5, 0) == 255 ? 2 : 3);
            }
            assertThat(seen).contains(1, 2);

            Objects.requireNonNull(RunningKite.part(LiveOutput.class).handle()).destroyForcibly();
            for (int i = 0; i < 200 && get("/api/field").json().path("shown").asBoolean(); i++) {
                Thread.sleep(20);
            }
            assertThat(Showing.shown(sim, 6, 255)).as("blue, as at the start: the film does not go on by itself").isEqualTo(255);
            assertThat(get("/api/field").json().path("shown").asBoolean()).isFalse();
            assertThat(get("/api/live").json().path("live").asBoolean()).as("until somebody ends it").isTrue();
        }
    }

    @Test
    void whatDoesNotFitIsRefused() {
        var one = frame(0, 0);
        assertThat(post("/api/field", request("artnet 10.9.8.7:6454", 6, 1, true, one)).detail()).contains("does not talk to 10.9.8.7");
        assertThat(post("/api/field", request("artnet 127.0.0.1:6454", 6, 1, false, "AAAA")).detail())
            .isEqualTo("A picture of 2 by 1 pixels has 8 bytes.");
        assertThat(post("/api/field", request("artnet 127.0.0.1:6454", 6, 1, false, "%")).status()).isEqualTo(422);
        assertThat(post("/api/field", request("artnet 127.0.0.1:6454", 6, 900, true, one)).status()).isEqualTo(422);
        assertThat(
                post("/api/field", request("artnet 127.0.0.1:6454", 6, 1, false, one).replace("\"across\": 1", "\"across\": 900")).detail())
            .isEqualTo("A field has from 1 to 100 fixtures.");
        assertThat(
                post("/api/field", request("artnet 127.0.0.1:6454", 6, 1, false, one).replace("\"width\": 2", "\"width\": 9999")).status())
            .isEqualTo(422);
    }
}
