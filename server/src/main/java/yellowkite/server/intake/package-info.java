/** Files that come in. */
@NullMarked
package yellowkite.server.intake;

import org.jspecify.annotations.NullMarked;
