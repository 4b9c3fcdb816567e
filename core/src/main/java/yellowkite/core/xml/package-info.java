/**
 * XML read and written without loss, for formats whose records know only part of what a file may hold. {@link yellowkite.core.xml.XmlText}
 * bounds and parses, {@link yellowkite.core.xml.ElementReader} and {@link yellowkite.core.xml.ElementWriter} carry one element to its
 * record and back, {@link yellowkite.core.xml.Source} keeps what the record has no place for, {@link yellowkite.core.xml.TextForm} is how
 * one value is written, {@link yellowkite.core.xml.XmlPrinter} prints.
 */
@NullMarked
package yellowkite.core.xml;

import org.jspecify.annotations.NullMarked;
