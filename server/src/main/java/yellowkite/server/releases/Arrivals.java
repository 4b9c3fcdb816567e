package yellowkite.server.releases;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import yellowkite.core.release.ReleaseArchive;
import yellowkite.server.database.HouseClock;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/**
 * Releases that have been handed over and wait: each is read, shown, and taken in or left. That takes a while, so it is done by itself, one
 * after the other, and can be stopped at any time. None outlives the program: nothing of it stands before it is taken in.
 */
@Service
class Arrivals {
    private static final Logger LOG = LoggerFactory.getLogger(Arrivals.class);
    private static final int MOST = 8;
    private static final Duration KEPT = Duration.ofHours(2);
    private final ReleaseTaking taking;
    private final HouseClock clock;
    private final Map<String, Arrival> waiting = new ConcurrentHashMap<>();
    private final ExecutorService hands = Executors
        .newSingleThreadExecutor(work -> Thread.ofPlatform().name("releases").daemon().unstarted(work));

    Arrivals(ReleaseTaking taking, HouseClock clock) {
        this.taking = taking;
        this.clock = clock;
    }

    /** How far a release is: it is being read, has been, is being taken in, stands on the shelf; or was refused. */
    enum Phase {
        READING, READ, TAKING, TAKEN, REFUSED
    }

    /**
     * @param done profiles of {@code all} in this phase. @param impact while it was read and nothing more. @param release id once it was
     * taken in
     * @param refused why, if it was
     */
    record ArrivalState(Phase phase, int done, int all, ReleaseTaking.@Nullable Impact impact, @Nullable String release,
            @Nullable String refused) {
        private static ArrivalState begun(Phase phase, ReleaseTaking.@Nullable Impact impact) {
            return new ArrivalState(phase, 0, 0, impact, null, null);
        }
    }

    /** Ends the work on an arrival that somebody has left. */
    private static final class Stopped extends RuntimeException {
        private Stopped() {
            super("stopped", null, false, false);
        }
    }

    /** One release. Its archive stays open for as long as it is here. */
    private final class Arrival {
        private final ReleaseArchive archive;
        private final Path file;
        private final LocalDateTime at = clock.now();
        private volatile boolean stopped;
        private volatile ReleaseTaking.@Nullable Looked looked;
        private final AtomicBoolean isBegun = new AtomicBoolean();
        private volatile ArrivalState state = ArrivalState.begun(Phase.READING, null);

        private Arrival(ReleaseArchive archive, Path file) {
            this.archive = archive;
            this.file = file;
        }

        private void at(int done, int all) {
            if (stopped) {
                throw new Stopped();
            }
            state = new ArrivalState(state.phase(), done, all, null, null, null);
        }

        private void read() {
            work(() -> {
                var all = taking.look(archive, this::at);
                looked = all;
                state = ArrivalState.begun(Phase.READ, all.impact());
            });
        }

        private void take(Author author) {
            work(() -> state = new ArrivalState(Phase.TAKEN, 0, 0, null, taking.take(archive, looked, author, this::at), null));
        }

        private synchronized void work(Runnable work) {
            try {
                if (!stopped) {
                    work.run();
                }
            } catch (Stopped left) {
                LOG.debug("A release was left while it was worked on");
            } catch (ReleaseArchive.Broken | Refusal refused) {
                state = new ArrivalState(Phase.REFUSED, 0, 0, null, null, String.valueOf(refused.getMessage()));
            } catch (RuntimeException failed) {
                LOG.error("A release could not be read or taken in", failed);
                state = new ArrivalState(Phase.REFUSED, 0, 0, null, null,
                        "Something went wrong in Yellow Kite itself; nothing was changed. The server's log says more.");
            }
        }

        /** Waits for the profile that is worked on. */
        private void end() {
            stopped = true;
            synchronized (this) {
                archive.close();
                try {
                    Files.deleteIfExists(file);
                } catch (IOException stays) {
                    LOG.warn("A release that was left stays on the disk: {}", file);
                }
            }
        }
    }

    /**
     * Receives a release and begins to read it. {@return its id here} @param file is deleted when it is left
     *
     * @throws ReleaseArchive.Broken if it is no release
     * @throws Refusal 422 if too many are being taken in
     */
    String receive(String name, Path file) {
        if (waiting.size() >= MOST) { // whoever waits longest makes room, but nobody's import is stopped by another's
            leave(waiting.entrySet()
                .stream()
                .filter(each -> each.getValue().state.phase() != Phase.TAKING)
                .min(Comparator.comparing((Map.Entry<String, Arrival> each) -> each.getValue().at))
                .map(Map.Entry::getKey)
                .orElseThrow(() -> Refusal.unfit("file", MOST + " releases are being imported already; wait for one of them.")));
        }
        var arrival = new Arrival(ReleaseArchive.open(name, file.toFile()), file);
        var id = UUID.randomUUID().toString();
        waiting.put(id, arrival);
        hands.execute(arrival::read);
        return id;
    }

    ArrivalState state(String id) {
        return require(id).state;
    }

    /** Begins to take it in. */
    void take(String id, Author author) {
        var arrival = require(id);
        if (arrival.state.phase() != Phase.READ || !arrival.isBegun.compareAndSet(false, true)) { // of two at once, one
            throw Refusal.unfit("file", "This release is not waiting to be imported.");
        }
        arrival.state = ArrivalState.begun(Phase.TAKING, null);
        hands.execute(() -> arrival.take(author));
    }

    /** Stops whatever is done with it, and forgets it; what was taken in stays. Nothing happens if it is not here. */
    void leave(String id) {
        Optional.ofNullable(waiting.remove(id)).ifPresent(Arrival::end);
    }

    private Arrival require(String id) {
        return Optional.ofNullable(waiting.get(id))
            .orElseThrow(() -> Refusal.notFound("This release is not here any more. Choose its file again."));
    }

    @Scheduled(fixedDelayString = "PT10M")
    void leaveOldOnes() {
        var before = clock.now().minus(KEPT);
        waiting.entrySet()
            .stream()
            .filter(each -> each.getValue().at.isBefore(before))
            .map(Map.Entry::getKey)
            .toList()
            .forEach(this::leave);
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        waiting.values().forEach(each -> each.stopped = true);
        hands.shutdown();
        waiting.keySet().forEach(this::leave);
    }
}
