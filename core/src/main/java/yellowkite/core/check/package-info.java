/**
 * What exists in a document but is wrong or unwise. One class per rule, each named after the defect; {@link yellowkite.core.check.Checks}
 * lists them and runs them; a {@link yellowkite.core.check.Finding} says what, where and, where there is one, the edit that mends it.
 */
@NullMarked
package yellowkite.core.check;

import org.jspecify.annotations.NullMarked;
