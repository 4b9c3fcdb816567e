/**
 * Writing whole documents as readable source: {@link yellowkite.core.build.ProfileBuilder}. For the demo house, for tests, and for whoever
 * begins a profile in code.
 */
@NullMarked
package yellowkite.core.build;

import org.jspecify.annotations.NullMarked;
