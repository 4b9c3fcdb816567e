package yellowkite.server.intake;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.check.Checks;
import yellowkite.core.gdtf.FormatException;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.FixtureType;
import yellowkite.server.database.Transactions;
import yellowkite.server.library.ProfileRepository;
import yellowkite.server.library.ProfileRepository.StoredProfile;
import yellowkite.server.revisions.RevisionFacts;
import yellowkite.server.revisions.Revisions;
import yellowkite.server.web.Author;

/** Takes a file into the library: whole, or not at all. */
@Service
class Intake {
    /** The largest lamps have about fifty. */
    private static final int MAX_MODES = 500;

    private final Transactions transactions;
    private final ProfileRepository profiles;
    private final Revisions revisions;

    Intake(Transactions transactions, ProfileRepository profiles, Revisions revisions) {
        this.transactions = transactions;
        this.profiles = profiles;
        this.revisions = revisions;
    }

    /**
     * @param fileName as the sender calls it; for the messages
     * @throws FormatException if the file is refused; nothing is stored then
     */
    IntakeResult.Accepted take(String fileName, byte[] bytes, Author author) {
        var opened = GdtfFile.open(bytes);
        var type = opened.file().description().type();
        if (type.modes().size() > MAX_MODES) {
            throw new FormatException("holds " + type.modes().size() + " modes; " + MAX_MODES + " are the limit");
        }
        var added = transactions.run(() -> {
            var profile = findOrAdd(type, fileName);
            profiles.lock(profile.id());
            var summary = "Taken in from " + Revisions.listed(fileName);
            var kept = revisions.newestHouse(profile.id()).laidOnto(type); // a file brings none, and takes none away
            var result = revisions.add(profile.id(), kept, opened.descriptionBytes(), opened.file().others(), summary, author.name());
            if (result.isNew()) {
                revisions.rests(result.revision().id(), RevisionFacts.FILE);
                profiles.rename(profile.id(), profiles.findOrAddManufacturer(maker(type)), name(type, fileName));
            }
            return result;
        });
        return IntakeResult.Accepted.of(type, name(type, fileName), maker(type), added.revision(), added.isNew(), Checks.of(opened.file()));
    }

    /** A file belongs to the profile of its fixture type id; without one, to the profile of its maker and name that has none either. */
    private StoredProfile findOrAdd(FixtureType type, String fileName) {
        var manufacturer = profiles.findOrAddManufacturer(maker(type));
        var id = fixtureTypeId(type);
        var name = name(type, fileName);
        var found = id == null ? profiles.findWithoutId(manufacturer, name) : profiles.findByFixtureType(id);
        return found.orElseGet(() -> profiles.add(manufacturer, name, id));
    }

    private static @Nullable String fixtureTypeId(FixtureType type) {
        var id = type.fixtureTypeId().strip();
        return id.isEmpty() || id.length() > 64 ? null : id;
    }

    private static String maker(FixtureType type) {
        return type.manufacturer().isBlank() ? "Unknown maker" : Revisions.listed(type.manufacturer().strip());
    }

    private static String name(FixtureType type, String fileName) {
        return Revisions.listed(type.name().isBlank() ? fileName.replaceFirst("\\.gdtf$", "") : type.name().strip());
    }
}
