/** Streaming ACN: universes over the network. Source: ANSI E1.31. */
@NullMarked
package yellowkite.core.wire.sacn;

import org.jspecify.annotations.NullMarked;
