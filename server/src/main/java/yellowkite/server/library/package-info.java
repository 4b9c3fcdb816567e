/** Lists and search. */
@NullMarked
package yellowkite.server.library;

import org.jspecify.annotations.NullMarked;
