/** Curves: how DMX becomes output. {@link yellowkite.core.curve.Curve} computes what a GDTF {@code DMXProfile} says. */
@NullMarked
package yellowkite.core.curve;

import org.jspecify.annotations.NullMarked;
