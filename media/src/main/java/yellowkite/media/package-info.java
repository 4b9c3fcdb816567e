/**
 * Pictures as files, decoded under limits; the only room that draws. {@link yellowkite.media.PictureFile} reads and writes them for the
 * core, {@code Drawing} looks through an SVG before anything draws it, {@link yellowkite.media.Thumbnails} makes them small.
 */
@NullMarked
package yellowkite.media;

import org.jspecify.annotations.NullMarked;
