package yellowkite.core.release;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.archive.FormatException;
import yellowkite.core.compare.Side;
import yellowkite.core.gdtf.FileNames;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.library.FixtureIdentity;

/**
 * A release that is made of files, told by what differs from the one before.
 *
 * @param id a new one
 * @param published UTC; after the release before
 */
public record NewRelease(String id, String house, String title, LocalDate dated, LocalDateTime published, String notes) {
    private static final int FIRST = 1;

    /** A profile that is to be part of it; opened one after the other. */
    public interface Source {
        GdtfFile.Opened open();
    }

    /**
     * {@return its list, with the sources in their order}
     *
     * @param before the release that it follows upon; null = it is the first
     * @throws FormatException if two of the files are one fixture, or it cannot follow upon that release
     */
    public Manifest of(List<? extends Source> sources, @Nullable ReleaseArchive before) {
        if (sources.isEmpty() || sources.size() > ReleaseArchive.MOST_PROFILES) {
            throw new FormatException("needs 1 to " + ReleaseArchive.MOST_PROFILES + " profiles; these are " + sources.size());
        }
        var left = new LinkedHashMap<String, Manifest.Entry>();
        if (before != null) {
            requireFollows(before.manifest());
            before.manifest().profiles().forEach(each -> left.put(fixture(each), each));
        }
        var taken = new HashSet<String>();
        var entries = new ArrayList<Manifest.Entry>();
        var met = new HashSet<String>();
        for (var source : sources) {
            var entry = entry(source.open(), left, before, taken);
            if (!met.add(fixture(entry))) {
                throw new FormatException("would hold '" + entry.manufacturer() + " " + entry.name() + "' twice");
            }
            entries.add(entry);
        }
        left.keySet().removeAll(met);
        var gone = left.values()
            .stream()
            .map(each -> new Manifest.Gone(each.manufacturer(), each.name(), each.fixtureTypeId(), ""))
            .toList();
        var earlier = before == null ? List.<Manifest.Earlier>of()
                : Stream.concat(Stream.of(before.manifest().toEarlier()), before.manifest().earlier().stream()).toList();
        return new Manifest(Manifest.FORMAT, id, house, title, dated, published, notes, entries, gone, earlier);
    }

    private void requireFollows(Manifest before) {
        if (!before.house().equals(house)) {
            throw new FormatException("follows upon a release of '" + before.house() + "', which is another house");
        }
        if (!before.published().isBefore(published)) {
            throw new FormatException("would be older than '" + before.title() + "', upon which it follows");
        }
    }

    private static String fixture(Manifest.Entry entry) {
        return ReleaseArchive.fixture(entry.fixtureTypeId(), entry.manufacturer(), entry.name());
    }

    private static Manifest.Entry entry(GdtfFile.Opened opened, Map<String, Manifest.Entry> known, @Nullable ReleaseArchive before,
            Set<String> taken) {
        var type = opened.file().description().type();
        var identity = FixtureIdentity.of(type, "");
        var id = type.fixtureTypeId().strip();
        var last = known.get(ReleaseArchive.fixture(id, identity.manufacturer(), identity.name()));
        var sha = ReleaseArchive.sha256(opened);
        var change = last == null || before == null ? ProfileChange.fresh(type)
                : last.sha256().equals(sha) ? ProfileChange.same()
                        : ProfileChange.between(Side.of(before.profile(last).file()), Side.of(opened.file()));
        int revision = last == null ? FIRST : last.revision() + (change.kind() == ProfileChange.Kind.SAME ? 0 : 1);
        return new Manifest.Entry("profiles/" + FileNames.free(FileNames.of(type, revision), taken), sha, identity.manufacturer(),
                identity.name(), id, revision, last == null ? "" : last.firmware(), change.kind(), change.worst(), change.proposedNote());
    }
}
