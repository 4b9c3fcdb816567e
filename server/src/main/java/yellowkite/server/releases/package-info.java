/**
 * Releases: made of what stands on the House shelf ({@link yellowkite.server.releases.ReleaseMaking}), taken in as the Reference shelf
 * ({@link yellowkite.server.releases.ReleaseTaking}). Their archives are the core's.
 */
@NullMarked
package yellowkite.server.releases;

import org.jspecify.annotations.NullMarked;
