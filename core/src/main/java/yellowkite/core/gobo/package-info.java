/**
 * Gobos: from any picture to one that a wheel can hold. {@link yellowkite.core.gobo.Picture} is pixels, read from files elsewhere;
 * {@link yellowkite.core.gobo.Cut} makes a gobo of it, {@link yellowkite.core.gobo.Metal} says whether a sheet of metal could hold it,
 * {@link yellowkite.core.gobo.Outline} traces it.
 */
@NullMarked
package yellowkite.core.gobo;

import org.jspecify.annotations.NullMarked;
