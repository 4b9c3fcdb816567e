package yellowkite.server.releases;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.archive.Sha256;
import yellowkite.core.check.Checks;
import yellowkite.core.compare.Side;
import yellowkite.core.dmx.CompiledType;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.core.library.Shelf;
import yellowkite.core.release.Manifest;
import yellowkite.core.release.ProfileChange.Kind;
import yellowkite.core.release.ProfileChange;
import yellowkite.core.release.ReleaseArchive;
import yellowkite.server.content.ContentStore;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.library.ProfileRepository.StoredProfile;
import yellowkite.server.library.ProfileRepository;
import yellowkite.server.library.UseRepository.Use;
import yellowkite.server.library.UseRepository;
import yellowkite.server.releases.ReleaseRepository.NewLine;
import yellowkite.server.releases.ReleaseRepository.Origin;
import yellowkite.server.releases.ReleaseRepository.StoredLine;
import yellowkite.server.releases.ReleaseRepository.StoredRelease;
import yellowkite.server.revisions.NewRevision;
import yellowkite.server.revisions.RevisionFacts;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.Revisions;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.stored.StoredForms;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/** Takes releases of other houses in as the Reference shelf: whole or not at all, after showing what they touch. */
@Service
public class ReleaseTaking {
    private final Transactions transactions;
    private final ReleaseRepository releases;
    private final ProfileRepository profiles;
    private final UseRepository uses;
    private final RevisionRepository revisionRows;
    private final ContentStore contents;
    private final HouseClock clock;
    private final RevisionReader reader;
    private final Revisions revisions;

    ReleaseTaking(Transactions transactions, ReleaseRepository releases, ProfileRepository profiles, UseRepository uses,
            RevisionRepository revisionRows, ContentStore contents, HouseClock clock, RevisionReader reader, Revisions revisions) {
        this.transactions = transactions;
        this.releases = releases;
        this.profiles = profiles;
        this.uses = uses;
        this.revisionRows = revisionRows;
        this.contents = contents;
        this.clock = clock;
        this.reader = reader;
        this.revisions = revisions;
    }

    /** @param uses of it in this house */
    record Touched(String manufacturer, String name, ProfileChange change, String note, List<Use> uses) {}

    /**
     * What a release would do here. @param says how many profiles of each kind it has. @param touched what is used first, the worst
     * first. @param skipped notes of the releases between, the newest first
     */
    record Impact(String house, String title, String dated, String says, String notes, List<Touched> touched,
            List<Manifest.Earlier> skipped) {}

    /** {@return what the release would do to the Reference shelf and to those who use it} Every file of it was read. */
    Impact look(ReleaseArchive archive) {
        requireNewer(archive.manifest());
        var steps = steps(archive, false);
        var usedBy = uses.of(steps.stream().flatMap(step -> step.existing().stream()).map(StoredProfile::id).toList());
        var twins = uses.twins(steps.stream().map(step -> FixtureIdentity.idOf(step.fixtureTypeId())).filter(Objects::nonNull).toList());
        var touched = steps.stream().map(step -> {
            var own = step.existing().map(profile -> usedBy.getOrDefault(profile.id(), List.of())).orElse(List.of());
            var twin = Optional.ofNullable(FixtureIdentity.idOf(step.fixtureTypeId())).map(twins::get);
            return new Touched(step.manufacturer(), step.name(), step.change(), step.note(),
                    Stream.concat(own.stream(), twin.stream()).toList());
        })
            .sorted(Comparator.comparing((Touched each) -> each.uses().isEmpty() || each.change().kind() == Kind.SAME)
                .thenComparingInt(each -> each.change().urgency()))
            .toList();
        var manifest = archive.manifest();
        return new Impact(manifest.house(), manifest.title(), manifest.dated().toString(),
                ProfileChange.counted(touched.stream().map(Touched::change).toList()), manifest.notes(), touched, skipped(manifest));
    }

    private List<Manifest.Earlier> skipped(Manifest manifest) {
        var newest = releases.findNewest(Origin.THEIRS, manifest.house());
        return newest.isEmpty() ? List.of()
                : manifest.earlier().stream().filter(each -> each.published().isAfter(newest.get().publishedAt())).toList();
    }

    private void requireNewer(Manifest manifest) {
        releases.find(manifest.id()).ifPresent(known -> {
            throw Refusal.unfit("file",
                    known.origin() == Origin.OURS ? "'" + known.title() + "' was made here; its profiles stand on the House shelf."
                            : "'" + known.title() + "' of " + known.house() + " is on the Reference shelf already.");
        });
        if (manifest.published().isAfter(clock.now().plusDays(1))) {
            throw Refusal.unfit("file", "'" + manifest.title() + "' says that it was published in the future; the next ones of "
                    + manifest.house() + " could not come after it. Ask for it again.");
        }
        releases.findNewest(Origin.THEIRS, manifest.house())
            .filter(newest -> !newest.publishedAt().isBefore(manifest.published()))
            .ifPresent(newest -> {
                throw Refusal.unfit("file", "'" + manifest.title() + "' is older than '" + newest.title() + "' of " + newest.house()
                        + ", which is on the Reference shelf. Its notes can be read there.");
            });
    }

    /** One profile of the release, or one that it withdraws. @param entry null if it is withdrawn */
    private record Step(Manifest.@Nullable Entry entry, String manufacturer, String name, String fixtureTypeId, String note,
            Optional<StoredProfile> existing, ProfileChange change) {}

    private List<Step> steps(ReleaseArchive archive, boolean taking) {
        var house = archive.manifest().house();
        var steps = new ArrayList<Step>();
        var met = new HashSet<String>();
        for (var entry : archive.manifest().profiles()) {
            var opened = archive.profile(entry);
            var existing = taking ? profiles.findToAdd(Shelf.REFERENCE, house, identity(entry))
                    : profiles.find(Shelf.REFERENCE, house, identity(entry));
            existing.ifPresent(profile -> met.add(profile.id()));
            steps.add(new Step(entry, entry.manufacturer(), entry.name(), entry.fixtureTypeId(), entry.note(), existing,
                    change(existing, opened, entry)));
        }
        var notes = archive.manifest()
            .withdrawn()
            .stream()
            .collect(Collectors.toMap(gone -> ReleaseArchive.fixture(gone.fixtureTypeId(), gone.manufacturer(), gone.name()),
                    Manifest.Gone::note, (a, b) -> a, HashMap::new));
        for (var line : shelfOf(house)) {
            var profile = profiles.findById(line.profileId()).filter(each -> each.upstream().equals(house));
            if (profile.isPresent() && !met.contains(line.profileId())) { // what another house releases, too, is not ours to withdraw
                var note = notes.getOrDefault(ReleaseArchive.fixture(line.fixtureTypeId(), line.manufacturer(), line.name()), "");
                steps.add(new Step(null, line.manufacturer(), line.name(), line.fixtureTypeId(), note, profile,
                        ProfileChange.withdrawn()));
            }
        }
        return steps;
    }

    /** {@return what stands on the Reference shelf from a house: the profiles of its newest release} */
    private List<StoredLine> shelfOf(String house) {
        return releases.findNewest(Origin.THEIRS, house)
            .map(newest -> releases.lines(newest.id()).stream().filter(StoredLine::isPart).toList())
            .orElse(List.of());
    }

    private ProfileChange change(Optional<StoredProfile> existing, GdtfFile.Opened opened, Manifest.Entry entry) {
        var type = opened.file().description().type();
        var newest = existing.flatMap(profile -> revisionRows.findNewest(profile.id()));
        if (newest.isEmpty()) {
            return ProfileChange.fresh(type);
        }
        if (!newest.get().fileSha256().equals(entry.sha256())) {
            return ProfileChange.between(reader.side(newest.get()), new Side(type, Sha256.ofAll(opened.file().others())));
        }
        return reader.findWithdrawal(newest.get().id()).isPresent() ? ProfileChange.fresh(type) : ProfileChange.same(); // one that comes back is as good as new
    }

    /** {@return whether a release was taken in before} */
    public boolean has(String id) {
        return releases.find(id).isPresent();
    }

    /** Puts the release onto the Reference shelf. {@return its id} The one before stays readable. */
    public String take(ReleaseArchive archive, Author author) {
        var manifest = archive.manifest();
        return transactions.run(() -> {
            requireNewer(manifest);
            var lines = new ArrayList<NewLine>();
            for (var step : steps(archive, true)) {
                var revision = step.entry() == null ? withdraw(step, manifest) : put(step, step.entry(), archive);
                lines.add(new NewLine(revision.profileId(), revision.id(), step.change().kind(), step.change().worst(), step.note()));
            }
            releases.add(new StoredRelease(manifest.id(), Origin.THEIRS, manifest.house(), manifest.title(), manifest.dated(),
                    manifest.notes(), author.name(), manifest.published(), StoredForms.EARLIER.write(manifest.earlier())), lines);
            releases.putManifest(manifest.id(), contents.put(archive.list()));
            return manifest.id();
        });
    }

    private StoredRevision withdraw(Step step, Manifest manifest) {
        var newest = step.existing().flatMap(profile -> revisionRows.findNewest(profile.id())).orElseThrow();
        revisions.withdraw(newest,
                FixtureIdentity
                    .listed("Not part of '" + manifest.title() + "' any more." + (step.note().isEmpty() ? "" : " " + step.note())),
                manifest.house());
        return newest;
    }

    private StoredRevision put(Step step, Manifest.Entry entry, ReleaseArchive archive) {
        var manifest = archive.manifest();
        var fixture = identity(entry);
        var same = step.existing()
            .flatMap(profile -> revisionRows.findNewest(profile.id()))
            .filter(newest -> newest.fileSha256().equals(entry.sha256()));
        if (same.isPresent()) {
            reader.findWithdrawal(same.get().id()).ifPresent(back -> revisions.restore(same.get()));
            return same.get();
        }
        var opened = archive.profile(entry);
        var profile = step.existing()
            .orElseGet(() -> profiles.add(Shelf.REFERENCE, manifest.house(), fixture));
        profiles.lock(profile.id());
        var summary = FixtureIdentity.listed(manifest.title() + (entry.note().isEmpty() ? "" : ": " + entry.note()));
        var revision = revisions.addAnyway(profile.id(),
                new NewRevision(CompiledType.of(opened.file().description().type()), Checks.of(opened.file()),
                        opened.descriptionBytes(), summary, null, manifest.house()),
                opened.file().others());
        revisions.rests(revision.id(), new RevisionFacts(cut(entry.firmware()), RevisionFacts.RestsOn.RELEASE,
                FixtureIdentity.listed(manifest.house() + ", revision " + entry.revision())));
        profiles.rename(profile.id(), fixture);
        return revision;
    }

    private static FixtureIdentity identity(Manifest.Entry entry) {
        return FixtureIdentity.of(entry.fixtureTypeId(), entry.manufacturer(), entry.name());
    }

    private static String cut(String firmware) {
        return firmware.length() <= 60 ? firmware : firmware.substring(0, 60);
    }

    /** {@return who uses the profiles of some lines here} */
    Map<String, List<Use>> usesOf(List<StoredLine> lines) {
        return uses.of(lines.stream().map(StoredLine::profileId).toList());
    }
}
