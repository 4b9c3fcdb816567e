/**
 * What holds for a collection of profiles. Read {@link yellowkite.core.library.Synopsis} (what a list knows of a revision),
 * {@link yellowkite.core.library.Card} (a profile as it lies in the library), {@link yellowkite.core.library.LibraryQuery} and
 * {@link yellowkite.core.library.Narrowing} (what is looked for), and then {@link yellowkite.core.library.LibraryIndex} (how it is found)
 * with {@link yellowkite.core.library.Found}. Beside them: names that are nearly the same ({@link yellowkite.core.library.NearNames}),
 * facts of manufacturers, placeholders.
 */
@NullMarked
package yellowkite.core.library;

import org.jspecify.annotations.NullMarked;
