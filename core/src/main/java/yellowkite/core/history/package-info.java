/**
 * Documents that change by data, whatever they are. {@link yellowkite.core.history.Change} is the contract of an edit;
 * {@link yellowkite.core.history.History} keeps edits with undo and redo; {@link yellowkite.core.history.Undoing} says which of them an
 * undo takes back, and {@link yellowkite.core.history.Meanwhile} whether two people's edits stand beside each other.
 */
@NullMarked
package yellowkite.core.history;

import org.jspecify.annotations.NullMarked;
