/**
 * ZIP archives from outside, opened under limits. {@link yellowkite.core.archive.Limits} says how much is trusted,
 * {@link yellowkite.core.archive.Budget} counts it over an archive and all archives inside it, {@link yellowkite.core.archive.Archive}
 * opens, unpacks when asked, and writes; {@link yellowkite.core.archive.FormatException} says why a file is refused.
 */
@NullMarked
package yellowkite.core.archive;

import org.jspecify.annotations.NullMarked;
