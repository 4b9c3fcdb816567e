package yellowkite.server.content;

import java.time.Duration;
import java.time.LocalDateTime;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;

/** Removes contents that nothing refers to: pictures of edits that were refused, of drafts that were discarded, of what left the bin. */
@Service
class Leftovers {
    /** Whoever puts a content refers to it soon after. */
    static final Duration WAITING = Duration.ofDays(1);
    private static final int AT_ONCE = 100;
    private static final Logger LOG = LoggerFactory.getLogger(Leftovers.class);
    private final ContentRepository repository;
    private final Transactions transactions;
    private final HouseClock clock;

    Leftovers(ContentRepository repository, Transactions transactions, HouseClock clock) {
        this.repository = repository;
        this.transactions = transactions;
        this.clock = clock;
    }

    @Scheduled(initialDelayString = "PT10M", fixedDelayString = "PT6H")
    void remove() {
        try {
            remove(clock.now());
        } catch (DataAccessException later) { // a row came to refer to one of them just now, or the database is away
            LOG.warn("Contents that nothing refers to stay for now", later);
        }
    }

    /** {@return how many went} @param now UTC */
    int remove(LocalDateTime now) {
        int all = 0;
        int some;
        do {
            some = transactions.run(() -> {
                var leftovers = repository.lockLeftovers(now.minus(WAITING), AT_ONCE);
                repository.delete(leftovers);
                return leftovers.size();
            });
            all += some;
        } while (some == AT_ONCE);
        return all;
    }
}
