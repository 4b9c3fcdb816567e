package yellowkite.server.releases;

import java.io.IOException;
import java.io.OutputStream;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.gdtf.FileNames;
import yellowkite.core.library.Shelf;
import yellowkite.core.release.Manifest;
import yellowkite.core.release.ManifestText;
import yellowkite.core.release.ProfileChange.Kind;
import yellowkite.core.release.ProfileChange;
import yellowkite.core.release.ReleaseArchive;
import yellowkite.server.content.ContentStore;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.library.HouseStateRepository.State;
import yellowkite.server.library.HouseStateRepository;
import yellowkite.server.library.ListedRepository.Listed;
import yellowkite.server.library.ListedRepository;
import yellowkite.server.releases.ReleaseRepository.NewLine;
import yellowkite.server.releases.ReleaseRepository.Origin;
import yellowkite.server.releases.ReleaseRepository.StoredLine;
import yellowkite.server.releases.ReleaseRepository.StoredRelease;
import yellowkite.server.revisions.RevisionFacts;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.stored.StoredForms;
import yellowkite.server.web.Change;
import yellowkite.server.web.Refusal;

/**
 * Makes releases of what stands on the House shelf: each is the whole of what the house hands on, and told by what differs from the one
 * before.
 */
@Service
class ReleaseMaking {
    private final Transactions transactions;
    private final ReleaseRepository releases;
    private final ListedRepository lines;
    private final RevisionRepository revisionRows;
    private final ContentStore contents;
    private final HouseClock clock;
    private final HouseStateRepository states;
    private final RevisionReader reader;

    ReleaseMaking(Transactions transactions, ReleaseRepository releases, ListedRepository lines,
            RevisionRepository revisionRows,
            ContentStore contents, HouseClock clock, HouseStateRepository states, RevisionReader reader) {
        this.transactions = transactions;
        this.releases = releases;
        this.lines = lines;
        this.revisionRows = revisionRows;
        this.contents = contents;
        this.clock = clock;
        this.states = states;
        this.reader = reader;
    }

    /**
     * What a release would say of a profile.
     *
     * @param before number of the revision that the release before had; null if it had none
     * @param withdrawn why its newest revision is not to be used; null if it is
     * @param leftOut whether it is no part of the release unless somebody says so
     */
    record Proposal(String profileId, String manufacturer, String name, int revision, @Nullable Integer before,
            ProfileChange change, String note, @Nullable String withdrawn, boolean leftOut) {}

    /** {@return what there is to say of the profiles of the release before, and of some more, by manufacturer and name} */
    List<Proposal> propose(List<String> more) {
        var before = lastLines();
        var ids = new LinkedHashSet<>(before.keySet());
        ids.addAll(more);
        requireFew(ids.size());
        var listed = lines.of(ids).values().stream().filter(each -> each.shelf() == Shelf.HOUSE && each.revision() > 0).toList();
        var newestIds = listed.stream().map(Listed::revisionId).toList();
        var newest = revisionRows.allOf(newestIds);
        var withdrawals = revisionRows.withdrawalsAmong(newestIds);
        var earlier = revisionRows.allOf(before.values().stream().map(StoredLine::revisionId).toList());
        var proposals = new ArrayList<Proposal>();
        for (var profile : listed) {
            var last = before.get(profile.id());
            var change = change(last, Objects.requireNonNull(newest.get(profile.revisionId())), earlier);
            var withdrawal = Optional.ofNullable(withdrawals.get(profile.revisionId())).map(each -> each.why());
            proposals.add(new Proposal(profile.id(), profile.manufacturer(), profile.name(), profile.revision(),
                    last == null ? null : last.number(), change, change.proposedNote(), withdrawal.orElse(null), withdrawal.isPresent()));
        }
        proposals.sort((a, b) -> (a.manufacturer() + "\n" + a.name()).compareToIgnoreCase(b.manufacturer() + "\n" + b.name()));
        return proposals;
    }

    private static void requireFew(int count) {
        if (count > ReleaseArchive.MOST_PROFILES) {
            throw Refusal.unfit("profiles",
                    "A release holds at most " + ReleaseArchive.MOST_PROFILES + " profiles; these are " + count + ".");
        }
    }

    /** {@return the profiles of the newest release made here, by id} */
    private Map<String, StoredLine> lastLines() {
        var lines = new LinkedHashMap<String, StoredLine>();
        releases.findNewest(Origin.OURS)
            .ifPresent(last -> releases.lines(last.id())
                .stream()
                .filter(StoredLine::isPart)
                .forEach(line -> lines.put(line.profileId(), line)));
        return lines;
    }

    /** @param earlier the revisions of the release before, by id */
    private ProfileChange change(@Nullable StoredLine before, StoredRevision newest, Map<String, StoredRevision> earlier) {
        if (before == null) {
            return ProfileChange.fresh(reader.description(newest).type());
        }
        return before.revisionId().equals(newest.id()) ? ProfileChange.same()
                : ProfileChange.between(reader.side(Objects.requireNonNull(earlier.get(before.revisionId()))), reader.side(newest));
    }

    /** A profile that is to be part of a release, with what the notes say of it. */
    record Member(String profileId, String note) {
        Member {
            Objects.requireNonNull(profileId, "profileId");
            Objects.requireNonNull(note, "note");
        }
    }

    /**
     * Publishes a release of the newest revisions of some profiles; those of the release before that are not among them are withdrawn by
     * it. {@return its id}
     */
    String publish(String house, String title, LocalDate dated, String notes, List<Member> members, Change asked) {
        requireFew(members.size());
        if (members.isEmpty()) {
            throw Refusal.unfit("profiles", "A release needs at least one profile.");
        }
        var id = asked.id() == null ? UUID.randomUUID().toString() : asked.id();
        if (releases.find(id).isPresent()) {
            return id; // it was published, and only the answer was lost
        }
        var upon = releases.findNewest(Origin.OURS);
        var parts = parts(members); // before the transaction, since thousands of files are read
        // a clock that was ahead once must not make the next release older than the last one
        var at = upon.map(last -> last.publishedAt().plus(1, ChronoUnit.MILLIS)).filter(clock.now()::isBefore).orElse(clock.now());
        var release = new StoredRelease(id, Origin.OURS, house, title, dated, notes, asked.author().name(), at, "[]");
        var list = ManifestText.write(manifest(release, parts));
        return transactions.run(() -> {
            states.put(State.RELEASED, clock.now()); // one after the other
            if (releases.find(id).isPresent()) {
                return id;
            }
            if (!releases.findNewest(Origin.OURS).equals(upon)) {
                throw Refusal.unfit("profiles", "Someone has published a release meanwhile; look at what yours would say now.");
            }
            releases.add(release, parts.stream().map(NewLine::of).toList());
            releases.putManifest(id, contents.put(list));
            return id;
        });
    }

    /** {@return a line for each member, in their order, and for those of the release before that are not among them} */
    private List<StoredLine> parts(List<Member> members) {
        var before = lastLines();
        var earlier = revisionRows.allOf(before.values().stream().map(StoredLine::revisionId).toList());
        var listed = lines.of(members.stream().map(Member::profileId).toList());
        var newest = revisionRows.allOf(listed.values().stream().map(Listed::revisionId).toList());
        var parts = new LinkedHashMap<String, StoredLine>();
        for (var member : members) {
            var profile = listed.get(member.profileId());
            if (profile == null || profile.shelf() != Shelf.HOUSE || profile.isBinned() || profile.revision() == 0) {
                throw Refusal.unfit("profiles",
                        "One of these profiles does not stand on the House shelf any more, or was never published.");
            }
            var revision = Objects.requireNonNull(newest.get(profile.revisionId()));
            var change = change(before.get(member.profileId()), revision, earlier);
            parts.putIfAbsent(member.profileId(), new StoredLine(profile.id(), profile.manufacturer(), profile.name(), "", revision.id(),
                    revision.number(), change.kind(), change.worst(), member.note()));
        }
        before.values()
            .stream()
            .filter(line -> !parts.containsKey(line.profileId()))
            .toList()
            .forEach(line -> parts.put(line.profileId(), line.withdrawn()));
        return List.copyOf(parts.values());
    }

    /** {@return what the archive of a release says of it} */
    private Manifest manifest(StoredRelease release, List<StoredLine> lines) {
        var taken = new HashSet<String>();
        var ids = lines.stream().map(StoredLine::revisionId).toList();
        var revisions = revisionRows.allOf(ids);
        var facts = revisionRows.factsAmong(ids);
        var entries = lines.stream().filter(StoredLine::isPart).map(line -> {
            var revision = Objects.requireNonNull(revisions.get(line.revisionId()));
            var type = reader.description(revision).type();
            var file = "profiles/" + FileNames.free(FileNames.of(type, revision.number()), taken);
            return new Manifest.Entry(file, revision.fileSha256(), line.manufacturer(), line.name(), type.fixtureTypeId().strip(),
                    revision.number(), facts.getOrDefault(revision.id(), RevisionFacts.UNSAID).firmware(), line.kind(), line.worst(),
                    line.note());
        }).toList();
        var gone = lines.stream()
            .filter(line -> !line.isPart())
            .map(line -> new Manifest.Gone(line.manufacturer(), line.name(), line.fixtureTypeId(), line.note()))
            .toList();
        return new Manifest(Manifest.FORMAT, release.id(), release.house(), release.title(), release.dated(), release.publishedAt(),
                release.notes(), entries, gone, earlier(release));
    }

    /** {@return what the releases before one said, the newest first; those that were skipped here from what its archive told} */
    List<Manifest.Earlier> earlier(StoredRelease release) {
        var byId = new LinkedHashMap<String, Manifest.Earlier>();
        for (var before : releases.before(release.origin(), release.house(), release.publishedAt())) {
            var told = releases.lines(before.id())
                .stream()
                .filter(line -> line.kind() != Kind.SAME)
                .map(line -> new Manifest.Told(line.manufacturer(), line.name(), line.kind(), line.worst(), line.note()))
                .toList();
            byId.put(before.id(),
                    new Manifest.Earlier(before.id(), before.title(), before.dated(), before.publishedAt(), before.notes(), told));
        }
        for (var told : StoredForms.EARLIER.read(release.earlier())) {
            byId.putIfAbsent(told.id(), told);
        }
        return byId.values().stream().sorted((a, b) -> b.published().compareTo(a.published())).toList();
    }

    /** Writes a release as one archive. */
    void write(StoredRelease release, OutputStream out) throws IOException {
        var byFile = new LinkedHashMap<String, String>();
        var kept = releases.manifest(release.id()).flatMap(contents::find).orElse(null);
        var list = kept == null ? ManifestText.write(manifest(release, releases.lines(release.id()))) : kept;
        var manifest = ManifestText.read(list);
        var parts = releases.lines(release.id()).stream().filter(StoredLine::isPart).toList();
        for (int i = 0; i < parts.size(); i++) {
            byFile.put(manifest.profiles().get(i).file(), parts.get(i).revisionId());
        }
        var revisions = revisionRows.allOf(byFile.values());
        ReleaseArchive.write(manifest, list,
                entry -> reader.file(Objects.requireNonNull(revisions.get(byFile.get(entry.file())))), out);
    }
}
