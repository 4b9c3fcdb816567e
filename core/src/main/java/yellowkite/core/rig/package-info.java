/**
 * The fixtures of one production. {@link yellowkite.core.rig.Rig} is the document: units, each with what it was asked to be
 * ({@link yellowkite.core.rig.Asked}), what was found for it ({@link yellowkite.core.rig.Found}), where it stands in its universes
 * ({@link yellowkite.core.rig.Patch}), and what it does differently ({@link yellowkite.core.rig.Adjustments}).
 * {@link yellowkite.core.rig.Occupancy} knows who holds which addresses and where is room, {@link yellowkite.core.rig.Collisions} who holds
 * the same; {@link yellowkite.core.rig.Numbered} counts ids and names on; {@link yellowkite.core.rig.UnitPath} is the way from a level to
 * DMX, and {@link yellowkite.core.rig.RigLevels} that of all units at once. Edits are in {@code edit}, files in {@code file}.
 */
@NullMarked
package yellowkite.core.rig;

import org.jspecify.annotations.NullMarked;
