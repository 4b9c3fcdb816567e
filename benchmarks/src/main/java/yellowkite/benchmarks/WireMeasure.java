package yellowkite.benchmarks;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Writer;
import java.lang.management.ManagementFactory;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.ByteBuffer;
import java.nio.channels.DatagramChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;
import yellowkite.core.wire.Bytes;
import yellowkite.core.wire.sacn.SacnPacket;
import yellowkite.output.Command;
import yellowkite.output.CommandJson;
import yellowkite.output.Output;
import yellowkite.output.Sender;

/**
 * {@code ./kite measure wire}: the process that sends, with 40 universes of which every slot moves in every frame, for 20 seconds; beside
 * it the floor: the same datagrams, made before, sent at the same rate by a thread that does nothing else.
 */
public final class WireMeasure {
    private static final int UNIVERSES = 40;
    private static final int SECONDS = 20;
    private static final int SLOTS = 512;

    private WireMeasure() {}

    public static void main(String[] arguments) throws Exception {
        try (var drain = new Drain()) {
            double floor = floor(drain);
            System.out.printf(Locale.ROOT, "floor: the same datagrams   %5.1f %% of a core%n", 100 * floor);
            process(drain, floor);
        }
    }

    /** Takes what is sent, so that the network's buffers stay empty. */
    private static final class Drain implements AutoCloseable {
        private final DatagramChannel channel;
        private final AtomicLong count = new AtomicLong();

        Drain() throws IOException {
            channel = DatagramChannel.open().bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0));
            var thread = new Thread(() -> {
                var buffer = ByteBuffer.allocateDirect(1_000);
                try {
                    while (channel.receive(buffer.clear()) != null) {
                        count.incrementAndGet();
                    }
                } catch (IOException closed) {
                    Thread.onSpinWait();
                }
            });
            thread.setDaemon(true);
            thread.start();
        }

        InetSocketAddress address() throws IOException {
            return (InetSocketAddress) channel.getLocalAddress();
        }

        @Override
        public void close() throws IOException {
            channel.close();
        }
    }

    /** {@return the share of a core} */
    private static double floor(Drain drain) throws Exception {
        var share = new double[1];
        var thread = new Thread(() -> share[0] = send(drain));
        thread.start();
        thread.join();
        return share[0];
    }

    private static double send(Drain drain) {
        var datagram = new SacnPacket(new UUID(1, 2), "Floor", 100, 0, 0, false, false, false, 1, 0, Bytes.of(new byte[SLOTS])).write();
        long tick = 1_000_000_000L / Sender.FRAMES_A_SECOND;
        var cpu = ManagementFactory.getThreadMXBean();
        try (var channel = DatagramChannel.open()) {
            var to = drain.address();
            long begun = System.nanoTime();
            long before = cpu.getCurrentThreadCpuTime();
            for (int frame = 0; frame < SECONDS * Sender.FRAMES_A_SECOND; frame++) {
                for (int i = 0; i < UNIVERSES; i++) {
                    channel.send(ByteBuffer.wrap(datagram), to);
                }
                LockSupport.parkNanos(begun + (frame + 1) * tick - System.nanoTime());
            }
            return (double) (cpu.getCurrentThreadCpuTime() - before) / (System.nanoTime() - begun);
        } catch (IOException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private static void process(Drain drain, double floor) throws Exception {
        var process = new ProcessBuilder(System.getProperty("java.home") + "/bin/java", "-Xmx96m", "-XX:+UseSerialGC", "-cp",
                System.getProperty("java.class.path"), Output.class.getName(), "Measure", "5000")
            .redirectError(ProcessBuilder.Redirect.INHERIT)
            .start();
        try (var commands = process.outputWriter(StandardCharsets.UTF_8); var told = process.inputReader(StandardCharsets.UTF_8)) {
            var pairs = new ArrayList<List<Integer>>();
            for (int i = 0; i < SLOTS; i += 2) {
                pairs.add(List.of(i, i + 1));
            }
            var full = new byte[SLOTS];
            Arrays.fill(full, (byte) 255);
            var to = List.of("sacn 127.0.0.1:" + drain.address().getPort());
            for (int universe = 1; universe <= UNIVERSES; universe++) {
                tell(commands, new Command.Open(universe, to, 100, new byte[SLOTS], new byte[SLOTS]));
                tell(commands, new Command.Levels(universe, full, 2.0 * SECONDS, pairs, List.of())); // 16 bits: each frame differs from the last
            }
            stay(commands, 5);
            var cpu = cpu(process);
            long begun = System.nanoTime();
            long before = drain.count.get();
            stay(commands, SECONDS);
            double share = (double) cpu(process).minus(cpu).toNanos() / (System.nanoTime() - begun);
            double rate = (drain.count.get() - before) * 1e9 / (System.nanoTime() - begun) / UNIVERSES;
            System.out.printf(Locale.ROOT, "the process                 %5.1f %% of a core (budget 60), %.1f times the floor%n",
                    100 * share, share / floor);
            System.out.printf(Locale.ROOT, "frames                      %5.1f a second and universe%n", rate);
            System.out.printf(Locale.ROOT, "memory                      %5d MB (budget 256)%n", memory(process));
            tell(commands, new Command.End());
            late(told);
        } finally {
            process.destroy();
        }
    }

    private static void stay(Writer commands, int seconds) throws IOException {
        for (int i = 0; i < seconds; i++) {
            tell(commands, new Command.Alive());
            LockSupport.parkNanos(1_000_000_000L);
        }
    }

    private static void tell(Writer commands, Command command) throws IOException {
        commands.write(CommandJson.write(command) + "\n");
        commands.flush();
    }

    private static Duration cpu(Process process) {
        return process.info().totalCpuDuration().orElse(Duration.ZERO);
    }

    /** {@return MB that the process holds; 0 where the system does not say} */
    private static long memory(Process process) throws IOException {
        var status = Path.of("/proc/" + process.pid() + "/status");
        return !Files.exists(status) ? 0
                : Files.readAllLines(status)
                    .stream()
                    .filter(each -> each.startsWith("VmRSS:"))
                    .mapToLong(each -> Long.parseLong(each.replaceAll("\\D", "")) / 1_024)
                    .findFirst()
                    .orElse(0);
    }

    private static void late(BufferedReader told) throws IOException {
        String last = "";
        for (var line = told.readLine(); line != null; line = told.readLine()) {
            last = line.contains("lateP99") ? line : last;
        }
        System.out.println("late, in us, of the last 5 s (budget at the 99th percentile 3000): " + last);
    }
}
