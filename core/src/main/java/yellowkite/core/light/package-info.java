/**
 * What the light of a mode looks like, and back. {@link yellowkite.core.light.Light} is what leaves the fixture at given values, place by
 * place; {@code LightPath} is the way through one place; {@link yellowkite.core.light.WantedColour} finds the values that make a wanted
 * colour. The mathematics is in {@link yellowkite.core.colour}.
 */
@NullMarked
package yellowkite.core.light;

import org.jspecify.annotations.NullMarked;
