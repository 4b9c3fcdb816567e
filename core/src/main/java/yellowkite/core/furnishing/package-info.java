/** What a new house is furnished with: {@link yellowkite.core.furnishing.FirstHouse} is what comes along, or does not. */
@NullMarked
package yellowkite.core.furnishing;

import org.jspecify.annotations.NullMarked;
