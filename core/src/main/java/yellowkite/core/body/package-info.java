/** The body of a fixture: its parts, and what channels act on them. */
@NullMarked
package yellowkite.core.body;

import org.jspecify.annotations.NullMarked;
