/**
 * {@code ./kite profile ...}: the core from the command line, without server or database. {@link yellowkite.cli.ProfileCommand} reads the
 * call; one class for each verb.
 */
@NullMarked
package yellowkite.cli;

import org.jspecify.annotations.NullMarked;
