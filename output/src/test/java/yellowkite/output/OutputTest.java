package yellowkite.output;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Writer;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.SocketTimeoutException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import yellowkite.core.wire.sacn.SacnPacket;

/** The process itself, and what arrives from it. */
class OutputTest {
    private static final int LEASE = 1_500;
    private DatagramSocket here;
    private Process process;
    private Writer commands;

    @BeforeEach
    void start() throws IOException {
        here = new DatagramSocket(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0));
        here.setReceiveBufferSize(4 << 20);
        process = new ProcessBuilder(System.getProperty("java.home") + "/bin/java", "-Xmx64m", "-cp", System.getProperty("java.class.path"),
                Output.class.getName(), "Test", String.valueOf(LEASE))
            .redirectError(ProcessBuilder.Redirect.DISCARD)
            .start();
        commands = process.outputWriter(StandardCharsets.UTF_8);
    }

    @AfterEach
    void stop() {
        process.destroyForcibly();
        here.close();
    }

    private static byte[] levels(int first) {
        var levels = new byte[512];
        levels[0] = (byte) first;
        return levels;
    }

    private void tell(Command command) throws IOException {
        commands.write(CommandJson.write(command) + "\n");
        commands.flush();
    }

    private void open() throws IOException {
        tell(new Command.Open(5, List.of("sacn 127.0.0.1:" + here.getLocalPort()), 100, levels(3), levels(0)));
    }

    private List<SacnPacket> receive(int millis, boolean alive) throws IOException {
        var packets = new ArrayList<SacnPacket>();
        long end = System.nanoTime() + millis * 1_000_000L;
        long said = 0;
        here.setSoTimeout(200);
        while (System.nanoTime() < end) {
            if (alive && System.nanoTime() - said > 300_000_000L) {
                tell(new Command.Alive());
                said = System.nanoTime();
            }
            var datagram = new DatagramPacket(new byte[1_000], 1_000);
            try {
                here.receive(datagram);
                packets.add(SacnPacket.read(ByteBuffer.wrap(datagram.getData(), 0, datagram.getLength()).slice()).orElseThrow());
            } catch (SocketTimeoutException silent) {
                // not now
            }
            if (!packets.isEmpty() && packets.getLast().terminated() && packets.stream().filter(SacnPacket::terminated).count() == 3) {
                break;
            }
        }
        return packets;
    }

    @Test
    void tenSecondsOfAFadeAreSteadyAndEndAsTheyShould() throws Exception {
        open();
        receive(1_000, true); // until it runs
        tell(new Command.Levels(5, levels(255), 60, List.of(List.of(0, 1)), List.of())); // 16 bits: every frame differs from the last

        var packets = receive(10_000, true);
        tell(new Command.End());
        var last = receive(3_000, false);

        // 44 a second; a machine that is busy may leave some out, and none comes twice
        assertThat(packets.size()).isBetween(250, 450);
        for (int i = 1; i < packets.size(); i++) {
            assertThat(packets.get(i).sequence()).isEqualTo(packets.get(i - 1).sequence() + 1 & 0xff);
            assertThat(packets.get(i).slots().at(0)).isGreaterThanOrEqualTo(packets.get(i - 1).slots().at(0));
        }
        assertThat(last.getLast().terminated()).isTrue();
        assertThat(last.stream().filter(SacnPacket::terminated)).hasSize(3);
        assertThat(last.getLast().slots().at(0)).as("at rest").isEqualTo(3);
        assertThat(process.waitFor(5, TimeUnit.SECONDS)).isTrue();
    }

    @Test
    void nobodyWhoHoldsTheLeaseEndsTheLight() throws Exception {
        open();
        tell(new Command.Levels(5, levels(255)));

        var packets = receive(8_000, false); // says nothing any more

        assertThat(packets.stream().anyMatch(each -> each.slots().at(0) == 255)).isTrue();
        assertThat(packets.getLast().terminated()).isTrue();
        assertThat(packets.getLast().slots().at(0)).isEqualTo(3);
    }

    @Test
    void anInputThatClosesEndsTheLight() throws Exception {
        open();
        tell(new Command.Levels(5, levels(255)));
        commands.close();

        assertThat(receive(8_000, false).getLast().terminated()).isTrue();
        assertThat(process.waitFor(5, TimeUnit.SECONDS)).isTrue();
    }

    @Test
    void whatItCannotDoIsSaidAndItGoesOn() throws Exception {
        commands.write("upside down\n");
        tell(new Command.Levels(9, levels(1)));
        tell(new Command.Open(5, List.of("sacn example.com:1"), 100, levels(0), levels(0)));
        tell(new Command.Open(5, List.of(), 300, levels(0), levels(0)));
        open();
        tell(new Command.Levels(5, levels(1), 0, List.of(List.of(900)), List.of()));

        var said = new ArrayList<String>();
        try (var lines = new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            while (said.size() < 6) {
                said.add(lines.readLine());
            }
        }
        assertThat(said).containsExactly("{\"says\":\"refused\",\"words\":\"That is no command.\"}",
                "{\"says\":\"refused\",\"words\":\"Universe 9 is not open.\"}",
                "{\"says\":\"refused\",\"words\":\"'sacn example.com:1' is no destination of universe 5.\"}",
                "{\"says\":\"refused\",\"words\":\"A priority lies from 0 to 200.\"}", "{\"says\":\"opened\",\"words\":\"5\"}",
                "{\"says\":\"refused\",\"words\":\"place 900 is outside\"}");
    }
}
