package yellowkite.server.library;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.library.Found.Left;
import yellowkite.core.library.Found.Section;
import yellowkite.core.library.Shelf;
import yellowkite.server.revisions.ModeSummary;

/**
 * A piece of what was found in the library, in order.
 *
 * @param total how many profiles there are in all; {@code found} of them are those looked for
 * @param sections what stands together, by index
 * @param profiles those from the index that was asked for
 */
record LibraryView(int total, int found, List<Section> sections, Left left, List<Profile> profiles) {

    /** What a production puts into a fixture. @param origin the profile that it derives from, and {@code revision} of that */
    record ListedProduction(String production, String origin, int revision) {}

    /**
     * @param revision its newest; 0 if it was never published
     * @param picture address of the fixture's picture, small; null without one
     * @param draftBy who opened the draft that is under way; null if there is none
     * @param productionVersion null unless the profile is one
     * @param modes the first ones of {@code modeCount}
     * @param missing what of the search it does not fit, in words
     */
    record Profile(String id, String manufacturer, String name, Shelf shelf, int revision, int errors, int warnings,
            @Nullable String picture, @Nullable String draftBy,
            @Nullable ListedProduction productionVersion, List<ModeSummary> modes, int modeCount,
            List<String> missing) {}
}
