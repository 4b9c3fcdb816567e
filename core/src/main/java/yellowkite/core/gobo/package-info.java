/**
 * Gobos: from any picture to one that a wheel can hold. {@link yellowkite.core.gobo.PictureFile} reads and writes files under limits,
 * {@link yellowkite.core.gobo.Cut} makes a gobo of a picture, {@link yellowkite.core.gobo.Metal} says whether a sheet of metal
 * could hold it, {@link yellowkite.core.gobo.Outline} traces it.
 */
@NullMarked
package yellowkite.core.gobo;

import org.jspecify.annotations.NullMarked;
