/** Colour: from CIE to the screen. {@link yellowkite.core.colour.Srgb}. */
@NullMarked
package yellowkite.core.colour;

import org.jspecify.annotations.NullMarked;
