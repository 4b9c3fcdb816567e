/**
 * The document: one immutable tree of records in the shape of the GDTF standard, with the standard's words.
 *
 * <p>
 * Reading order: {@link yellowkite.core.profile.FixtureType} (the root), {@link yellowkite.core.profile.Mode},
 * {@link yellowkite.core.profile.Channel}, {@link yellowkite.core.profile.LogicalChannel}, {@link yellowkite.core.profile.ChannelFunction},
 * {@link yellowkite.core.profile.NamedRange}; then {@link yellowkite.core.profile.Geometry} and {@link yellowkite.core.profile.Wheel}; then
 * the values ({@link yellowkite.core.profile.DmxValue}, {@link yellowkite.core.profile.ColorCie}); last {@link yellowkite.core.xml.Source},
 * which carries along what a file holds and the document has no place for.
 *
 * <p>
 * Whatever an edit can point at has an {@code id}: a number that is unique in the document, given by the reader in document order and never
 * used again. Links between nodes stay the texts that the standard defines.
 */
@NullMarked
package yellowkite.core.profile;

import org.jspecify.annotations.NullMarked;
