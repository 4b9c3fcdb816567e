/** The house's gobo shelf: pictures taken in, named, found, and where they are used. */
@NullMarked
package yellowkite.server.gobos;

import org.jspecify.annotations.NullMarked;
