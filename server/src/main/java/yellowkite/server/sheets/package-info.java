/** Modes to read, on the screen, on paper and as tables. */
@NullMarked
package yellowkite.server.sheets;

import org.jspecify.annotations.NullMarked;
