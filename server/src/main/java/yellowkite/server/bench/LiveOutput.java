package yellowkite.server.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import yellowkite.output.Command;
import yellowkite.output.CommandJson;
import yellowkite.output.Output;
import yellowkite.server.web.Refusal;

/**
 * The process that sends, started when something goes live and watched until nothing is. Two leases end the light: the process's own, where
 * this server dies, and the page's, where nobody looks at it any more. What it does is no state that has to survive.
 */
@Service
class LiveOutput {
    private static final Logger LOG = LoggerFactory.getLogger(LiveOutput.class);
    private static final String LEASE_MILLIS = "3000";
    /** A page says every few seconds that it is there. */
    static final long PAGE_LEASE = TimeUnit.SECONDS.toNanos(15);
    private static final long SHORTEST_LIFE = TimeUnit.MILLISECONDS.toNanos(500);
    private final Map<Integer, Command.Open> open = new TreeMap<>();
    private final Map<Integer, byte[]> levels = new TreeMap<>();
    private final Map<Integer, String> holders = new TreeMap<>();
    private @Nullable Process process;
    private @Nullable Writer commands;
    private long keptAt;
    private long startedAt;
    private boolean dark;
    private String by = "";
    private String note = "";

    /** @param universes that go out. @param by who went live last. @param note what happened to it, a sentence; empty for nothing */
    record Live(boolean live, boolean dark, List<LiveUniverse> universes, String by, String note) {}

    /** @param levels 512 of them, as they were last asked for */
    record LiveUniverse(int universe, List<String> to, List<Integer> levels) {}

    synchronized Live state() {
        return new Live(process != null, dark,
                open.values()
                    .stream()
                    .map(each -> new LiveUniverse(each.universe(), each.to(), numbers(levels.getOrDefault(each.universe(), each.rest()))))
                    .toList(),
                by, note);
    }

    private static List<Integer> numbers(byte[] bytes) {
        var numbers = new Integer[bytes.length];
        Arrays.setAll(numbers, i -> bytes[i] & 0xff);
        return List.of(numbers);
    }

    /** A universe goes live. @param holder who alone may send to it. @throws Refusal 422 if somebody else holds it */
    synchronized void open(Command.Open universe, String author, String holder) throws IOException {
        if (!holders.getOrDefault(universe.universe(), holder).equals(holder)) {
            throw Refusal.unfit("universe", "Universe " + universe.universe() + " is live already, for " + by + ". End that first.");
        }
        holders.put(universe.universe(), holder);
        open.put(universe.universe(), universe);
        levels.remove(universe.universe());
        by = author;
        note = "";
        keep();
        if (process != null) {
            tell(universe);
            return;
        }
        dark = false;
        try {
            start();
        } catch (IOException failed) {
            end("");
            throw failed;
        }
    }

    /** {@return whether that universe is live, for that holder} */
    synchronized boolean send(int universe, String holder, byte[] to, double seconds, List<List<Integer>> wide) {
        if (!holder.equals(holders.get(universe))) {
            return false;
        }
        levels.put(universe, to.clone());
        tell(new Command.Levels(universe, to, seconds, wide));
        return true;
    }

    /** Somebody is there: the light may stay. */
    synchronized void keep() {
        keptAt = System.nanoTime();
    }

    synchronized void dark(boolean on) {
        dark = on && process != null;
        tell(new Command.Dark(on));
    }

    synchronized void close(int universe, String holder) {
        if (holders.remove(universe, holder)) {
            open.remove(universe);
            levels.remove(universe);
            tell(new Command.Close(universe));
            if (open.isEmpty()) {
                end("");
            }
        }
    }

    /** Everything ends at its rest. @param why a sentence; empty where it was asked for */
    synchronized void end(String why) {
        var ending = process;
        process = null;
        open.clear();
        levels.clear();
        holders.clear();
        dark = false;
        note = why;
        if (ending != null) {
            tell(new Command.End());
            commands = null;
            ending.onExit().orTimeout(2, TimeUnit.SECONDS).exceptionally(late -> ending.destroyForcibly());
        }
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        end("");
    }

    @Scheduled(fixedDelay = 1_000)
    synchronized void watch() {
        if (process == null) {
            return;
        }
        if (System.nanoTime() - keptAt > PAGE_LEASE) {
            end("No page was there any more: the light ended at its start values.");
        } else {
            tell(new Command.Alive());
        }
    }

    private void start() throws IOException {
        var started = new ProcessBuilder(System.getProperty("java.home") + "/bin/java", "-Xmx96m", "-XX:+UseSerialGC", "-cp",
                System.getProperty("java.class.path"), Output.class.getName(), "Yellow Kite", LEASE_MILLIS)
            .redirectError(ProcessBuilder.Redirect.DISCARD)
            .start();
        startedAt = System.nanoTime();
        process = started;
        commands = started.outputWriter(StandardCharsets.UTF_8);
        Thread.ofVirtual().start(() -> hear(started));
        open.values().forEach(this::tell);
        if (dark) {
            tell(new Command.Dark(true));
        }
    }

    private void tell(Command command) {
        var to = commands;
        if (to != null) {
            try {
                to.write(CommandJson.write(command) + "\n");
                to.flush();
            } catch (IOException gone) {
                LOG.debug("The output process is gone; it is started again.", gone);
            }
        }
    }

    private void hear(Process of) {
        try (BufferedReader lines = of.inputReader(StandardCharsets.UTF_8)) {
            for (var line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.contains("\"refused\"")) {
                    LOG.warn("The output process refused: {}", line);
                }
            }
        } catch (IOException gone) {
            LOG.debug("The output process fell silent.", gone);
        }
        again(of);
    }

    /** It ended, and nobody had asked it to. One that does not even come up is not tried for ever. */
    private synchronized void again(Process ended) {
        if (process != ended) {
            return;
        } else if (System.nanoTime() - startedAt < SHORTEST_LIFE) {
            end("The output cannot be kept going here: it ended as soon as it was started.");
            return;
        }
        process = null;
        commands = null;
        levels.clear();
        try {
            start();
            note = "The output had broken off and was started again: everything stands at its start values.";
        } catch (IOException failed) {
            LOG.error("The output process cannot be started", failed);
            end("The output broke off and could not be started again.");
        }
    }

    /** {@return the process; null while nothing is live} */
    synchronized @Nullable ProcessHandle handle() {
        return process == null ? null : process.toHandle();
    }
}
