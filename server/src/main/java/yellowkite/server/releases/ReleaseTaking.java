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
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
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
import yellowkite.server.library.HouseStateRepository.State;
import yellowkite.server.library.HouseStateRepository;
import yellowkite.server.library.ProfileRepository;
import yellowkite.server.library.UseRepository.Use;
import yellowkite.server.library.UseRepository;
import yellowkite.server.releases.ReferenceShelves.Standing;
import yellowkite.server.releases.ReleaseRepository.NewLine;
import yellowkite.server.releases.ReleaseRepository.Origin;
import yellowkite.server.releases.ReleaseRepository.StoredLine;
import yellowkite.server.releases.ReleaseRepository.StoredRelease;
import yellowkite.server.revisions.NewRevision;
import yellowkite.server.revisions.ReadyRevision;
import yellowkite.server.revisions.RevisionFacts;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.Revisions;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.stored.StoredForms;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/**
 * Takes releases of other houses in as the Reference shelf: whole or not at all, after showing what they touch. All that takes long is done
 * before: their contents are stored, which nobody sees, and everything is worked out; then all rows are written in one short transaction.
 */
@Service
public class ReleaseTaking {
    /** Beside the requests, in the data folder's log. */
    private static final Logger LOG = LoggerFactory.getLogger("yellowkite.requests.releases");
    /** Profiles of which the contents are stored in one transaction. */
    private static final int AT_ONCE = 20;
    private final Transactions transactions;
    private final ReleaseRepository releases;
    private final ProfileRepository profiles;
    private final ReferenceShelves shelves;
    private final UseRepository uses;
    private final ContentStore contents;
    private final HouseClock clock;
    private final HouseStateRepository states;
    private final RevisionReader reader;
    private final Revisions revisions;

    ReleaseTaking(Transactions transactions, ReleaseRepository releases, ProfileRepository profiles, ReferenceShelves shelves,
            UseRepository uses, ContentStore contents, HouseClock clock, HouseStateRepository states, RevisionReader reader,
            Revisions revisions) {
        this.transactions = transactions;
        this.releases = releases;
        this.profiles = profiles;
        this.shelves = shelves;
        this.uses = uses;
        this.contents = contents;
        this.clock = clock;
        this.states = states;
        this.reader = reader;
        this.revisions = revisions;
    }

    /** Is told how far it is, after each profile; may end the work by throwing. */
    public interface Progress {
        void at(int done, int all);
    }

    /** @param uses of it in this house */
    record Touched(String manufacturer, String name, ProfileChange change, String note, List<Use> uses) {}

    /**
     * What a release would do here. @param says how many profiles of each kind it has. @param touched what is used first, the worst
     * first. @param skipped notes of the releases between, the newest first
     */
    record Impact(String house, String title, String dated, String says, String notes, List<Touched> touched,
            List<Manifest.Earlier> skipped) {}

    /**
     * What was found out about a release.
     *
     * @param upon the release of that house that stood on the shelf then; null if there was none
     * @param changes of each profile in it, which hold while that one stands there
     */
    record Looked(Impact impact, @Nullable String upon, Map<Manifest.Entry, ProfileChange> changes) {}

    /** {@return what the release would do to the Reference shelf and to those who use it} Every file of it was read. */
    Looked look(ReleaseArchive archive, Progress progress) {
        requireNewer(archive.manifest());
        var upon = upon(archive.manifest());
        var steps = new ArrayList<Step>();
        eachOf(archive, progress, (entry, opened, standing) -> steps.add(new Step(entry, standing, change(standing, opened, entry), null)));
        steps.addAll(withdrawn(archive));
        var usedBy = uses.of(steps.stream().flatMap(step -> step.standing().stream()).map(each -> each.profile().id()).toList());
        var twins = uses.twins(steps.stream().map(step -> FixtureIdentity.idOf(step.fixtureTypeId())).filter(Objects::nonNull).toList());
        var touched = steps.stream().map(step -> {
            var own = step.standing().map(each -> usedBy.getOrDefault(each.profile().id(), List.of())).orElse(List.of());
            var twin = Optional.ofNullable(FixtureIdentity.idOf(step.fixtureTypeId())).map(twins::get);
            return new Touched(step.manufacturer(), step.name(), step.change(), step.note(),
                    Stream.concat(own.stream(), twin.stream()).toList());
        })
            .sorted(Comparator.comparing((Touched each) -> each.uses().isEmpty() || each.change().kind() == Kind.SAME)
                .thenComparingInt(each -> each.change().urgency()))
            .toList();
        var manifest = archive.manifest();
        var impact = new Impact(manifest.house(), manifest.title(), manifest.dated().toString(),
                ProfileChange.counted(touched.stream().map(Touched::change).toList()), manifest.notes(), touched, skipped(manifest));
        var changes = new HashMap<Manifest.Entry, ProfileChange>();
        steps.forEach(step -> Optional.ofNullable(step.entry()).ifPresent(entry -> changes.put(entry, step.change())));
        return new Looked(impact, upon, changes);
    }

    private @Nullable String upon(Manifest manifest) {
        return releases.findNewest(Origin.THEIRS, manifest.house()).map(StoredRelease::id).orElse(null);
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

    /**
     * One profile of the release, or one that it withdraws.
     *
     * @param entry null if it is withdrawn. @param ready what is stored of it; null if nothing is, or it is only looked at
     */
    private record Step(Manifest.@Nullable Entry entry, String manufacturer, String name, String fixtureTypeId, String note,
            Optional<Standing> standing, ProfileChange change, @Nullable ReadyRevision ready) {
        private Step(Manifest.Entry entry, Optional<Standing> standing, ProfileChange change, @Nullable ReadyRevision ready) {
            this(entry, entry.manufacturer(), entry.name(), entry.fixtureTypeId(), entry.note(), standing, change, ready);
        }

        FixtureIdentity identity() {
            return FixtureIdentity.of(fixtureTypeId, manufacturer, name);
        }
    }

    private interface Each {
        void look(Manifest.Entry entry, GdtfFile.Opened opened, Optional<Standing> standing);
    }

    private void eachOf(ReleaseArchive archive, Progress progress, Each each) {
        var manifest = archive.manifest();
        var shelf = shelves.of(manifest.house());
        int done = 0;
        for (var entry : manifest.profiles()) {
            progress.at(done++, manifest.profiles().size());
            var identity = FixtureIdentity.of(entry.fixtureTypeId(), entry.manufacturer(), entry.name());
            each.look(entry, archive.profile(entry), shelf.find(identity));
        }
        progress.at(done, manifest.profiles().size());
    }

    /** {@return what stood in the newest release of that house and stands in this one no more} */
    private List<Step> withdrawn(ReleaseArchive archive) {
        var manifest = archive.manifest();
        var shelf = shelves.of(manifest.house());
        var met = new HashSet<String>();
        manifest.profiles()
            .forEach(entry -> shelf.find(FixtureIdentity.of(entry.fixtureTypeId(), entry.manufacturer(), entry.name()))
                .ifPresent(each -> met.add(each.profile().id())));
        var notes = manifest.withdrawn()
            .stream()
            .collect(Collectors.toMap(gone -> ReleaseArchive.fixture(gone.fixtureTypeId(), gone.manufacturer(), gone.name()),
                    Manifest.Gone::note, (a, b) -> a, HashMap::new));
        var lines = releases.findNewest(Origin.THEIRS, manifest.house())
            .map(newest -> releases.lines(newest.id()).stream().filter(StoredLine::isPart).toList())
            .orElse(List.of());
        return lines.stream()
            .filter(line -> !met.contains(line.profileId()))
            // what another house releases, too, is not ours to withdraw
            .flatMap(line -> shelf.byId(line.profileId())
                .map(standing -> new Step(null, line.manufacturer(), line.name(), line.fixtureTypeId(),
                        notes.getOrDefault(ReleaseArchive.fixture(line.fixtureTypeId(), line.manufacturer(), line.name()), ""),
                        Optional.of(standing), ProfileChange.withdrawn(), null))
                .stream())
            .toList();
    }

    private ProfileChange change(Optional<Standing> standing, GdtfFile.Opened opened, Manifest.Entry entry) {
        var type = opened.file().description().type();
        if (standing.isEmpty()) {
            return ProfileChange.fresh(type);
        }
        var newest = standing.get().newest();
        if (!newest.fileSha256().equals(entry.sha256())) {
            return ProfileChange.between(reader.side(newest), new Side(type, Sha256.ofAll(opened.file().others())));
        }
        return standing.get().isWithdrawn() ? ProfileChange.fresh(type) : ProfileChange.same(); // one that comes back is as good as new
    }

    /** {@return whether a release was taken in before} */
    public boolean has(String id) {
        return releases.find(id).isPresent();
    }

    /** Puts a release that nobody needs to look at first onto the Reference shelf. {@return its id} */
    public String take(ReleaseArchive archive, Author author) {
        return take(archive, null, author, (done, all) -> {});
    }

    /** Puts the release onto the Reference shelf. {@return its id} The one before stays readable. @param looked null if nobody has */
    String take(ReleaseArchive archive, @Nullable Looked looked, Author author, Progress progress) {
        var manifest = archive.manifest();
        requireNewer(manifest);
        var upon = upon(manifest);
        var known = looked != null && Objects.equals(looked.upon(), upon) ? looked.changes() : Map.<Manifest.Entry, ProfileChange>of();
        var steps = new ArrayList<Step>();
        var waiting = new ArrayList<byte[]>();
        eachOf(archive, progress, (entry, opened, standing) -> {
            boolean isHere = standing.filter(each -> each.newest().fileSha256().equals(entry.sha256())).isPresent();
            if (!isHere) {
                waiting.add(opened.descriptionBytes());
                waiting.addAll(opened.file().others().values());
            }
            var change = Optional.ofNullable(known.get(entry)).orElseGet(() -> change(standing, opened, entry));
            steps.add(new Step(entry, standing, change, isHere ? null : ready(manifest, entry, opened)));
            if (steps.size() % AT_ONCE == 0) {
                store(waiting);
            }
        });
        store(waiting);
        steps.addAll(withdrawn(archive));
        long ready = System.nanoTime();
        transactions.run(() -> {
            states.put(State.RELEASED, clock.now()); // one after the other
            requireNewer(manifest);
            if (!Objects.equals(upon(manifest), upon)) {
                throw Refusal.unfit("file", "Another release of " + manifest.house() + " came in meanwhile; look at this one again.");
            }
            write(manifest, steps, author);
            releases.putManifest(manifest.id(), contents.put(archive.list()));
            return manifest.id();
        });
        LOG.info("'{}' of {}: {} profiles written in one transaction of {} ms", manifest.title(), manifest.house(), steps.size(),
                (System.nanoTime() - ready) / 1_000_000);
        return manifest.id();
    }

    /** Nobody sees them until a revision refers to them, and they go by themselves if none does. */
    private void store(List<byte[]> waiting) {
        if (!waiting.isEmpty()) {
            transactions.run(() -> {
                waiting.forEach(contents::put);
                return waiting;
            });
            waiting.clear();
        }
    }

    private static ReadyRevision ready(Manifest manifest, Manifest.Entry entry, GdtfFile.Opened opened) {
        var compiled = CompiledType.of(opened.file().description().type());
        var summary = FixtureIdentity.listed(manifest.title() + (entry.note().isEmpty() ? "" : ": " + entry.note()));
        return ReadyRevision.of(new NewRevision(compiled, Checks.of(opened.file(), compiled), opened.descriptionBytes(), summary, null,
                manifest.house(), true), Sha256.ofAll(opened.file().others()));
    }

    private void write(Manifest manifest, List<Step> steps, Author author) {
        var fresh = steps.stream().filter(step -> step.standing().isEmpty()).toList();
        var ids = profiles.addAll(Shelf.REFERENCE, manifest.house(), fresh.stream().map(Step::identity).toList());
        var profileOf = new HashMap<Step, String>();
        steps.forEach(step -> step.standing().ifPresent(each -> profileOf.put(step, each.profile().id())));
        for (int i = 0; i < fresh.size(); i++) {
            profileOf.put(fresh.get(i), ids.get(i));
        }
        var revisionOf = put(manifest, steps, profileOf);
        var lines = new ArrayList<NewLine>();
        for (var step : steps) {
            var revision = Objects.requireNonNull(revisionOf.get(step));
            step.standing().filter(each -> step.entry() == null).ifPresent(each -> withdraw(step, revision, manifest));
            step.standing()
                .filter(each -> step.entry() != null && step.ready() == null && each.isWithdrawn())
                .ifPresent(back -> revisions.restore(revision));
            lines.add(new NewLine(revision.profileId(), revision.id(), step.change().kind(), step.change().worst(), step.note()));
        }
        releases.add(new StoredRelease(manifest.id(), Origin.THEIRS, manifest.house(), manifest.title(), manifest.dated(),
                manifest.notes(), author.name(), manifest.published(), StoredForms.EARLIER.write(manifest.earlier())), lines);
    }

    /** {@return the revision of each step: a new one, or the one that stands there} */
    private Map<Step, StoredRevision> put(Manifest manifest, List<Step> steps, Map<Step, String> profileOf) {
        var placed = new ArrayList<Revisions.Placed>();
        var changed = steps.stream().filter(step -> step.ready() != null).toList();
        for (var step : changed) {
            placed.add(new Revisions.Placed(Objects.requireNonNull(profileOf.get(step)),
                    step.standing().map(each -> each.newest().number() + 1).orElse(1), Objects.requireNonNull(step.ready())));
        }
        var stored = revisions.addAll(placed);
        var revisionOf = new HashMap<Step, StoredRevision>();
        var facts = new HashMap<String, RevisionFacts>();
        steps.forEach(step -> step.standing().ifPresent(each -> revisionOf.put(step, each.newest())));
        for (int i = 0; i < changed.size(); i++) {
            var step = changed.get(i);
            var entry = Objects.requireNonNull(step.entry());
            revisionOf.put(step, stored.get(i));
            facts.put(stored.get(i).id(), new RevisionFacts(cut(entry.firmware()), RevisionFacts.RestsOn.RELEASE,
                    FixtureIdentity.listed(manifest.house() + ", revision " + entry.revision())));
            step.standing()
                .filter(each -> !each.isCalled(step.identity()))
                .ifPresent(each -> profiles.rename(each.profile().id(), step.identity()));
        }
        revisions.rest(facts);
        return revisionOf;
    }

    private void withdraw(Step step, StoredRevision newest, Manifest manifest) {
        revisions.withdraw(newest, FixtureIdentity
            .listed("Not part of '" + manifest.title() + "' any more." + (step.note().isEmpty() ? "" : " " + step.note())),
                manifest.house());
    }

    private static String cut(String firmware) {
        return firmware.length() <= 60 ? firmware : firmware.substring(0, 60);
    }

    /** {@return who uses the profiles of some lines here} */
    Map<String, List<Use>> usesOf(List<StoredLine> lines) {
        return uses.of(lines.stream().map(StoredLine::profileId).toList());
    }
}
