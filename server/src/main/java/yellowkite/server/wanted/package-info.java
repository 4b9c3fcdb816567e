/** The wanted list: profiles that colleagues have asked for, and what they are written from. */
@NullMarked
package yellowkite.server.wanted;

import org.jspecify.annotations.NullMarked;
