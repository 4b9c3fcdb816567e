/** Tables for other programs, and theirs: {@link yellowkite.media.table.TableFile} writes CSV and workbooks and reads them. */
@NullMarked
package yellowkite.media.table;

import org.jspecify.annotations.NullMarked;
