/**
 * Releases: made of what stands on the House shelf ({@link yellowkite.server.releases.Gathering}), carried as one archive
 * ({@link yellowkite.server.releases.ReleaseArchive}), taken in as the Reference shelf ({@link yellowkite.server.releases.Arrival}).
 */
@NullMarked
package yellowkite.server.releases;

import org.jspecify.annotations.NullMarked;
