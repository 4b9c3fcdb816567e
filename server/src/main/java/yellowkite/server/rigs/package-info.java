/**
 * Rigs: {@link yellowkite.server.rigs.Rigs} reads them, {@link yellowkite.server.rigs.Rigging} changes them,
 * {@link yellowkite.server.rigs.RigFixtures} finds the modes that units can be, {@link yellowkite.server.rigs.RigShaper} makes what a page
 * shows.
 */
@NullMarked
package yellowkite.server.rigs;

import org.jspecify.annotations.NullMarked;
