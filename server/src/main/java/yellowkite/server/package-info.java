/**
 * The server: thin around the core. {@link yellowkite.server.KiteServer} starts it; one package for each feature
 * ({@code library}, {@code intake}, {@code drafts}, {@code revisions}), {@code database} for what runs below them,
 * {@code web} for what all answers share.
 */
@NullMarked
package yellowkite.server;

import org.jspecify.annotations.NullMarked;
