/**
 * GDTF files: the archive, its description, and every other entry kept byte for byte.
 *
 * <p>
 * Reading order: {@link yellowkite.core.gdtf.GdtfFile} (read and write a whole file), {@link yellowkite.core.gdtf.GdtfDescription}
 * ({@code description.xml} alone), {@code GdtfForm} (the standard's value types); the {@code ...Xml} classes hold, element by element, what
 * is read beside what is written. What they stand on: {@link yellowkite.core.archive.Archive} and
 * {@link yellowkite.core.xml.ElementReader}.
 */
@NullMarked
package yellowkite.core.gdtf;

import org.jspecify.annotations.NullMarked;
