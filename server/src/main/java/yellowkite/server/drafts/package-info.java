/** Profiles being edited: edits, undo, redo, readout, publishing. */
@NullMarked
package yellowkite.server.drafts;

import org.jspecify.annotations.NullMarked;
