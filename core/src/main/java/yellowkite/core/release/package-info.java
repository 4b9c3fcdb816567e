/**
 * Releases: dated sets of revisions. What one does to a profile ({@link yellowkite.core.release.ProfileChange}), and in which order that is
 * told.
 */
@NullMarked
package yellowkite.core.release;

import org.jspecify.annotations.NullMarked;
