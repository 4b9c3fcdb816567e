package yellowkite.server.revisions;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import yellowkite.core.archive.Sha256;
import yellowkite.core.check.Severity;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.house.StoredHouse;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.core.library.Synopsis;
import yellowkite.server.content.ContentStore;
import yellowkite.server.database.HouseClock;
import yellowkite.server.stored.StoredForms;

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
        return addStored(profileId, fresh, stored(others));
    }

    /** Like {@link #add}, where the other entries are stored already. @param entries path to content's hash */
    public Added addStored(String profileId, NewRevision fresh, Map<String, String> entries) {
        var fileSha = Sha256.ofFile(Sha256.of(fresh.description()), entries);
        return repository.findByFile(profileId, fileSha)
            .map(known -> new Added(known, false))
            .orElseGet(() -> new Added(append(profileId, fresh, entries), true));
    }

    /** Stores a file as the next revision, though an older one may hold the very same. @param others path to content */
    public StoredRevision addAnyway(String profileId, NewRevision fresh, Map<String, byte[]> others) {
        return append(profileId, fresh, stored(others));
    }

    private Map<String, String> stored(Map<String, byte[]> others) {
        var entries = new LinkedHashMap<String, String>();
        others.forEach((path, bytes) -> entries.put(path, contents.put(bytes)));
        return entries;
    }

    private StoredRevision append(String profileId, NewRevision fresh, Map<String, String> entries) {
        int number = repository.findNewest(profileId).map(newest -> newest.number() + 1).orElse(1);
        var descriptionSha = contents.put(fresh.description());
        var revision = new StoredRevision(UUID.randomUUID().toString(), profileId, number, fresh.summary(), fresh.author(), clock.now(),
                descriptionSha, Sha256.ofFile(descriptionSha, entries), fresh.count(Severity.ERROR), fresh.count(Severity.WARNING),
                fresh.despite());
        repository.insert(revision, entries, fresh.compiled().modes().stream().map(Revisions::row).toList());
        repository.putSynopsis(revision.id(), StoredForms.SYNOPSIS.write(Synopsis.of(fresh.compiled())));
        repository.putFindings(revision.id(), FoundBefore.of(fresh.findings()));
        var kept = StoredHouse.of(fresh.type());
        if (!kept.equals(StoredHouse.NONE)) {
            repository.putHouse(revision.id(), StoredForms.HOUSE.write(kept));
        }
        changes.note(profileId);
        return revision;
    }

    private static RevisionRepository.ModeRow row(CompiledMode mode) {
        var line = ModeSummary.of(mode);
        var map = mode.signature();
        return new RevisionRepository.ModeRow(FixtureIdentity.listed(line.name()), line.footprint(), line.channels(),
                StoredForms.TAIL.write(line.tail()), map.isEmpty() ? null : Sha256.of(map.getBytes(StandardCharsets.UTF_8)));
    }

    /** Says what a new revision rests on. */
    public void rests(String revisionId, RevisionFacts facts) {
        if (!facts.equals(RevisionFacts.UNSAID)) {
            repository.putFacts(revisionId, facts);
        }
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
