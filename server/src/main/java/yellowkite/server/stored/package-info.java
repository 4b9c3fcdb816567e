/**
 * What is kept as JSON, with a version: {@link yellowkite.server.stored.StoredForm} writes the newest one and reads every one there ever
 * was, {@link yellowkite.server.stored.StoredForms} has one for each thing that is kept. Nothing here is what the page sends.
 */
@NullMarked
package yellowkite.server.stored;

import org.jspecify.annotations.NullMarked;
