package yellowkite.server.compare;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.archive.FormatException;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Finding;
import yellowkite.core.compare.Comparison;
import yellowkite.core.dmx.CompiledType;
import yellowkite.core.gdtf.FileLimits;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.core.library.Shelf;
import yellowkite.server.library.ProfileRepository;
import yellowkite.server.revisions.ModeSummary;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.web.FindingView;

/** A file that is looked at before it is taken: nothing of it is stored. */
@Service
public class Looking {
    private static final int AT_ONCE = 3;
    private final Semaphore opening = new Semaphore(AT_ONCE, true);
    private final ProfileRepository profiles;
    private final RevisionRepository revisionRows;
    private final RevisionReader reader;
    private final Sides sides;

    Looking(ProfileRepository profiles, RevisionRepository revisionRows, RevisionReader reader, Sides sides) {
        this.profiles = profiles;
        this.revisionRows = revisionRows;
        this.reader = reader;
        this.sides = sides;
    }

    /** What the House shelf has for it: the same id, else manufacturer and model. @param same whether it holds this very file */
    public record Ours(String profileId, String manufacturer, String name, int revision, boolean same) {}

    /**
     * @param problems what the checks find, the worst first
     * @param ours null if the House shelf has nothing for it. @param comparison of ours with it; null without one
     */
    public record LookView(String file, String manufacturer, String model, String description, List<ModeSummary> modes,
            List<FindingView> problems, @Nullable Ours ours, @Nullable ComparisonView comparison) {}

    /** {@return what is in a file} @param name as it is called @throws FormatException if it is refused */
    public LookView look(String name, byte[] bytes) {
        opening.acquireUninterruptibly();
        try {
            return lookOpened(name, bytes);
        } finally {
            opening.release();
        }
    }

    private LookView lookOpened(String name, byte[] bytes) {
        var opened = GdtfFile.open(bytes);
        var type = opened.file().description().type();
        FileLimits.require(type);
        var compiled = CompiledType.of(type);
        var fixture = FixtureIdentity.of(type, name);
        var newest = profiles.find(Shelf.HOUSE, "", fixture).flatMap(profile -> revisionRows.findNewest(profile.id()));
        var ours = newest.map(revision -> {
            var own = reader.description(revision).type();
            return new Ours(revision.profileId(), own.manufacturer(), own.name(), revision.number(),
                    reader.findSame(revision.profileId(), opened.descriptionBytes(), opened.file().others()).isPresent());
        });
        var comparison = newest.map(revision -> {
            var left = sides.stored(revision);
            var right = sides.dropped(name, opened.file());
            return Sides.view(left, right, Comparison.of(left.side(), right.side()));
        });
        return new LookView(name, fixture.manufacturer(), fixture.name(), Optional.ofNullable(type.description()).orElse(""),
                compiled.modes().stream().map(ModeSummary::of).toList(), Checks.of(opened.file(), compiled)
                    .stream()
                    .sorted(Comparator.comparing(Finding::severity))
                    .map(FindingView::of)
                    .toList(),
                ours.orElse(null), comparison.orElse(null));
    }
}
