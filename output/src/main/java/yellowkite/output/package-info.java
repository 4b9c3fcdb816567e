/**
 * What sends. {@link yellowkite.output.Socket} is a UDP port of ours, {@link yellowkite.output.Line} where a universe goes to, and
 * {@link yellowkite.output.FixtureOnTheWire} a fixture that is driven and looked at.
 */
@NullMarked
package yellowkite.output;

import org.jspecify.annotations.NullMarked;
