/** Channels with their functions that the house keeps, to be laid onto channels of any profile. */
@NullMarked
package yellowkite.server.stencils;

import org.jspecify.annotations.NullMarked;
