/**
 * Colour. {@link yellowkite.core.colour.Xyz} and {@link yellowkite.core.colour.Chromaticity} are CIE 1931's;
 * {@link yellowkite.core.colour.Temperature} names whites, {@link yellowkite.core.colour.Srgb} is the screen. What a profile's lights and
 * filters do: {@link yellowkite.core.colour.Emitters}, {@link yellowkite.core.colour.Glasses}. From a wanted colour back to levels:
 * {@link yellowkite.core.colour.Additive}, {@link yellowkite.core.colour.Subtractive}.
 */
@NullMarked
package yellowkite.core.colour;

import org.jspecify.annotations.NullMarked;
