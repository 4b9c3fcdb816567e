package yellowkite.server.revisions;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import yellowkite.server.content.ContentStore;
import yellowkite.server.database.HouseClock;

/** What becomes a revision, is withdrawn, or used again. All of it runs inside the caller's transaction. */
@Service
public class Revisions {
    private final RevisionRepository repository;
    private final LibraryChangeRepository changes;
    private final ContentStore contents;
    private final HouseClock clock;

    Revisions(RevisionRepository repository, LibraryChangeRepository changes, ContentStore contents, HouseClock clock) {
        this.repository = repository;
        this.changes = changes;
        this.contents = contents;
        this.clock = clock;
    }

    /** @param isNew false if the profile held this very file already */
    public record Added(StoredRevision revision, boolean isNew) {}

    /**
     * Stores a file as the next revision of a profile, unless it is one already. {@return the new revision, or the one that holds this very
     * file} @param others path to content
     */
    public Added add(String profileId, NewRevision fresh, Map<String, byte[]> others) {
        return addReady(profileId, ReadyRevision.of(fresh, stored(others)), fresh.description());
    }

    /** Like {@link #add}, where the other entries are stored already. @param description the bytes that its hash stands for */
    public Added addReady(String profileId, ReadyRevision ready, byte[] description) {
        return repository.findByFile(profileId, ready.fileSha256())
            .map(known -> new Added(known, false))
            .orElseGet(() -> new Added(append(profileId, ready, description), true));
    }

    /** Stores a file as the next revision, though an older one may hold the very same. @param others path to content */
    public StoredRevision addAnyway(String profileId, NewRevision fresh, Map<String, byte[]> others) {
        return append(profileId, ReadyRevision.of(fresh, stored(others)), fresh.description());
    }

    private Map<String, String> stored(Map<String, byte[]> others) {
        var entries = new LinkedHashMap<String, String>();
        others.forEach((path, bytes) -> entries.put(path, contents.put(bytes)));
        return entries;
    }

    private StoredRevision append(String profileId, ReadyRevision ready, byte[] description) {
        int number = repository.findNewest(profileId).map(newest -> newest.number() + 1).orElse(1);
        contents.putAs(ready.descriptionSha256(), description);
        return addAll(List.of(new Placed(profileId, number, ready))).getFirst();
    }

    /** @param number the next one of its profile */
    public record Placed(String profileId, int number, ReadyRevision ready) {}

    /** Stores revisions of which all contents are stored already. {@return them, in their order} */
    public List<StoredRevision> addAll(List<Placed> all) {
        var now = clock.now();
        var stored = all.stream().map(each -> {
            var ready = each.ready();
            return new StoredRevision(UUID.randomUUID().toString(), each.profileId(), each.number(), ready.summary(), ready.author(), now,
                    ready.descriptionSha256(), ready.fileSha256(), ready.errors(), ready.warnings(), ready.despite(),
                    ready.entries().get(ready.picture()));
        }).toList();
        repository.insertAll(stored, all.stream().map(Placed::ready).toList());
        all.forEach(each -> changes.note(each.profileId()));
        return stored;
    }

    /** Says what a new revision rests on. */
    public void rests(String revisionId, RevisionFacts facts) {
        rest(Map.of(revisionId, facts));
    }

    /** Says what new revisions rest on. @param facts by revision */
    public void rest(Map<String, RevisionFacts> facts) {
        var said = new LinkedHashMap<>(facts);
        said.values().removeIf(RevisionFacts.UNSAID::equals);
        repository.putFacts(said);
    }

    /** {@return whether it was not withdrawn before} It stays readable and warns. */
    public boolean withdraw(StoredRevision revision, String why, String author) {
        changes.note(revision.profileId());
        return repository.withdraw(new RevisionRepository.Withdrawal(revision.id(), why, author, clock.now()));
    }

    /** Takes a withdrawal back. */
    public void restore(StoredRevision revision) {
        changes.note(revision.profileId());
        repository.restore(revision.id());
    }
}
