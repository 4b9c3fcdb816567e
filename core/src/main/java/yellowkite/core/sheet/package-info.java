/**
 * A mode as a table to read: what a DMX chart says, in words. {@link yellowkite.core.sheet.ModeSheet} is what pages and prints show;
 * {@link yellowkite.core.sheet.SheetRows} is the same, flat.
 */
@NullMarked
package yellowkite.core.sheet;

import org.jspecify.annotations.NullMarked;
