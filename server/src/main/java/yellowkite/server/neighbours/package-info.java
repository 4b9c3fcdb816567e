/**
 * Libraries of other houses and of manufacturers, over the network: searched, looked at, taken from, watched. The interface that they speak
 * is described in docs/neighbour-api.md. Whatever one of them answers is held to limits of size and time, and is as hostile as any file.
 *
 * <p>
 * Read {@code NeighbourClient} (what is asked), {@code Neighbours} (who they are), {@code NeighbourTakings} (what is on its way),
 * {@code NeighbourWatching} (what is new).
 */
@NullMarked
package yellowkite.server.neighbours;

import org.jspecify.annotations.NullMarked;
