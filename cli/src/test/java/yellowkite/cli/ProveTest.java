package yellowkite.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowkite.core.bench.Flaw;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.demo.DemoHouse;
import yellowkite.sim.RunningSim;
import yellowkite.sim.SimulatedFixture;

/** Profiles of the demo house on simulated fixtures, over the wire. */
class ProveTest {
    @TempDir
    private Path folder = Path.of("");

    private record Proven(int status, JsonNode said) {}

    private Proven prove(GdtfFile file, String mode, String by, String... flaws) throws Exception {
        var type = file.description().type();
        var path = Files.write(folder.resolve("profile.gdtf"), file.write()).toString();
        try (var sim = sim(type, mode, flaws)) {
            var port = by.equals("--artnet-port") ? sim.artNetPort() : sim.sacnPort();
            var run = Called.of(false, "prove", path, "--mode", mode, "--sim", sim.telemetry(), by, String.valueOf(port), "--quick");
            return new Proven(run.status(), run.line());
        }
    }

    /** In a universe that has to be looked for where nobody says which it is. */
    private static RunningSim sim(FixtureType type, String mode, String... flaws) throws Exception {
        int personality = type.modes().stream().map(each -> each.name()).toList().indexOf(mode) + 1;
        var all = Arrays.stream(flaws).map(each -> Flaw.parse(each).orElseThrow()).toList();
        return new RunningSim(new SimulatedFixture(type, personality, 5_000, 101, new Uid(0x7ff0, 1), all, "1.0", System::nanoTime), 0, 0,
                0);
    }

    private static List<String> flaws(JsonNode said) {
        return said.path("causes").values().stream().map(each -> each.path("flaw").asString()).toList();
    }

    @Test
    void aFixtureThatObeysIsBlamedForNothing() throws Exception {
        var proven = prove(DemoHouse.petrelSpot(), "Extended", "--artnet-port");

        assertThat(proven.status()).isZero();
        assertThat(proven.said().propertyNames()).containsExactly("file", "mode", "steps", "agree", "cannotTell", "disagree", "causes");
        assertThat(proven.said().path("disagree")).isEmpty();
        assertThat(proven.said().path("causes")).isEmpty();
        assertThat(proven.said().path("agree").asInt() + proven.said().path("cannotTell").asInt())
            .isEqualTo(proven.said().path("steps").asInt());
    }

    @ParameterizedTest
    @CsvSource({"wheel:Gobos:+1, --artnet-port, Turn the wheel by 1", "reversed:Tilt, --sacn-port, Reverse Tilt",
            "deaf:Head_Zoom, --artnet-port, ", "footprint:16, --artnet-port, "})
    void aFlawIsFoundOverTheWire(String flaw, String by, String fix) throws Exception {
        var proven = prove(DemoHouse.petrelSpot(), "Extended", by, flaw);

        assertThat(proven.status()).isEqualTo(1);
        assertThat(flaws(proven.said())).containsExactly(flaw);
        assertThat(proven.said().path("disagree")).isNotEmpty();
        assertThat(proven.said().at("/causes/0/fix").asString(null)).isEqualTo(fix);
    }

    @Test
    void aFixtureWithMoreAddressesThanItsModeIsToldThoughEveryStepAgrees() throws Exception {
        var proven = prove(DemoHouse.petrelSpot(), "Extended", "--artnet-port", "footprint:30");

        assertThat(proven.status()).isEqualTo(1);
        assertThat(proven.said().path("disagree")).isEmpty();
        assertThat(flaws(proven.said())).containsExactly("footprint:30");
    }

    @Test
    void cellsInAnotherOrderAreFoundOverTheWire() throws Exception {
        assertThat(flaws(prove(DemoHouse.reedline10(), "Cells", "--artnet-port", "order:reverse").said())).containsExactly("order:reverse");
    }

    @Test
    void aFixtureThatIsGoneIsSaidInASentence() throws Exception {
        var path = Files.write(folder.resolve("profile.gdtf"), DemoHouse.petrelSpot().write()).toString();

        var gone = Called.of(false, "prove", path, "--mode", "Extended", "--sim", "http://127.0.0.1:9/", "--quick");

        assertThat(gone.status()).isEqualTo(2);
        assertThat(gone.line().path("refused").asString())
            .isEqualTo("No telemetry answers at http://127.0.0.1:9/: the fixture is gone, or the address is not right.");
    }

    @ParameterizedTest
    @CsvSource({"None, http://127.0.0.1:9/, has no mode 'None'", "Extended, upside, is no address", "Extended, file:///etc, is no address"})
    void aCallThatCannotBeIsRefused(String mode, String sim, String says) throws Exception {
        var path = Files.write(folder.resolve("profile.gdtf"), DemoHouse.petrelSpot().write()).toString();

        var refused = Called.of(false, "prove", path, "--mode", mode, "--sim", sim);

        assertThat(refused.status()).isEqualTo(2);
        assertThat(refused.out()).contains(says);
    }
}
