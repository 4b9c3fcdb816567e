package yellowkite.server.library;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.server.revisions.ModeSummary;

/**
 * The library as its page shows it.
 *
 * @param total how many profiles there are in all
 * @param found how many of them are listed
 * @param placeholders profiles that hold a footprint and nothing else: never among the others
 * @param more  whether some that fit are left out, because the list is long
 */
record LibraryView(int total, int found, boolean more, List<Maker> makers, List<Maker> placeholders) {

    record Maker(String name, List<Profile> profiles) {}

    /** What a production puts into a lamp. @param origin the profile that it derives from, and {@code revision} of that */
    record LoadLine(String production, String origin, int revision) {}

    /** @param load null unless the profile is one. @param draftBy who opened the draft that is under way; null if there is none */
    record Profile(String id, String name, int revision, int errors, int warnings, @Nullable @io.swagger.v3.oas.annotations.media.Schema(nullable = true) String draftBy, @Nullable @io.swagger.v3.oas.annotations.media.Schema(nullable = true) LoadLine load, List<ModeSummary> modes) {}
}
