package yellowkite.server.library;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import yellowkite.core.library.Shelf;
import yellowkite.server.database.Transactions;
import yellowkite.server.library.BinRepository.Binned;
import yellowkite.server.revisions.Revisions;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/** The bin: what is thrown away stays in it for thirty days. */
@Service
@EnableScheduling
class Bin {
    static final Duration KEPT = Duration.ofDays(30);
    private static final int LISTED = 500;
    private final BinRepository bin;
    private final ProfileRepository profiles;
    private final Transactions transactions;
    private final Revisions revisions;

    Bin(BinRepository bin, ProfileRepository profiles, Transactions transactions, Revisions revisions) {
        this.bin = bin;
        this.profiles = profiles;
        this.transactions = transactions;
        this.revisions = revisions;
    }

    /** Throws profiles away, all of them or none. */
    void put(List<String> profileIds, Author by) {
        transactions.run(() -> {
            var listed = profiles.listed(profileIds);
            for (var id : profileIds) {
                var profile = listed.get(id);
                if (profile == null) {
                    throw Refusal.notFound("One of these profiles is not in the library any more.");
                }
                if (profile.shelf() == Shelf.REFERENCE) {
                    throw Refusal.unfit("profiles",
                            "'" + profile.name() + "' stands on the Reference shelf; it leaves when a release withdraws it.");
                }
                if (profile.draftBy() != null) {
                    throw Refusal.unfit("profiles",
                            "A draft of '" + profile.name() + "' by " + profile.draftBy() + " is under way. Publish or discard it first.");
                }
                bin.put(id, by.name(), revisions.now());
            }
            return profileIds;
        });
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
        empty(revisions.now());
    }

    /** @param now UTC */
    void empty(LocalDateTime now) {
        for (var id : bin.due(now.minus(KEPT))) {
            transactions.run(() -> {
                bin.remove(id);
                return id;
            });
        }
    }
}
