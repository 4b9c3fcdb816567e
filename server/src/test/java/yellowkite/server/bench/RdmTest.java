package yellowkite.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;
import static yellowkite.server.RunningKite.put;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.Protocols;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.core.xml.Source;
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

    /** The rig has the spot in Extended at 3.1; the fixture is in Compact at 101. */
    @Test
    void whatDiffersFromARigIsToldWithTheCureOnEitherSide() throws Exception {
        var spot = RunningKite.fresh(DemoHouse.petrelSpot());
        var type = spot.description().type().with(f -> f.name = "Quittance Spot");
        var profile = RunningKite.takeIn(new GdtfFile(GdtfDescription.of(type), spot.others()));
        var fixture = new SimulatedFixture(type, 2, 3, 101, new Uid(0x7ff0, 9), List.of(), "1.0", System::nanoTime);
        try (var sim = new RunningSim(fixture, 0, 0, 0)) {
            var rig = post("/api/rigs", "{\"name\": \"Bench rig\", \"production\": \"\"}").json().path("id").asString();
            var mode = get("/api/modes?words=" + URLEncoder.encode(type.name() + " Extended", StandardCharsets.UTF_8)).json().get(0);
            var added = post("/api/rigs/" + rig + "/edits", "{\"version\": 0, \"edit\": {\"type\": \"addUnits\", \"seed\": \""
                    + UUID.randomUUID() + "\", \"fixture\": " + mode
                    + ", \"count\": 1, \"at\": \"3.1\", \"layer\": \"\", \"groups\": [], \"shared\": false}}");
            assertThat(added.status()).as(added.detail()).isEqualTo(200);

            var to = "artnet 127.0.0.1:" + sim.artNetPort();
            var found = get(ask(to) + "&rig=" + rig).json().get(0);
            assertThat(found.at("/profiles/0/profileId").asString()).isEqualTo(profile);
            assertThat(found.at("/profiles/0/mode").asString()).isEqualTo("Compact");
            assertThat(found.path("unit").isNull()).as("nothing stands at 3.101, and nothing is labelled so").isTrue();

            put("/api/rdm-devices/7ff0:00000009", "{\"destination\": \"" + to + "\", \"universe\": 3, \"address\": 1}");
            var unit = get(ask(to) + "&rig=" + rig).json().at("/0/unit");
            assertThat(unit.path("differs").values().stream().map(each -> each.path("says").asString()))
                .containsExactly("The fixture is in personality 2, 13 slots; the rig has 'Extended', 22.");
            assertThat(unit.at("/differs/0/cures").values().stream().map(each -> each.path("says").asString()))
                .containsExactly("Set fixture to personality 1", "Change unit to 'Compact'");

            var version = get("/api/rigs/" + rig).json().path("version").asInt();
            var edited = post("/api/rigs/" + rig + "/edits",
                    "{\"version\": " + version + ", \"edit\": " + unit.at("/differs/0/cures/1/edit") + "}");
            assertThat(edited.status()).as(edited.detail()).isEqualTo(200);
            assertThat(get(ask(to) + "&rig=" + rig).json().at("/0/unit/differs")).as("cured in the rig").isEmpty();

            var identify = "/api/rigs/" + rig + "/units/" + unit.path("uuid").asString() + "/identify";
            var lit = post(identify, "{\"by\": \"LIGHT\", \"destination\": \"" + to + "\"}");
            assertThat(lit.status()).as(lit.detail()).isEqualTo(204);
            for (int i = 0; i < 200 && fixture.look().level() == 0; i++) {
                Thread.sleep(50);
            }
            assertThat(fixture.look().level()).as("it can be seen").isPositive();
            assertThat(post(identify, "{\"by\": \"RDM\", \"destination\": \"" + to + "\"}").status()).isEqualTo(204);
            assertThat(fixture.look().identify()).isTrue();
            assertThat(RunningKite.delete("/api/identify").status()).isEqualTo(204);
            assertThat(fixture.look().identify()).isFalse();
            assertThat(get("/api/live").json().path("live").asBoolean()).isFalse();
            assertThat(post(identify.replace(unit.path("uuid").asString(), "none"), "{\"by\": \"RDM\", \"destination\": \"" + to + "\"}")
                .status())
                .isEqualTo(404);
        }
    }

    /** The profile states 7FF0:0042 and is called otherwise than its fixture calls itself. */
    @Test
    void aModelIsKnownByItsIdsUnderAnyName() throws Exception {
        var spot = RunningKite.fresh(DemoHouse.petrelSpot());
        var ids = new Protocols(new Protocols.Rdm(0x7ff0, 0x0042, List.of(), Source.NONE), List.of(), Source.NONE);
        var type = spot.description().type().with(f -> {
            f.name = "Ferryman";
            f.protocols = ids;
        });
        var profile = RunningKite.takeIn(new GdtfFile(GdtfDescription.of(type), spot.others()));
        var called = type.with(f -> {
            f.manufacturer = "Quill";
            f.name = "Nightboat 4";
        });
        var fixture = new SimulatedFixture(called, 1, 3, 101, new Uid(0x7ff0, 11), List.of(), "1.0", System::nanoTime);
        try (var sim = new RunningSim(fixture, 0, 0, 0)) {
            var found = get(ask("artnet 127.0.0.1:" + sim.artNetPort())).json().get(0);

            assertThat(found.path("model").asString()).isEqualTo("Nightboat 4");
            assertThat(found.at("/profiles/0/profileId").asString()).isEqualTo(profile);
            assertThat(found.at("/profiles/0/sure").asString()).isEqualTo("BY_ID");
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
