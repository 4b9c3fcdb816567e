package yellowkite.server.intake;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import yellowkite.core.check.Finding;
import yellowkite.core.compare.Rank;
import yellowkite.core.dmx.CompiledType;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.release.ProfileChange;
import yellowkite.server.revisions.ModeSummary;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.web.FindingView;

/**
 * What became of one file.
 *
 * @param refused why it did not come in; null if it did, or waits
 * @param accepted what came in; null if nothing did
 * @param question what has to be decided before it comes in; null if nothing has
 */
record IntakeResult(String file, @Nullable String refused, @Nullable Accepted accepted,
        @Nullable Question question) {

    static IntakeResult refused(String file, String why) {
        return new IntakeResult(file, why, null, null);
    }

    /** {@return the same without modes and problems, of which nobody looks at thousands} */
    IntakeResult brief() {
        return accepted == null ? this
                : new IntakeResult(file, null, new Accepted(accepted.profileId(), accepted.name(), accepted.manufacturer(),
                        accepted.revision(), accepted.isNew(), List.of(), List.of()), null);
    }

    /** What to do with a file that says of itself that it is a profile which the library has with other content. */
    enum Same {
        ASK, NEXT, OWN
    }

    /**
     * The library has this profile with other content; nothing was stored.
     *
     * @param revision its newest. @param counts how many differences there are of each rank. @param says the first of them, the worst first
     */
    record Question(String profileId, String name, String manufacturer, int revision, Map<Rank, Long> counts, List<String> says) {
        static Question of(StoredRevision newest, FixtureType type, ProfileChange change) {
            return new Question(newest.profileId(), type.name(), type.manufacturer(), newest.number(), change.counts(), change.says());
        }
    }

    /**
     * @param isNew false if the library held this very file already
     * @param problems what is wrong with it, the worst first
     */
    record Accepted(String profileId, String name, String manufacturer, int revision, boolean isNew, List<ModeSummary> modes,
            List<FindingView> problems) {

        static Accepted of(CompiledType compiled, String name, String manufacturer, StoredRevision revision, boolean isNew,
                List<Finding> findings) {
            var modes = compiled.modes().stream().map(ModeSummary::of).toList();
            return new Accepted(revision.profileId(), name, manufacturer, revision.number(), isNew, modes,
                    findings.stream().map(FindingView::of).toList());
        }
    }
}
