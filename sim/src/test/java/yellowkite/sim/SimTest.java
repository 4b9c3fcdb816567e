package yellowkite.sim;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.InputStream;
import java.io.PrintStream;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.wire.artnet.ArtPacket;
import yellowkite.core.wire.artnet.ArtPoll;
import yellowkite.core.wire.artnet.ArtPollReply;
import yellowkite.core.wire.artnet.ArtTodData;
import yellowkite.core.wire.artnet.ArtTodRequest;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.demo.DemoHouse;
import static org.assertj.core.api.Assertions.assertThat;

class SimTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    @TempDir
    private Path folder = Path.of("");
    private String file = "";

    @BeforeEach
    void write() throws Exception {
        file = Files.write(folder.resolve("spot.gdtf"), DemoHouse.petrelSpot().write()).toString();
    }

    private static String run(String... arguments) {
        var out = new ByteArrayOutputStream();
        int status = Sim.run(new PrintStream(out, true, StandardCharsets.UTF_8), new ByteArrayInputStream(new byte[0]), arguments);
        return status + " " + out.toString(StandardCharsets.UTF_8).strip();
    }

    @Test
    void itPrintsOneLineWhenItIsReadyAndEndsWhenItsInputCloses() throws Exception {
        var said = run(file, "--mode", "Extended", "--at", "2.101", "--artnet-port", "0", "--sacn-port", "0", "--flaw", "wheel:Gobos:+1");

        assertThat(said).startsWith("0 {").doesNotContain("\n");
        var json = JSON.readTree(said.substring(2));
        assertThat(json.propertyNames()).containsExactly("sim", "artnet", "sacn", "telemetry", "uid", "flaws");
        assertThat(json.path("telemetry").asString()).matches("http://127\\.0\\.0\\.1:\\d+/");
        assertThat(json.path("uid").asString()).isEqualTo("7ff0:00000001");
        assertThat(json.at("/flaws/0").asString()).isEqualTo("wheel:Gobos:+1");
    }

    @ParameterizedTest
    @ValueSource(strings = {"--mode None --at 1", "--mode Extended --at 0", "--mode Extended --at 1.513", "--mode Extended --at x",
            "--mode Extended --at 70000.1", "--mode Extended --at 1 --flaw upside:down", "--mode Extended --at 1 --flaw deaf:Nobody",
            "--mode Extended --at 1 --flaw wheel:None:+1", "--mode Extended --at 1 --uid 7ff0:ffffffff", "--mode Extended --at 1 --uid x",
            "--mode Extended --at 1 --artnet-port 99999", "--mode Extended", "--at 1", "--mode Extended --at 1 --upside"})
    void aCallThatCannotBeIsRefused(String arguments) {
        var all = (file + " " + arguments).split(" ");

        assertThat(run(all)).isEqualTo("2 ");
    }

    @Test
    void aFileThatIsNoneIsRefused() throws Exception {
        assertThat(run(folder.resolve("none.gdtf").toString(), "--mode", "Extended", "--at", "1")).isEqualTo("2 ");
        var noise = Files.write(folder.resolve("noise.gdtf"), new byte[]{1, 2, 3});
        assertThat(run(noise.toString(), "--mode", "Extended", "--at", "1")).isEqualTo("2 ");
    }

    /** Whatever comes in at its doors, it goes on answering. */
    @Test
    void itAnswersAtItsDoorsWhateverCameBefore() throws Exception {
        var spot = new SimulatedFixture(DemoHouse.petrelSpot().description().type(), 1, 18, 1, new Uid(0x7ff0, 7), List.of(), "1.0",
                System::nanoTime);
        try (var sim = new RunningSim(spot, 0, 0, 0);
                var socket = new DatagramSocket(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0))) {
            socket.setSoTimeout(5_000);
            for (int size = 0; size < 700; size++) {
                var noise = new byte[size];
                Arrays.fill(noise, (byte) size);
                send(socket, noise, sim.artNetPort());
                send(socket, noise, sim.sacnPort());
            }

            var reply = (ArtPollReply) ask(socket, new ArtPoll(0, 0), sim.artNetPort());
            assertThat(reply.outputOf(reply.ports().getFirst())).isEqualTo(17); // universe 18, counted from 0
            assertThat(reply.write()).hasSizeGreaterThanOrEqualTo(239);
            var devices = (ArtTodData) ask(socket, new ArtTodRequest(List.of(17)), sim.artNetPort());
            assertThat(devices.devices()).containsExactly(new Uid(0x7ff0, 7));
            assertThat(look(sim, "").path("frames").asInt()).isZero();
            assertThat(look(sim, "other").path("says").asString()).isEqualTo("GET / tells what is seen.");
        }
    }

    private static void send(DatagramSocket socket, byte[] bytes, int port) throws Exception {
        socket.send(new DatagramPacket(bytes, bytes.length, InetAddress.getLoopbackAddress(), port));
    }

    private static ArtPacket ask(DatagramSocket socket, ArtPacket asked, int port) throws Exception {
        send(socket, asked.write(), port);
        var answer = new DatagramPacket(new byte[2_000], 2_000);
        socket.receive(answer);
        return ArtPacket.read(ByteBuffer.wrap(answer.getData(), 0, answer.getLength()).slice()).orElseThrow();
    }

    private static JsonNode look(RunningSim sim, String path) throws Exception {
        try (var client = HttpClient.newHttpClient()) {
            return JSON.readTree(client.send(HttpRequest.newBuilder(URI.create(sim.telemetry() + path)).build(),
                    HttpResponse.BodyHandlers.ofString())
                .body());
        }
    }

    @Test
    void anInputThatFailsEndsIt() {
        var out = new ByteArrayOutputStream();
        int status = Sim.run(new PrintStream(out, true, StandardCharsets.UTF_8), new InputStream() {
            @Override
            public int read() throws java.io.IOException {
                throw new java.io.IOException("gone");
            }
        }, file, "--mode", "Extended", "--at", "1", "--artnet-port", "0", "--sacn-port", "0");

        assertThat(status).isZero();
    }
}
