package yellowkite.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.put;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite;
import yellowkite.sim.RunningSim;
import yellowkite.sim.SimulatedFixture;

class RdmTest {
    private static String ask(String destination) {
        return "/api/rdm-devices?universe=3&destination=" + URLEncoder.encode(destination, StandardCharsets.UTF_8);
    }

    @Test
    void aFixtureIsFoundAndSet() throws Exception {
        var fixture = new SimulatedFixture(DemoHouse.petrelSpot().description().type(), 1, 3, 101, new Uid(0x7ff0, 8), List.of(), "0.9",
                System::nanoTime);
        try (var sim = new RunningSim(fixture, 0, 0, 0)) {
            var to = "artnet 127.0.0.1:" + sim.artNetPort();
            var found = get(ask(to)).json().get(0);
            assertThat(found.path("model").asString() + " " + found.path("software").asString() + " " + found.path("slots") + " "
                    + found.path("address"))
                .isEqualTo("Petrel Spot 0.9 22 101");

            var set = put("/api/rdm-devices/7ff0:00000008",
                    "{\"destination\": \"" + to + "\", \"universe\": 3, \"address\": 21, \"personality\": 2, \"identify\": true}")
                .json();
            assertThat(set.path("address") + " " + set.path("personality") + " " + set.path("slots")).isEqualTo("21 2 13");
            assertThat(fixture.look().identify()).isTrue();

            var refused = put("/api/rdm-devices/7ff0:00000008", "{\"destination\": \"" + to + "\", \"universe\": 3, \"address\": 900}");
            assertThat(refused.status()).isEqualTo(422);
            assertThat(refused.detail()).contains("outside of what it has");
        }
    }

    @Test
    void whatCannotBeAskedIsRefused() {
        assertThat(get(ask("sacn 127.0.0.1:5568")).detail()).contains("RDM is asked over Art-Net");
        assertThat(get(ask("artnet 10.9.8.7:6454")).detail()).contains("does not talk to 10.9.8.7");
        assertThat(put("/api/rdm-devices/ffff:ffffffff", "{\"destination\": \"artnet 127.0.0.1:9\", \"universe\": 3}").status())
            .isEqualTo(404);
        assertThat(put("/api/rdm-devices/x", "{}").status()).isIn(400, 404);
        assertThat(RunningKite.get("/api/rdm-devices").status()).isEqualTo(400);
    }
}
