package yellowkite.server.bench;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;
import static yellowkite.server.RunningKite.put;

import java.net.URI;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowkite.core.bench.Flaw;
import yellowkite.core.gobo.Picture;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.demo.DemoHouse;
import yellowkite.media.PictureFile;
import yellowkite.output.Telemetry;
import yellowkite.server.RunningKite;
import yellowkite.sim.RunningSim;
import yellowkite.sim.SimulatedFixture;

/** The real server, its real output process, and simulated fixtures on this machine. The spot's Compact mode has 13 addresses. */
class WalkTest {
    private static final int COMPACT = 1;
    private String profile = "";

    @BeforeEach
    void profile() {
        profile = RunningKite.takeIn(RunningKite.fresh(DemoHouse.petrelSpot()));
    }

    @AfterEach
    void dark() {
        RunningKite.delete("/api/live");
    }

    private static RunningSim sim(String... flaws) throws Exception {
        var all = Arrays.stream(flaws).map(each -> Flaw.parse(each).orElseThrow()).toList();
        return new RunningSim(new SimulatedFixture(DemoHouse.petrelSpot().description().type(), COMPACT + 1, 3, 21, new Uid(0x7ff0, 3), all,
                "1.0", System::nanoTime), 0, 0, 0);
    }

    private String pin() {
        return get("/api/profiles/" + profile).json().path("pin").asString();
    }

    private String walk(String destination, int address, String telemetry) {
        return "{\"pin\": \"" + pin() + "\", \"mode\": \"Compact\", \"quick\": true, \"changedOnly\": false, \"destination\": \""
                + destination
                + "\", \"universe\": 3, \"address\": " + address + ", \"telemetry\": \"" + telemetry
                + "\", \"fixtureSerial\": \"PS-0042\", \"firmware\": \"1.4\", \"notes\": \"\"}";
    }

    private static JsonNode ended(String id) throws InterruptedException {
        for (int i = 0; i < 600; i++) {
            var walk = get("/api/walks/" + id).json();
            if (!walk.path("state").asString().equals("GOING")) {
                return walk;
            }
            Thread.sleep(100);
        }
        throw new AssertionError("it never ended");
    }

    @ParameterizedTest
    @CsvSource({"artnet, wheel:Gobos:+1, Turn the wheel by 1", "sacn, deaf:Head_Zoom, "})
    void instrumentsFindWhatDisagreesThroughTheOutput(String by, String flaw, String fix) throws Exception {
        try (var sim = sim(flaw)) {
            var to = by.equals("artnet") ? "artnet 127.0.0.1:" + sim.artNetPort() : "sacn 127.0.0.1:" + sim.sacnPort();
            var begun = post("/api/walks", walk(to, 21, sim.telemetry()));
            assertThat(begun.status()).as(begun.detail()).isEqualTo(201);

            var walk = ended(begun.json().path("id").asString());

            assertThat(walk.path("state").asString()).as(walk.path("says").asString()).isEqualTo("DONE");
            assertThat(walk.path("causes").values().stream().map(each -> each.path("flaw").asString())).containsExactly(flaw);
            assertThat(walk.at("/causes/0/fixSays").asString(null)).isEqualTo(fix);
            assertThat(walk.path("differing")).isNotEmpty();
            assertThat(walk.path("agree").asInt() + walk.path("differ").asInt() + walk.path("cannotTell").asInt())
                .isEqualTo(walk.path("steps").asInt());
            assertThat(get("/api/live").json().path("live").asBoolean()).as("its light went").isFalse();
            assertThat(get("/api/walks?profile=" + profile).json().at("/0/firmware").asString()).isEqualTo("1.4");
        }
    }

    @Test
    void handsWalkStepByStepAndWhatTheFixtureShowsIsTheStep() throws Exception {
        try (var sim = sim()) {
            var id = post("/api/walks", walk("artnet 127.0.0.1:" + sim.artNetPort(), 21, "")).json().path("id").asString();
            assertThat(get("/api/live").json().path("live").asBoolean()).as("nothing goes out before it is asked for").isFalse();

            // 3 is the first of pan: its least
            var step = post("/api/walks/" + id + "/steps/3/show", "").json();
            assertThat(step.path("channel").asString()).isEqualTo("Yoke_Pan");
            assertThat(step.path("shows").asString()).isEqualTo("Pan -270\u00b0");
            assertThat(shown(sim, 0)).isZero();
            post("/api/walks/" + id + "/steps/4/show", "");
            assertThat(shown(sim, 255)).isEqualTo(255);

            assertThat(put("/api/walks/" + id + "/steps/3", "{\"verdict\": \"AGREES\", \"reason\": \"\"}").status()).isEqualTo(200);
            put("/api/walks/" + id + "/steps/4", "{\"verdict\": \"DIFFERS\", \"reason\": \"it went left\"}");
            put("/api/walks/" + id + "/steps/3", "{\"verdict\": \"CANNOT_TELL\", \"reason\": \"\"}");

            var stopped = post("/api/walks/" + id + "/end", "{\"done\": false}").json();
            assertThat(stopped.path("state").asString() + " " + stopped.path("done") + " " + stopped.path("differ") + " "
                    + stopped.path("cannotTell"))
                .isEqualTo("STOPPED 2 1 1");
            assertThat(stopped.at("/differing/0/reason").asString()).isEqualTo("it went left");
            assertThat(get("/api/live").json().path("live").asBoolean()).isFalse();
            assertThat(put("/api/walks/" + id + "/steps/5", "{\"verdict\": \"AGREES\", \"reason\": \"\"}").detail()).contains("has ended");
            assertThat(post("/api/walks/" + id + "/go-on", "").json().path("state").asString()).isEqualTo("GOING");
        }
    }

    /** {@return the level of the fixture's first address, once it is that, or at the end of a while} */
    private static int shown(RunningSim sim, int hoped) throws Exception {
        int level = -1;
        try (var telemetry = new Telemetry(URI.create(sim.telemetry()))) {
            for (int i = 0; i < 200 && level != hoped; i++) {
                Thread.sleep(50);
                level = telemetry.look().dmx().getOrDefault(1, -1);
            }
        }
        return level;
    }

    @Test
    void anOutputThatIsKilledIsStartedAgainAndSaysSo() throws Exception {
        try (var sim = sim()) {
            var id = post("/api/walks", walk("artnet 127.0.0.1:" + sim.artNetPort(), 21, "")).json().path("id").asString();
            post("/api/walks/" + id + "/steps/4/show", "");
            assertThat(shown(sim, 255)).isEqualTo(255);

            var output = Objects.requireNonNull(RunningKite.part(LiveOutput.class).handle());
            output.destroyForcibly();
            int start = 128; // pan's start value
            assertThat(shown(sim, start)).isEqualTo(start);

            var live = get("/api/live").json();
            assertThat(live.path("live").asBoolean()).isTrue();
            assertThat(live.path("note").asString())
                .isEqualTo("The output had broken off and was started again: everything stands at its start values.");
        }
    }

    @Test
    void aWalkThatFindsNothingProvesTheRevisionAndIsHandedOn() throws Exception {
        String id;
        try (var sim = sim()) {
            id = post("/api/walks",
                    walk("artnet 127.0.0.1:" + sim.artNetPort(), 21, sim.telemetry()).replace("\"quick\": true", "\"quick\": false"))
                .json()
                .path("id")
                .asString();
            var ended = ended(id);
            assertThat(ended.path("state").asString() + " " + ended.path("differ")).as(ended.path("says").asString()).isEqualTo("DONE 0");
        }
        var proofs = get("/api/profiles/" + profile + "/revisions/1/proofs").json();
        assertThat(proofs.at("/0/mode").asString() + " " + proofs.at("/0/on/0/firmware").asString() + " " + proofs.at("/0/on/0/uncovered"))
            .isEqualTo("Compact 1.4 0");
        var plan = get("/api/walk-plans?mode=Compact&pin=" + pin()).json();
        assertThat(plan.at("/proven/changed/steps").asInt()).as("nothing changed since").isZero();
        assertThat(post("/api/walks", walk("artnet 127.0.0.1:6454", 21, "").replace("\"changedOnly\": false", "\"changedOnly\": true"))
            .detail())
            .isEqualTo("Nothing has changed since this mode was proven.");

        assertThat(RunningKite.uploadOne("/api/walks/" + id + "/photos", "rail.txt", "no picture".getBytes(UTF_8)).status()).isEqualTo(422);
        var png = PictureFile.png(new Picture(2, 1, new int[]{0xFFFF0000, 0xFF0000FF}));
        var photos = RunningKite.uploadOne("/api/walks/" + id + "/photos", "rail.png", png).json();
        assertThat(photos.at("/0/name").asString()).isEqualTo("rail.png");
        assertThat(get("/api/media/" + photos.at("/0/sha256").asString()).status()).isEqualTo(200);

        var record = get("/api/walks/" + id + "/record.json").json();
        assertThat(record.path("form").asString() + " " + record.path("version") + " " + record.path("fixtureSerial").asString())
            .isEqualTo("kite-walk 1 PS-0042");
        assertThat(record.path("steps")).hasSize(plan.at("/whole/steps").asInt());
        assertThat(record.at("/photographs/0/name").asString()).isEqualTo("rail.png");
        try (var paper = Loader.loadPDF(get("/api/walks/" + id + "/record.pdf").body())) {
            assertThat(new PDFTextStripper().getText(paper)).contains("Serial number PS-0042, firmware 1.4", "Yoke_Pan", "rail.png");
        }
        try (var chart = Loader.loadPDF(get("/api/profiles/" + profile + "/revisions/1/modes/1/chart.pdf").body())) {
            assertThat(new PDFTextStripper().getText(chart)).contains("Proven on firmware 1.4");
        }
        assertThat(RunningKite.delete("/api/walks/" + id + "/photos/" + photos.at("/0/sha256").asString()).json()).isEmpty();
    }

    /** Two who send to one universe would each undo what the other shows. */
    @Test
    void aUniverseThatIsLiveIsHeldByOne() throws Exception {
        try (var sim = sim()) {
            var to = "artnet 127.0.0.1:" + sim.artNetPort();
            var one = post("/api/walks", walk(to, 21, "")).json().path("id").asString();
            var other = post("/api/walks", walk(to, 21, "")).json().path("id").asString();
            post("/api/walks/" + one + "/steps/4/show", "");

            assertThat(post("/api/walks/" + other + "/steps/3/show", "").detail())
                .isEqualTo("Universe 3 is live already, for Ines. End that first.");
            var byInstruments = post("/api/walks", walk(to, 21, sim.telemetry())).json().path("id").asString();
            assertThat(ended(byInstruments).path("says").asString()).isEqualTo("Universe 3 is live already, for Ines. End that first.");
            post("/api/walks/" + other + "/end", "{\"done\": false}");
            assertThat(get("/api/live").json().path("live").asBoolean()).as("the end of another's walk ends nothing").isTrue();
            post("/api/walks/" + one + "/end", "{\"done\": true}");
            assertThat(get("/api/live").json().path("live").asBoolean()).isFalse();
        }
    }

    @Test
    void darkStopsAllLightAtOnce() throws Exception {
        try (var sim = sim()) {
            var id = post("/api/walks", walk("artnet 127.0.0.1:" + sim.artNetPort(), 21, "")).json().path("id").asString();
            post("/api/walks/" + id + "/steps/4/show", "");
            assertThat(shown(sim, 255)).isEqualTo(255);
            assertThat(post("/api/live/dark", "{\"on\": true}").json().path("dark").asBoolean()).isTrue();
            shown(sim, 128);

            try (var telemetry = new Telemetry(URI.create(sim.telemetry()))) {
                assertThat(telemetry.look().level()).isZero();
            }
        }
    }

    @Test
    void aFixtureThatIsKilledOnTheWayEndsTheWalkInASentence() throws Exception {
        String id;
        try (var sim = sim()) {
            id = post("/api/walks", walk("artnet 127.0.0.1:" + sim.artNetPort(), 21, sim.telemetry())).json().path("id").asString();
            for (int i = 0; i < 200 && get("/api/walks/" + id).json().path("done").asInt() < 3; i++) {
                Thread.sleep(20);
            }
        }
        var walk = ended(id);

        assertThat(walk.path("state").asString()).isEqualTo("FAILED");
        assertThat(walk.path("says").asString()).contains("the fixture is gone");
        assertThat(walk.path("done").asInt()).as("what was answered is kept").isGreaterThanOrEqualTo(3);
    }

    @Test
    void onlyAddressesThatTheHouseAllowedAreSentTo() {
        assertThat(post("/api/walks", walk("artnet 10.9.8.7:6454", 21, "")).detail())
            .isEqualTo("The house does not talk to 10.9.8.7: it is not among the addresses that it allowed.");
        assertThat(post("/api/walks", walk("sacn multicast", 21, "")).detail()).contains("multicast");
        assertThat(post("/api/walks", walk("artnet 127.0.0.1:6454", 21, "http://10.9.8.7/")).detail())
            .contains("does not talk to 10.9.8.7");

        assertThat(put("/api/output-addresses", "{\"addresses\": [\"10.9.8.7\", \"multicast\"]}").json()).hasSize(2);
        assertThat(post("/api/walks", walk("artnet 10.9.8.7:6454", 21, "")).status()).isEqualTo(201);
        for (var wrong : List.of("example.com", "10.9.8", "300.1.1.1", "0x7f000001")) {
            assertThat(put("/api/output-addresses", "{\"addresses\": [\"" + wrong + "\"]}").status()).as(wrong).isEqualTo(422);
        }
        assertThat(put("/api/output-addresses", "{\"addresses\": []}").json()).isEmpty();
    }

    @Test
    void whatCannotBeWalkedIsRefused() {
        assertThat(post("/api/walks", walk("artnet 127.0.0.1:6454", 501, "")).detail())
            .isEqualTo("This mode has 13 addresses: it begins from 1 to 500.");
        assertThat(post("/api/walks", walk("artnet example.com:1", 1, "")).status()).isEqualTo(422);
        assertThat(post("/api/walks", walk("artnet 127.0.0.1:6454", 1, "file:///etc/passwd")).status()).isEqualTo(422);
        assertThat(post("/api/walks", walk("artnet 127.0.0.1:6454", 1, "").replace("Compact", "Tiny")).status()).isEqualTo(404);
        assertThat(post("/api/walks", "{}").status()).isEqualTo(400);
        var id = post("/api/walks", walk("artnet 127.0.0.1:6454", 1, "")).json().path("id").asString();
        assertThat(get("/api/walks/" + id + "/steps/0").status()).isEqualTo(404);
        assertThat(get("/api/walks/" + id + "/steps/9999").status()).isEqualTo(404);
        assertThat(get("/api/walks/none").status()).isEqualTo(404);
    }
}
