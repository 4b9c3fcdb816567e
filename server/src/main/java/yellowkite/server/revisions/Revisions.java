package yellowkite.server.revisions;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import yellowkite.core.archive.Sha256;
import yellowkite.core.check.Severity;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.compare.Side;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.gdtf.Media;
import yellowkite.core.house.StoredHouse;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.core.library.Synopsis;
import yellowkite.server.stored.StoredForm.Unreadable;
import yellowkite.server.stored.StoredForms;
import yellowkite.server.web.Refusal;

/** Revisions in and out: stored once by content, read back as they came. What writes runs inside the caller's transaction. */
@Service
public class Revisions {
    private static final Logger LOG = LoggerFactory.getLogger(Revisions.class);
    /** Bytes of the descriptions that are kept as they are read; in memory they take some times that. */
    private static final long MOST_XML_KEPT = 24L << 20;

    /** @param bytes of its XML */
    private record Read(GdtfDescription description, int bytes) {}

    private final RevisionRepository repository;
    private final LibraryChangeRepository changes;
    private final Clock clock;
    private final Cache<String, Read> descriptions = Caffeine.newBuilder()
        .maximumWeight(MOST_XML_KEPT)
        .weigher((String sha, Read read) -> read.bytes())
        .build();

    Revisions(RevisionRepository repository, LibraryChangeRepository changes) {
        this.repository = repository;
        this.changes = changes;
        this.clock = Clock.systemUTC();
    }

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
        var before = repository.listOf(profileId);
        var same = before.stream().filter(each -> each.fileSha256().equals(fileSha)).findFirst();
        return same.map(known -> new Added(known, false))
            .orElseGet(() -> new Added(append(profileId, before.isEmpty() ? 1 : before.getFirst().number() + 1, fresh, entries), true));
    }

    /** Stores a file as the next revision, though an older one may hold the very same. @param others path to content */
    public StoredRevision addAnyway(String profileId, NewRevision fresh, Map<String, byte[]> others) {
        return append(profileId, repository.findNewest(profileId).map(newest -> newest.number() + 1).orElse(1), fresh, stored(others));
    }

    private Map<String, String> stored(Map<String, byte[]> others) {
        var entries = new LinkedHashMap<String, String>();
        others.forEach((path, bytes) -> entries.put(path, putContent(bytes)));
        return entries;
    }

    private StoredRevision append(String profileId, int number, NewRevision fresh, Map<String, String> entries) {
        var type = fresh.type();
        var descriptionSha = putContent(fresh.description());
        var revision = new StoredRevision(UUID.randomUUID().toString(), profileId, number, fresh.summary(), fresh.author(), now(),
                descriptionSha, Sha256.ofFile(descriptionSha, entries),
                fresh.count(Severity.ERROR), fresh.count(Severity.WARNING), fresh.despite());
        var modes = type.modes().stream().map(mode -> {
            var compiled = CompiledMode.of(type, mode);
            var line = ModeSummary.of(compiled);
            var map = compiled.signature();
            return new RevisionRepository.ModeRow(FixtureIdentity.listed(line.name()), line.footprint(), line.channels(),
                    StoredForms.TAIL.write(line.tail()), map.isEmpty() ? null : Sha256.of(map.getBytes(StandardCharsets.UTF_8)));
        }).toList();
        repository.insert(revision, entries, modes);
        repository.putSynopsis(revision.id(), StoredForms.SYNOPSIS.write(Synopsis.of(type)));
        var kept = StoredHouse.of(type);
        if (!kept.equals(StoredHouse.NONE)) {
            repository.putHouse(revision.id(), StoredForms.HOUSE.write(kept));
        }
        changes.note(profileId);
        return revision;
    }

    /** {@return the newest revision of a profile that holds this very file} */
    public Optional<StoredRevision> findSame(String profileId, byte[] description, Map<String, byte[]> others) {
        return repository.findByFile(profileId, Sha256.ofFile(Sha256.of(description), Sha256.ofAll(others)));
    }

    /**
     * {@return what lists know of a revision} It is made of the revision where it is not kept, or cannot be read: one that is damaged keeps
     * nobody from finding all the others.
     *
     * @param kept as it is kept; null if it is not
     */
    public Synopsis synopsis(String revisionId, @Nullable String kept) {
        if (kept != null) {
            try {
                return StoredForms.SYNOPSIS.read(kept);
            } catch (Unreadable damaged) {
                LOG.warn("What lists know of revision {} cannot be read ({}); it is made anew.", revisionId, damaged.getMessage());
            }
        }
        var made = repository.findById(revisionId)
            .map(revision -> Synopsis.of(house(revisionId).laidOnto(description(revision).type())))
            .orElse(Synopsis.NONE);
        repository.putSynopsis(revisionId, StoredForms.SYNOPSIS.write(made));
        return made;
    }

    /** Says what a new revision rests on. */
    public void rests(String revisionId, RevisionFacts facts) {
        if (!facts.equals(RevisionFacts.UNSAID)) {
            repository.putFacts(revisionId, facts);
        }
    }

    /** {@return what a revision rests on} */
    public RevisionFacts facts(StoredRevision revision) {
        return repository.factsOf(revision.profileId()).getOrDefault(revision.id(), RevisionFacts.UNSAID);
    }

    /** {@return whether it was not withdrawn before} It stays readable and warns. */
    public boolean withdraw(StoredRevision revision, String why, String author) {
        changes.note(revision.profileId());
        return repository.withdraw(new RevisionRepository.Withdrawal(revision.id(), why, author, now()));
    }

    /** Takes a withdrawal back. */
    public void restore(StoredRevision revision) {
        changes.note(revision.profileId());
        repository.restore(revision.id());
    }

    public Optional<RevisionRepository.Withdrawal> findWithdrawal(String revisionId) {
        return repository.findWithdrawal(revisionId);
    }

    /** {@return the file's entries beside its description: path to content's hash} */
    public Map<String, String> entries(String revisionId) {
        return repository.entries(revisionId);
    }

    /** @param isNew false if the profile held this very file already */
    public record Added(StoredRevision revision, boolean isNew) {}

    public LocalDateTime now() {
        return LocalDateTime.now(clock.withZone(ZoneOffset.UTC)).truncatedTo(ChronoUnit.MILLIS);
    }

    /** {@return the description of a revision} Kept in memory for a while; a revision never changes. */
    public GdtfDescription description(StoredRevision revision) {
        return descriptions.get(revision.descriptionSha256(), sha -> {
            var xml = requireContent(sha);
            return new Read(GdtfDescription.read(xml), xml.length);
        }).description();
    }

    /** {@return a revision as one side of a comparison} */
    public Side side(StoredRevision revision) {
        return new Side(description(revision).type(), repository.entries(revision.id()));
    }

    /** {@return what the house keeps beside a revision} */
    public StoredHouse house(String revisionId) {
        return repository.findHouse(revisionId).map(kept -> houseOf(revisionId, kept)).orElse(StoredHouse.NONE);
    }

    private static StoredHouse houseOf(String revisionId, String kept) {
        try {
            return StoredForms.HOUSE.read(kept);
        } catch (Unreadable damaged) {
            LOG.warn("What the house keeps beside revision {} cannot be read ({}); the revision itself can.", revisionId,
                    damaged.getMessage());
            return StoredHouse.NONE;
        }
    }

    /** {@return what the house keeps beside the newest revision of a profile} */
    public StoredHouse newestHouse(String profileId) {
        return repository.findNewest(profileId).map(newest -> house(newest.id())).orElse(StoredHouse.NONE);
    }

    /** Keeps bytes that belong to files. {@return their hash} */
    public String putContent(byte[] bytes) {
        var sha = Sha256.of(bytes);
        repository.putContent(sha, bytes);
        return sha;
    }

    /** {@return the bytes of a revision as a file} An imported description goes out to the letter. */
    public byte[] file(StoredRevision revision) {
        var others = new LinkedHashMap<String, byte[]>();
        repository.entries(revision.id()).forEach((path, sha) -> others.put(path, requireContent(sha)));
        return GdtfFile.pack(requireContent(revision.descriptionSha256()), others);
    }

    /** @throws Refusal 404 if the profile has no such revision */
    public StoredRevision require(String profileId, int number) {
        return repository.findByNumber(profileId, number)
            .orElseThrow(() -> Refusal.notFound("This profile has no revision " + number + "."));
    }

    List<StoredRevision> listOf(String profileId) {
        return repository.listOf(profileId);
    }

    public Optional<byte[]> findContent(String sha256) {
        return repository.findContent(sha256);
    }

    /** @param entries path to content's hash */
    public Media media(Map<String, String> entries) {
        return Media.of(entries.keySet(), path -> requireContent(Objects.requireNonNull(entries.get(path))));
    }

    public byte[] requireContent(String sha256) {
        return repository.findContent(sha256).orElseThrow(() -> new IllegalStateException("content " + sha256 + " is not stored"));
    }
}
