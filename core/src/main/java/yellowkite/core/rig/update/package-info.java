/**
 * A newer file laid onto a rig that came from an earlier one: what both sides have changed since.
 *
 * <p>
 * Read {@link yellowkite.core.rig.UnitField}, then {@link yellowkite.core.rig.update.RigUpdate}.
 */
@NullMarked
package yellowkite.core.rig.update;

import org.jspecify.annotations.NullMarked;
