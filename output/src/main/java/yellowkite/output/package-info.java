/**
 * What sends. {@link yellowkite.output.Output} is a process of its own: it takes {@link yellowkite.output.Command}s, and a
 * {@link yellowkite.output.Sender} keeps its universes going, to each {@link yellowkite.output.Destination}, for as long as somebody holds
 * the lease. {@link yellowkite.output.FixtureOnTheWire} is one fixture that is driven over a {@link yellowkite.output.Line} and looked at;
 * {@link yellowkite.output.RdmLine} asks and sets what answers RDM.
 */
@NullMarked
package yellowkite.output;

import org.jspecify.annotations.NullMarked;
