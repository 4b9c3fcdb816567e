package yellowkite.server.neighbours;

import java.util.List;
import java.util.Locale;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
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
    private final NeighbourRepository repository;
    private final WatchRepository watches;
    private final Neighbours neighbours;
    private final NeighbourClient client;
    private final Wishes wishes;
    private final HouseClock clock;
    private final Transactions transactions;
    private final ExecutorService hands = Executors
        .newSingleThreadExecutor(work -> Thread.ofPlatform().name("neighbours' news").daemon().unstarted(work));

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
        hands.submit(() -> repository.list().forEach(this::ask));
    }

    @EventListener
    void askFor(WishAsked asked) {
        hands.submit(() -> repository.list().forEach(each -> {
            try {
                lookFor(asked.wish(), neighbours.access(each));
            } catch (NeighbourTrouble later) {
                repository.asked(each.id(), clock.now(), each.changeSeen(), later.says()); // it is asked again in a while
            }
        }));
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
        try {
            var at = neighbours.access(each);
            var changes = client.changes(at, each.changeSeen());
            changes.profiles().forEach(told -> watches.news(each.id(), told, clock.now()));
            for (var wish : wishes.open(MOST_WISHES)) {
                lookFor(wish, at);
            }
            repository.asked(each.id(), clock.now(), changes.upTo(), "");
        } catch (NeighbourTrouble trouble) {
            repository.asked(each.id(), clock.now(), each.changeSeen(), trouble.says());
        }
    }

    private void lookFor(Wishes.OpenWish wish, Access at) {
        var found = client.list(at, wish.manufacturer() + " " + wish.model(), MOST_HITS).profiles();
        var fitting = found.stream().filter(told -> fits(wish, told)).limit(MOST_HITS).toList();
        transactions.run(() -> {
            watches.putHits(wish.id(), at.id(), fitting);
            return List.of();
        });
    }

    /** They may find by other things than names. */
    private static boolean fits(Wishes.OpenWish wish, ToldProfile told) {
        var name = (told.manufacturer() + " " + told.model()).toLowerCase(Locale.ROOT);
        return name.contains(wish.model().toLowerCase(Locale.ROOT)) && name.contains(wish.manufacturer().toLowerCase(Locale.ROOT));
    }
}
