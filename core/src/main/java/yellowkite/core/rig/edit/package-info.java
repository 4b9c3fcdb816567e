/**
 * Every change to a rig, as data: {@link yellowkite.core.rig.edit.RigEdit} is the family, the records are the edits, each named by its
 * verb. {@link yellowkite.core.rig.edit.Cures} says how a collision is resolved, {@link yellowkite.core.rig.edit.AddLine} reads what
 * somebody types to add units, and {@link yellowkite.core.rig.edit.RigPlaces} where two rigs differ.
 */
@NullMarked
package yellowkite.core.rig.edit;

import org.jspecify.annotations.NullMarked;
