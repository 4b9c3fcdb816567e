/**
 * The core from the command line, without server or database. {@link yellowkite.cli.Kite} reads the call; one class for each verb, with its
 * options.
 */
@NullMarked
package yellowkite.cli;

import org.jspecify.annotations.NullMarked;
