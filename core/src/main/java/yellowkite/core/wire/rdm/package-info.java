/** Remote device management: what fixtures say of themselves, and let be set. Source: ANSI E1.20. */
@NullMarked
package yellowkite.core.wire.rdm;

import org.jspecify.annotations.NullMarked;
