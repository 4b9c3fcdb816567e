/**
 * What files are made of, kept once by its hash: {@link yellowkite.server.content.ContentStore} keeps and gives it,
 * {@link yellowkite.server.content.Leftovers} removes what nothing refers to any more.
 */
@NullMarked
package yellowkite.server.content;

import org.jspecify.annotations.NullMarked;
