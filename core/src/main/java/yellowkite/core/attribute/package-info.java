/**
 * The standard's list of attributes: names, features, units, usual ranges, and the words that technicians use for them.
 *
 * <p>
 * Reading order: {@link yellowkite.core.attribute.StandardAttribute} (one line of the list), {@link yellowkite.core.attribute.Catalogue}
 * (the list: found by name, searched by words, and brought into a profile).
 */
@NullMarked
package yellowkite.core.attribute;

import org.jspecify.annotations.NullMarked;
