/**
 * What happened to documents that change by data, as it is stored: {@link yellowkite.server.history.StoredStep} is one row, and
 * {@link yellowkite.server.history.Replay} makes the history of rows.
 */
@NullMarked
package yellowkite.server.history;

import org.jspecify.annotations.NullMarked;
