/**
 * A small library of another house, simulated: what the exchange with neighbours is tried and tested against. It keeps what it holds in
 * memory, and listens on this machine alone. The interface is described in docs/neighbour-api.md.
 *
 * <p>
 * Read {@link yellowkite.neighbour.Neighbour}, then {@link yellowkite.neighbour.HeldProfile} and
 * {@link yellowkite.neighbour.NeighbourLibrary}.
 */
@NullMarked
package yellowkite.neighbour;

import org.jspecify.annotations.NullMarked;
