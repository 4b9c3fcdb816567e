/**
 * The server: thin around the core. {@link yellowkite.server.KiteServer} starts it; one package for each feature ({@code library},
 * {@code intake}, {@code drafts}, {@code revisions}, {@code releases} and the others). Below them stand {@code
 * database}, {@code stored} (what the database keeps as JSON, in a form that carries its version) and {@code web} (what all answers share,
 * and who is let in). The rooms form no circle; a test holds them to it.
 */
@NullMarked
package yellowkite.server;

import org.jspecify.annotations.NullMarked;
