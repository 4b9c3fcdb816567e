package yellowkite.server.intake;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import org.springframework.stereotype.Service;
import yellowkite.core.archive.FormatException;
import yellowkite.core.archive.Sha256;
import yellowkite.core.check.Checks;
import yellowkite.core.compare.Side;
import yellowkite.core.dmx.CompiledType;
import yellowkite.core.gdtf.FileLimits;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.gdtf.Media;
import yellowkite.core.house.StoredHouse;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.core.library.Shelf;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.release.ProfileChange;
import yellowkite.server.database.Transactions;
import yellowkite.server.intake.IntakeResult.Same;
import yellowkite.server.library.BinRepository;
import yellowkite.server.library.ProfileRepository.StoredProfile;
import yellowkite.server.library.ProfileRepository;
import yellowkite.server.revisions.NewRevision;
import yellowkite.server.revisions.RevisionFacts;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.Revisions;
import yellowkite.server.web.Change;

/** Takes a file into the library: whole, or not at all. */
@Service
class Intake {
    /** A file may take a hundred times its room while it is unpacked and read. */
    private static final int AT_ONCE = 4;
    private final Semaphore opening = new Semaphore(AT_ONCE, true);
    private final Transactions transactions;
    private final ProfileRepository profiles;
    private final BinRepository bin;
    private final RevisionRepository revisionRows;
    private final RevisionReader reader;
    private final Revisions revisions;

    Intake(Transactions transactions, ProfileRepository profiles, BinRepository bin, RevisionRepository revisionRows, RevisionReader reader,
            Revisions revisions) {
        this.bin = bin;
        this.revisionRows = revisionRows;
        this.transactions = transactions;
        this.profiles = profiles;
        this.reader = reader;
        this.revisions = revisions;
    }

    /**
     * @param fileName as the sender calls it; for the messages
     * @param same what becomes of it if the library has its profile with other content
     * @param change a file that comes again with it is the same file
     * @throws FormatException if the file is refused; nothing is stored then
     */
    IntakeResult take(String fileName, byte[] bytes, Same same, Change change) {
        opening.acquireUninterruptibly();
        try {
            return takeOpened(fileName, bytes, same, change);
        } finally {
            opening.release();
        }
    }

    private IntakeResult takeOpened(String fileName, byte[] bytes, Same same, Change change) {
        var opened = GdtfFile.open(bytes);
        var read = opened.file().description().type();
        FileLimits.require(read);
        var others = opened.file().others();
        var compiled = CompiledType.of(read); // before the transaction: it may run more than once
        var findings = Checks.of(opened.file(), compiled);
        return transactions.run(() -> {
            var fixture = identity(read, fileName);
            var found = profiles.findToAdd(Shelf.HOUSE, "", fixture);
            var newest = found.flatMap(profile -> revisionRows.findNewest(profile.id()));
            boolean otherContent = newest.isPresent()
                    && reader.findSame(newest.get().profileId(), opened.descriptionBytes(), others).isEmpty();
            if (otherContent && same == Same.ASK) {
                return new IntakeResult(fileName, null, null, IntakeResult.Question.of(newest.get(), read,
                        ProfileChange.between(reader.side(newest.get()), new Side(read, Sha256.ofAll(others)))));
            }
            boolean own = otherContent && same == Same.OWN;
            var type = own ? read.with(f -> f.fixtureTypeId = ownId(change, bytes)) : read;
            var description = own ? opened.file().description().withType(type).write() : opened.descriptionBytes();
            var fresh = new NewRevision(own ? CompiledType.of(type) : compiled, findings, description, summary(fileName), null,
                    change.author().name(), !own);
            var home = own ? profiles.findToAdd(Shelf.HOUSE, "", identity(type, fileName)) : found;
            var added = home.isEmpty() ? first(fresh, others, fileName) : next(home.get(), fresh, others, fileName);
            if (added.isNew()) {
                revisions.rests(added.revision().id(), RevisionFacts.FILE);
            }
            return new IntakeResult(fileName, null,
                    IntakeResult.Accepted.of(fresh.compiled(), fixture.name(), fixture.manufacturer(), added.revision(), added.isNew(),
                            findings),
                    null);
        });
    }

    private Revisions.Added first(NewRevision fresh, Map<String, byte[]> others, String fileName) {
        return revisions.add(profiles.add(Shelf.HOUSE, "", identity(fresh.type(), fileName)).id(), fresh, others);
    }

    private Revisions.Added next(StoredProfile profile, NewRevision fresh, Map<String, byte[]> others, String fileName) {
        var now = profiles.lock(profile.id());
        if (now.isPresent() && now.get().binnedAt() != null) { // whoever brings a file wants its profile
            bin.restore(profile.id());
        }
        var house = reader.newestHouse(profile.id()); // a file brings none, and takes none away
        var withHouse = house.equals(StoredHouse.NONE) ? fresh : fresh.with(house, Media.of(others));
        var added = revisions.add(profile.id(), withHouse, others);
        if (added.isNew()) {
            profiles.rename(profile.id(), identity(withHouse.type(), fileName));
        }
        return added;
    }

    private static String summary(String fileName) {
        return "Imported from " + FixtureIdentity.listed(fileName);
    }

    private static FixtureIdentity identity(FixtureType type, String fileName) {
        return FixtureIdentity.of(type, fileName.replaceFirst("\\.gdtf$", ""));
    }

    /** {@return the id of a profile of its own: the same for a file that is sent again, because the answer was lost} */
    private static String ownId(Change change, byte[] bytes) {
        var id = change.id() == null ? UUID.randomUUID() : UUID.nameUUIDFromBytes((change.id() + Sha256.of(bytes)).getBytes(UTF_8));
        return id.toString().toUpperCase(Locale.ROOT);
    }
}
