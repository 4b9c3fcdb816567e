/**
 * Curves: how DMX becomes output. {@link yellowkite.core.curve.Curve} computes what a GDTF {@code DMXProfile} says. Where curves come from:
 * {@link yellowkite.core.curve.Shelf}, {@link yellowkite.core.curve.OwnPoints}, {@link yellowkite.core.curve.Measured}, all joined by
 * {@link yellowkite.core.curve.Smooth}; {@link yellowkite.core.curve.Inverse} undoes one.
 */
@NullMarked
package yellowkite.core.curve;

import org.jspecify.annotations.NullMarked;
