/** Two profiles beside each other. */
@NullMarked
package yellowkite.server.compare;

import org.jspecify.annotations.NullMarked;
