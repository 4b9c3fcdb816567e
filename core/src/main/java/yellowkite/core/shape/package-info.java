/**
 * Shapes of parts as triangles. Read {@link yellowkite.core.shape.Shape} first, then {@link yellowkite.core.shape.ModelFile} (models of
 * others, read with distrust: {@code .glb} and {@code .3ds}), {@link yellowkite.core.shape.Primitives} (those that the standard names) and
 * {@link yellowkite.core.shape.Views} (flat drawings from above, from the side and from the front). Metres; z is up.
 */
@NullMarked
package yellowkite.core.shape;

import org.jspecify.annotations.NullMarked;
