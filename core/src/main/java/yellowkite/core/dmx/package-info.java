/**
 * From DMX to meaning: where channels stand, which values belong to which function and named range, and what a value does.
 *
 * <p>
 * {@link yellowkite.core.dmx.CompiledMode} is the way in: a mode with all of the following, each worked out once. Reading order: {@code
 * BodyMap} (where each part of the body stands), {@link yellowkite.core.dmx.AddressMap} (channels with their cells expanded, footprint,
 * overlaps, gaps), {@link yellowkite.core.dmx.PlacedChannel}, {@link yellowkite.core.dmx.Spans} (what of a channel's values belongs to
 * what), {@link yellowkite.core.dmx.Resolver} (raw values to {@link yellowkite.core.dmx.Meaning}), {@link yellowkite.core.dmx.Probe} and
 * {@link yellowkite.core.dmx.Readout} (values that somebody looks at, and what is said of them), {@link yellowkite.core.dmx.Wanted} (the
 * way back), {@link yellowkite.core.dmx.LightPlaces} (what acts upon which place that shines), {@link yellowkite.core.dmx.Tail} (a mode as
 * a row of pennants).
 */
@NullMarked
package yellowkite.core.dmx;

import org.jspecify.annotations.NullMarked;
