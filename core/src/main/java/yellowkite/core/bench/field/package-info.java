/**
 * A picture laid onto the cells of fixtures: {@link yellowkite.core.bench.field.Field} says where cells stand,
 * {@link yellowkite.core.bench.field.Sampling} which light falls on each, {@link yellowkite.core.bench.field.CellColour} what its channels
 * make of it.
 */
@NullMarked
package yellowkite.core.bench.field;

import org.jspecify.annotations.NullMarked;
