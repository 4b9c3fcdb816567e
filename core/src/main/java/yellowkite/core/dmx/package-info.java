/**
 * From DMX to meaning: where channels stand, which values belong to which function and named range, and what a value
 * does.
 *
 * <p>Reading order: {@link yellowkite.core.dmx.AddressMap} (channels with their cells expanded, footprint, overlaps,
 * gaps), {@link yellowkite.core.dmx.PlacedChannel}, {@link yellowkite.core.dmx.Spans} (what of a channel's values belongs
 * to what), {@link yellowkite.core.dmx.Resolver} (raw values to {@link yellowkite.core.dmx.Meaning}),
 * {@link yellowkite.core.dmx.Tail} (a mode as a row of pennants).
 */
@NullMarked
package yellowkite.core.dmx;

import org.jspecify.annotations.NullMarked;
