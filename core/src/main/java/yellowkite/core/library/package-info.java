/** What holds for a collection of profiles: names that are nearly the same ({@link yellowkite.core.library.NearNames}). */
@NullMarked
package yellowkite.core.library;

import org.jspecify.annotations.NullMarked;
