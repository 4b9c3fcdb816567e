package yellowkite.server.neighbours;

import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.neighbours.NeighbourClient.Access;
import yellowkite.server.neighbours.NeighbourRepository.StoredNeighbour;
import yellowkite.server.wanted.WishAsked;
import yellowkite.server.wanted.Wishes;

/** Asks the neighbours by itself what is new there, and whether they have what colleagues wish for. */
@Service
class NeighbourWatching {
    private static final int MOST_WISHES = 50;
    private static final int MOST_HITS = 5;
    private static final int MOST_ANSWERS = 60;
    private final NeighbourRepository repository;
    private final WatchRepository watches;
    private final Neighbours neighbours;
    private final NeighbourClient client;
    private final Wishes wishes;
    private final HouseClock clock;
    private final Transactions transactions;
    /** Each neighbour is asked by itself: a slow one keeps no other waiting. */
    private final ExecutorService hands = Executors.newVirtualThreadPerTaskExecutor();

    NeighbourWatching(NeighbourRepository repository, WatchRepository watches, Neighbours neighbours, NeighbourClient client, Wishes wishes,
            HouseClock clock, Transactions transactions) {
        this.repository = repository;
        this.watches = watches;
        this.neighbours = neighbours;
        this.client = client;
        this.wishes = wishes;
        this.clock = clock;
        this.transactions = transactions;
    }

    @Scheduled(initialDelayString = "PT1M", fixedDelayString = "PT10M")
    void askAll() {
        repository.list().forEach(each -> hands.submit(() -> ask(each)));
    }

    @EventListener
    void askFor(WishAsked asked) {
        repository.list().forEach(each -> hands.submit(() -> asking(each, at -> lookFor(asked.wish(), at))));
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        hands.shutdownNow();
    }

    /** Asks one now. {@return it as it is then} */
    StoredNeighbour askNow(String id) {
        ask(neighbours.require(id));
        return neighbours.require(id);
    }

    private void ask(StoredNeighbour each) {
        asking(each, at -> {
            hearNews(each, at);
            wishes.open(MOST_WISHES).forEach(wish -> lookFor(wish, at));
        });
    }

    private void asking(StoredNeighbour each, Consumer<Access> questions) {
        try {
            questions.accept(neighbours.access(each));
            repository.asked(each.id(), clock.now(), "");
        } catch (NeighbourTrouble trouble) {
            repository.asked(each.id(), clock.now(), trouble.says());
        }
    }

    /** Some hundreds at a time, so that a large library can be heard of, too; what is left is heard next time. */
    private void hearNews(StoredNeighbour each, Access at) {
        var watched = watches.of(each.id());
        int seen = each.changeSeen();
        for (int asked = 0; asked < MOST_ANSWERS; asked++) {
            var changes = client.changes(at, seen);
            if (changes.upTo() == seen) {
                return;
            }
            changes.profiles()
                .stream()
                .filter(told -> watched.contains(told.id()))
                .forEach(told -> watches.news(each.id(), told, clock.now()));
            seen = Math.max(0, changes.upTo() < seen ? 0 : changes.upTo()); // one that counts anew is heard anew
            repository.told(each.id(), seen);
        }
    }

    private void lookFor(Wishes.OpenWish wish, Access at) {
        var found = client.list(at, wish.fixture().words(), MOST_HITS).profiles();
        var fitting = found.stream().filter(told -> wish.fixture().isMetBy(told.manufacturer(), told.model())).limit(MOST_HITS).toList();
        transactions.run(() -> {
            watches.putHits(wish.id(), at.id(), fitting);
            return List.of();
        });
    }
}
