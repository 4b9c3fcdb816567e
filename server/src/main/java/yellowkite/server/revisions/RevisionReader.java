package yellowkite.server.revisions;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import yellowkite.core.archive.Sha256;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Finding;
import yellowkite.core.compare.Side;
import yellowkite.core.gdtf.FileNames;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.house.StoredHouse;
import yellowkite.core.library.Synopsis;
import yellowkite.server.content.ContentStore;
import yellowkite.server.stored.StoredForm.Unreadable;
import yellowkite.server.stored.StoredForms;
import yellowkite.server.web.Refusal;
import yellowkite.server.web.ZipDownload;

/** Revisions as they are read. None of them ever changes, so what is made of one is kept for a while. */
@Service
public class RevisionReader {
    private static final Logger LOG = LoggerFactory.getLogger(RevisionReader.class);
    /** Bytes of the descriptions that are kept as they are read; in memory they take some times that. */
    private static final long MOST_XML_KEPT = 24L << 20;
    private final RevisionRepository repository;
    private final ContentStore contents;
    private final Cache<String, Described> descriptions = Caffeine.newBuilder()
        .maximumWeight(MOST_XML_KEPT)
        .weigher((String sha, Described read) -> read.bytes())
        .build();

    RevisionReader(RevisionRepository repository, ContentStore contents) {
        this.repository = repository;
        this.contents = contents;
    }

    /** @param bytes of its XML */
    public record Described(GdtfDescription description, int bytes) {}

    public GdtfDescription description(StoredRevision revision) {
        return described(revision).description();
    }

    /** {@return the description of a revision and what it weighs} */
    public Described described(StoredRevision revision) {
        return descriptions.get(revision.descriptionSha256(), sha -> {
            var xml = contents.require(sha);
            return new Described(GdtfDescription.read(xml), xml.length);
        });
    }

    /** {@return a revision as one side of a comparison} */
    public Side side(StoredRevision revision) {
        return new Side(description(revision).type(), repository.entries(revision.id()));
    }

    /** {@return what the house keeps beside a revision} */
    public StoredHouse house(String revisionId) {
        return repository.findHouse(revisionId).map(kept -> houseOf(revisionId, kept)).orElse(StoredHouse.NONE);
    }

    static StoredHouse houseOf(String revisionId, String kept) {
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

    /** {@return what the checks find in a revision} They are run anew where other rules ran before. */
    public List<Finding> findings(StoredRevision revision) {
        var kept = repository.findFindings(revision.id()).map(FoundBefore::findings).orElse(null);
        if (kept != null) {
            return kept;
        }
        var type = house(revision.id()).laidOnto(description(revision).type());
        var found = Checks.of(type, contents.media(entries(revision.id())));
        repository.putFindings(revision.id(), FoundBefore.of(found));
        return found;
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

    /** {@return what a revision rests on} */
    public RevisionFacts facts(StoredRevision revision) {
        return repository.findFacts(revision.id()).orElse(RevisionFacts.UNSAID);
    }

    public Optional<RevisionRepository.Withdrawal> findWithdrawal(String revisionId) {
        return repository.findWithdrawal(revisionId);
    }

    /** {@return the file's entries beside its description: path to content's hash} */
    public Map<String, String> entries(String revisionId) {
        return repository.entries(revisionId);
    }

    /** {@return the bytes of a revision as a file} An imported description goes out to the letter. */
    public byte[] file(StoredRevision revision) {
        var others = new LinkedHashMap<String, byte[]>();
        repository.entries(revision.id()).forEach((path, sha) -> others.put(path, contents.require(sha)));
        return GdtfFile.pack(contents.require(revision.descriptionSha256()), others);
    }

    /** {@return a revision's file for a download of several} */
    public ZipDownload.Packed packed(StoredRevision revision) {
        return new ZipDownload.Packed(FileNames.of(description(revision).type(), revision.number()), () -> file(revision));
    }

    /** {@return the newest revision of a profile that holds this very file} */
    public Optional<StoredRevision> findSame(String profileId, byte[] description, Map<String, byte[]> others) {
        return repository.findByFile(profileId, Sha256.ofFile(Sha256.of(description), Sha256.ofAll(others)));
    }

    /** @throws Refusal 404 if the profile has no such revision */
    public StoredRevision require(String profileId, int number) {
        return repository.findByNumber(profileId, number)
            .orElseThrow(() -> Refusal.notFound("This profile has no revision " + number + "."));
    }
}
