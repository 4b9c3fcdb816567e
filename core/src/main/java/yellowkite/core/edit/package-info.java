/**
 * Every change to a profile, as data. {@link yellowkite.core.edit.Edit} is the family, a {@link yellowkite.core.history.Change}; the
 * records are the edits, each named by its verb. Inside: {@code Located} finds what an id points at with all that encloses it,
 * {@code Names} knows what may be a name, {@code Relink} lets links follow what they lead to when its name changes.
 */
@NullMarked
package yellowkite.core.edit;

import org.jspecify.annotations.NullMarked;
