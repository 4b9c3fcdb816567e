/**
 * GDTF files: the archive, its description, and every other entry kept byte for byte.
 *
 * <p>Reading order: {@link yellowkite.core.gdtf.GdtfFile} (read and write a whole file),
 * {@link yellowkite.core.gdtf.GdtfDescription} ({@code description.xml} alone),
 * {@link yellowkite.core.gdtf.FormatException} (why a file is refused). Inside: {@code Archive} bounds and opens the ZIP,
 * {@code XmlText} bounds and parses the XML, {@code ElementReader} and {@code ElementWriter} carry one element to its
 * record and back without loss, {@code TextForm} knows the standard's value types, and the {@code ...Xml} classes hold,
 * element by element, what is read beside what is written.
 */
@NullMarked
package yellowkite.core.gdtf;

import org.jspecify.annotations.NullMarked;
