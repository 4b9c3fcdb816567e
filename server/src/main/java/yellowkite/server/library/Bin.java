package yellowkite.server.library;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import yellowkite.core.library.Shelf;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.library.BinRepository.Binned;
import yellowkite.server.library.HouseStateRepository.State;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/** The bin: what is thrown away stays in it for thirty days. */
@Service
@EnableScheduling
class Bin {
    static final Duration KEPT = Duration.ofDays(30);
    /** After how long without a look the house counts as not looked after. */
    static final Duration BREAK = Duration.ofDays(2);
    private static final Duration GRACE = Duration.ofDays(1);
    private static final Logger LOG = LoggerFactory.getLogger(Bin.class);
    private static final int LISTED = 500;
    private final BinRepository bin;
    private final ProfileRepository profiles;
    private final Transactions transactions;
    private final HouseClock clock;
    private final HouseStateRepository states;
    private final ApplicationEventPublisher told;

    Bin(BinRepository bin, ProfileRepository profiles, Transactions transactions, HouseClock clock, HouseStateRepository states,
            ApplicationEventPublisher told) {
        this.told = told;
        this.states = states;
        this.bin = bin;
        this.profiles = profiles;
        this.transactions = transactions;
        this.clock = clock;
    }

    /**
     * Throws profiles away, all of them or none. Each is locked first, as whoever opens a draft of it locks it: nobody's work gets lost in
     * between. A draft that was opened and not edited goes; nothing is in it.
     */
    void put(List<String> profileIds, Author by) {
        transactions.run(() -> {
            for (var id : profileIds.stream().sorted().distinct().toList()) { // in one order, so that two people do not wait for each other
                var profile = profiles.lock(id)
                    .orElseThrow(() -> Refusal.notFound("One of these profiles is not in the library any more."));
                if (profile.shelf() == Shelf.REFERENCE) {
                    throw Refusal.unfit("profiles",
                            "'" + profile.name() + "' stands on the Reference shelf; it leaves when a release withdraws it.");
                }
                bin.lockEditedDraft(id).ifPresent(openedBy -> {
                    throw Refusal.unfit("profiles",
                            "A draft of '" + profile.name() + "' by " + openedBy + " is under way. Publish or discard it first.");
                });
                bin.removeOpenDraft(id);
                bin.put(id, by.name(), clock.now());
            }
            return profileIds;
        });
        profileIds.forEach(id -> told.publishEvent(new DraftRemoved(id)));
    }

    void restore(List<String> profileIds) {
        transactions.run(() -> {
            profileIds.forEach(bin::restore);
            return profileIds;
        });
    }

    List<Binned> list() {
        return bin.list(LISTED);
    }

    /** Removes what has lain there long enough. */
    @Scheduled(initialDelayString = "PT1M", fixedDelayString = "PT6H")
    void empty() {
        empty(clock.now());
    }

    /**
     * A house that was not looked after for long, or whose clock has jumped, keeps everything for another day: somebody can still see that
     * the date is wrong. What cannot be removed is told, and keeps nothing else in.
     *
     * @param now UTC
     */
    void empty(LocalDateTime now) {
        if (!isWatchedLongEnough(now)) {
            return;
        }
        for (var id : bin.due(now.minus(KEPT))) {
            try {
                transactions.run(() -> {
                    if (bin.lockIfStillDue(id, now.minus(KEPT))) {
                        bin.remove(id);
                    }
                    return id;
                });
            } catch (DataAccessException stands) {
                LOG.warn("Profile {} stays in the bin, since something stands on it that keeps it", id, stands);
            }
        }
    }

    private boolean isWatchedLongEnough(LocalDateTime now) {
        return transactions.run(() -> {
            boolean goesOn = states.find(State.WATCHED_LAST)
                .filter(last -> !now.isBefore(last) && now.isBefore(last.plus(BREAK)))
                .isPresent();
            var since = states.find(State.WATCHED_SINCE).filter(each -> goesOn).orElse(now);
            states.put(State.WATCHED_SINCE, since);
            states.put(State.WATCHED_LAST, now);
            return !now.isBefore(since.plus(GRACE));
        });
    }
}
