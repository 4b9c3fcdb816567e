package yellowkite.server.neighbours;

import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import yellowkite.core.archive.FormatException;
import yellowkite.core.archive.Sha256;
import yellowkite.server.database.HouseClock;
import yellowkite.server.intake.ProfileTaking;
import yellowkite.server.neighbours.NeighbourClient.Access;
import yellowkite.server.neighbours.TakingRepository.State;
import yellowkite.server.neighbours.TakingRepository.StoredTaking;
import yellowkite.server.neighbours.WatchRepository.Watch;
import yellowkite.server.web.Author;
import yellowkite.server.web.Change;
import yellowkite.server.web.Refusal;

/**
 * Takes profiles from neighbours, piece by piece: each piece is kept, so that whoever is cut off goes on where it was; what has come is
 * proven by its hash before it is opened. One that its server left alone is gone on with by any other.
 */
@Service
class NeighbourTakings {
    private static final Logger LOG = LoggerFactory.getLogger(NeighbourTakings.class);
    private static final int PIECE = 64 << 10;
    private static final int TRIES = 6;
    private static final Duration PAUSE = Duration.ofMillis(400);
    /** Longer than a piece may take. */
    private static final Duration LEFT_ALONE = Duration.ofMinutes(2);
    private static final int LISTED = 50;
    private static final int AT_ONCE = 2;
    private final TakingRepository repository;
    private final WatchRepository watches;
    private final Neighbours neighbours;
    private final NeighbourClient client;
    private final ProfileTaking taking;
    private final HouseClock clock;
    private final ExecutorService hands = Executors.newFixedThreadPool(AT_ONCE,
            work -> Thread.ofPlatform().name("neighbours").daemon().unstarted(work));

    NeighbourTakings(TakingRepository repository, WatchRepository watches, Neighbours neighbours, NeighbourClient client,
            ProfileTaking taking, HouseClock clock) {
        this.repository = repository;
        this.watches = watches;
        this.neighbours = neighbours;
        this.client = client;
        this.taking = taking;
        this.clock = clock;
    }

    List<StoredTaking> list() {
        return repository.list(LISTED);
    }

    StoredTaking require(String id) {
        return repository.find(id).orElseThrow(() -> Refusal.notFound("This import is not here any more."));
    }

    /** Begins to take a profile. {@return how far it is} Asked for again, it is the same one. */
    StoredTaking begin(String neighbourId, String remoteId, boolean asNext, Change change) {
        var told = neighbours.ask(neighbourId, at -> client.profile(at, remoteId));
        var id = change.id() == null ? UUID.randomUUID().toString() : change.id();
        boolean isNew = repository.add(new StoredTaking(id, neighbourId, "", told.id(), told.manufacturer(), told.model(), told.revision(),
                told.sha256(), told.size(), asNext, change.author().name(), clock.now(), State.GOING, 0, "", null, null));
        if (isNew) {
            hands.submit(() -> work(id));
        }
        return require(id);
    }

    StoredTaking goOn(String id) {
        if (repository.goOn(id, clock.now())) {
            hands.submit(() -> work(id));
        }
        return require(id);
    }

    /** It can be gone on with. */
    StoredTaking stop(String id) {
        repository.end(id, State.STOPPED, "Stopped.", null, null, true);
        return require(id);
    }

    @Scheduled(fixedDelayString = "PT30S")
    void goOnWithWhatWasLeft() {
        repository.claim(clock.now().minus(LEFT_ALONE), clock.now()).ifPresent(id -> hands.submit(() -> work(id)));
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        hands.shutdownNow();
    }

    private void work(String id) {
        var row = repository.find(id).orElse(null);
        if (row == null || row.state() != State.GOING) {
            return;
        }
        try {
            if (fetch(row, neighbours.access(neighbours.require(row.neighbourId())))) {
                accept(row);
            }
        } catch (NeighbourTrouble trouble) {
            repository.end(id, State.FAILED, trouble.says() + " What has come is kept; it can be gone on with.", null, null, true);
        } catch (FormatException refused) {
            repository.end(id, State.FAILED, refused.sentence(name(row)), null, null, false);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt(); // another start goes on with it
        } catch (RuntimeException failed) {
            LOG.warn("A profile of a neighbour could not be taken.", failed);
            repository.end(id, State.FAILED, "It could not be imported; the reason stands in the log.", null, null, true);
        }
    }

    /** {@return whether all of it has come and is wanted} */
    private boolean fetch(StoredTaking row, Access at) throws InterruptedException {
        int received = repository.received(row.id());
        while (received < row.size()) {
            var piece = piece(row, at, received);
            if (piece.length == 0 || received + piece.length > row.size()) {
                throw new NeighbourTrouble(at.name() + " sent another length than it had told.", false);
            }
            if (!repository.addPiece(row.id(), received, piece, clock.now())) {
                return false; // stopped, or its neighbour is gone
            }
            received += piece.length;
        }
        return true;
    }

    private byte[] piece(StoredTaking row, Access at, int from) throws InterruptedException {
        for (int tried = 1;; tried++) {
            repository.touch(row.id(), clock.now());
            try {
                return client.piece(at, row.remoteId(), from, Math.min(row.size(), from + PIECE));
            } catch (NeighbourTrouble trouble) {
                if (!trouble.isWorthAnotherTry() || tried == TRIES) {
                    throw trouble;
                }
                Thread.sleep(PAUSE.multipliedBy(tried));
            }
        }
    }

    private void accept(StoredTaking row) {
        var bytes = repository.whole(row.id(), row.size());
        if (!Sha256.of(bytes).equals(row.sha256())) {
            repository.end(row.id(), State.FAILED,
                    "What came is not the file that was told of: its hash is another. Nothing was imported.", null, null, false);
            return;
        }
        var change = new Change(new Author(row.author()), row.id());
        var revision = row.asNext() ? taking.takeAsNext(name(row), bytes, change) : taking.take(name(row), bytes, change);
        repository.end(row.id(), State.TAKEN, "Imported as revision " + revision.number() + ".", revision.profileId(), revision.number(),
                false);
        watches.put(new Watch(row.neighbourId(), row.neighbour(), row.remoteId(), row.manufacturer(), row.model(), row.revision(),
                row.revision(), "", null, revision.profileId()));
    }

    private static String name(StoredTaking row) {
        return row.manufacturer() + "@" + row.model() + ".gdtf";
    }
}
