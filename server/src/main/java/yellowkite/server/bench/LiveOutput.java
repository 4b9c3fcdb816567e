package yellowkite.server.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.dmx.AddressMap;
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
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String LEASE_MILLIS = "3000";
    /** A page says every few seconds that it is there. */
    static final long PAGE_LEASE = TimeUnit.SECONDS.toNanos(15);
    /** Frames are told for as long as somebody asks for them. */
    private static final long LOOKED_AT = TimeUnit.SECONDS.toNanos(10);
    private static final long SHORTEST_LIFE = TimeUnit.MILLISECONDS.toNanos(500);
    private final Map<Integer, Open> open = new TreeMap<>();
    private final List<FrameTaker> takers = new CopyOnWriteArrayList<>();
    private final List<Runnable> breaks = new CopyOnWriteArrayList<>();
    /** Of its own: where other work keeps the server busy, the lease must not run out. */
    private final ScheduledExecutorService heart = Executors
        .newSingleThreadScheduledExecutor(work -> Thread.ofPlatform().name("live").daemon().unstarted(work));
    private @Nullable Process process;
    private @Nullable Writer commands;
    private long keptAt;
    private long startedAt;
    private boolean dark;
    private String by = "";
    private String note = "";
    private int restarted;

    LiveOutput() {
        heart.scheduleWithFixedDelay(this::watch, 1, 1, TimeUnit.SECONDS);
    }

    /** A universe that is live. */
    private static final class Open {
        private final Command.Open opening;
        private final Holder holder;
        private Map<Integer, Integer> held;
        private byte[] frame;
        private @Nullable Long lookedAt;
        private boolean leaves;

        /** @param before the same universe, where it was live already: it goes on from there */
        Open(Command.Open opening, Holder holder, @Nullable Open before) {
            this.opening = opening;
            this.holder = holder;
            this.frame = before == null ? opening.rest() : before.frame;
            this.held = before == null ? Map.of() : before.held;
            this.lookedAt = before == null ? null : before.lookedAt;
            this.leaves = before != null && before.leaves;
        }
    }

    /** Who alone may send to a universe. @param what it is, in few words. @param owners what each of 512 addresses does */
    record Holder(String id, String what, List<String> owners) {
        Holder {
            owners = List.copyOf(owners);
        }

        /** Of a universe of which it is not known what its addresses do. */
        static Holder ofNothing(String id, String what) {
            return new Holder(id, what, Collections.nCopies(AddressMap.UNIVERSE, ""));
        }
    }

    /** Who is told of frames as they leave. */
    interface FrameTaker {
        void take(int universe, byte[] levels);
    }

    /**
     * @param universes that go out. @param by who went live last. @param note what happened to it, a sentence; empty for nothing
     * @param restarts how often it broke off, and everything went to its start values
     */
    record Live(boolean live, boolean dark, List<LiveUniverse> universes, String by, String note, int restarts) {}

    /** @param holder who sends there, and {@code what} it is in words. @param held how many addresses are held by hand */
    record LiveUniverse(int universe, List<String> to, String holder, String what, int held) {}

    synchronized Live state() {
        return new Live(process != null, dark,
                open.values()
                    .stream()
                    .map(each -> new LiveUniverse(each.opening.universe(), each.opening.to(), each.holder.id(), each.holder.what(),
                            each.held.size()))
                    .toList(),
                by, note, restarted);
    }

    /** What leaves. @param held addresses that are held by hand, from 1, and their values */
    record Leaving(List<String> to, String what, List<String> owners, byte[] levels, Map<Integer, Integer> held) {}

    /** {@return a universe as it leaves; empty while it does not} From now on its frames are told. */
    synchronized Optional<Leaving> look(int universe) {
        var of = open.get(universe);
        if (of != null) {
            if (of.lookedAt == null) {
                tell(new Command.Watch(universe, true));
            }
            of.lookedAt = System.nanoTime();
        }
        return Optional.ofNullable(of)
            .map(each -> new Leaving(each.opening.to(), each.holder.what(), each.holder.owners(), each.frame.clone(), each.held));
    }

    void onFrames(FrameTaker taker) {
        takers.add(taker);
    }

    /** @param rest is done when the process broke off, before it is started again with everything at its start values */
    void onBreak(Runnable rest) {
        breaks.add(rest);
    }

    /** A universe goes live. @throws Refusal 422 if somebody else holds it */
    synchronized void open(Command.Open universe, String author, Holder holder) throws IOException {
        var before = open.get(universe.universe());
        if (before != null && !before.holder.id().equals(holder.id())) {
            throw Refusal.unfit("universe", "Universe " + universe.universe() + " is live already, for " + by + ". End that first.");
        }
        open.put(universe.universe(), new Open(universe, holder, before));
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

    synchronized boolean isHeldBy(int universe, String holder) {
        var of = open.get(universe);
        return of != null && of.holder.id().equals(holder);
    }

    /** {@return whether that universe is live, for that holder} */
    synchronized boolean send(String holder, Command.Levels to) {
        if (!isHeldBy(to.universe(), holder)) {
            return false;
        }
        tell(to);
        return true;
    }

    /** Addresses stay at values, whoever sends. @throws Refusal 422 while the universe is not live */
    synchronized void hold(int universe, Map<Integer, Integer> values) {
        var of = open.get(universe);
        if (of == null) {
            throw Refusal.unfit("universe", "Universe " + universe + " is not live.");
        }
        of.held = Map.copyOf(values);
        tell(new Command.Hold(universe, of.held));
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
        if (isHeldBy(universe, holder)) {
            open.remove(universe);
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
        heart.shutdownNow();
        end("");
    }

    private synchronized void watch() {
        long now = System.nanoTime();
        if (process == null) {
            return;
        } else if (now - keptAt > PAGE_LEASE) {
            end("No page was there any more: the light ended at its start values.");
            return;
        }
        tell(new Command.Alive());
        open.forEach((universe, of) -> {
            if (of.lookedAt != null && now - of.lookedAt > LOOKED_AT) {
                of.lookedAt = null;
                tell(new Command.Watch(universe, false));
            }
        });
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
        open.values().forEach(this::begin);
        if (dark) {
            tell(new Command.Dark(true));
        }
    }

    private void begin(Open universe) {
        tell(universe.opening);
        if (!universe.held.isEmpty()) {
            tell(new Command.Hold(universe.opening.universe(), universe.held));
        }
        if (universe.lookedAt != null) {
            tell(new Command.Watch(universe.opening.universe(), true));
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
                var said = JSON.readTree(line);
                switch (said.path("says").asString("")) {
                    case "frame" -> frame(said.path("universe").asInt(0), Base64.getDecoder().decode(said.path("levels").asString("")));
                    case "opened" -> opened(Integer.parseInt(said.path("words").asString("0")));
                    case "refused" -> LOG.warn("The output process refused: {}", line);
                    default -> {
                        // how it is
                    }
                }
            }
        } catch (IOException gone) {
            LOG.debug("The output process fell silent.", gone);
        }
        if (breaksOff(of)) {
            try {
                breaks.forEach(Runnable::run);
            } finally {
                again(of);
            }
        }
    }

    private synchronized void opened(int universe) {
        var of = open.get(universe);
        if (of != null) {
            of.leaves = true;
        }
    }

    /** {@return whether the process has begun to send it} */
    synchronized boolean leaves(int universe) {
        var of = open.get(universe);
        return of != null && of.leaves;
    }

    private void frame(int universe, byte[] levels) {
        synchronized (this) {
            var of = open.get(universe);
            if (of == null) {
                return;
            }
            of.frame = levels;
        }
        takers.forEach(each -> each.take(universe, levels));
    }

    /**
     * It ended, and nobody had asked it to. One that does not even come up is not tried for ever. {@return whether it is to be started
     * again} Until then nothing is sent: who played something may not have heard of it yet.
     */
    private synchronized boolean breaksOff(Process ended) {
        if (process != ended) {
            return false;
        } else if (System.nanoTime() - startedAt < SHORTEST_LIFE) {
            end("The output cannot be kept going here: it ended as soon as it was started.");
            return false;
        }
        commands = null;
        open.values().forEach(each -> {
            each.frame = each.opening.rest();
            each.held = Map.of();
            each.leaves = false;
        });
        return true;
    }

    private synchronized void again(Process ended) {
        if (process != ended) {
            return; // it was ended meanwhile
        }
        try {
            start();
            restarted++;
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
