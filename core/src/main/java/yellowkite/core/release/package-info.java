/**
 * Releases: dated sets of revisions. What one does to a profile ({@link yellowkite.core.release.ProfileChange}) and in which order that is
 * told; its list ({@link yellowkite.core.release.Manifest}, as a file {@link yellowkite.core.release.ManifestText}); its archive
 * ({@link yellowkite.core.release.ReleaseArchive}); and how one is made of files ({@link yellowkite.core.release.NewRelease}).
 */
@NullMarked
package yellowkite.core.release;

import org.jspecify.annotations.NullMarked;
