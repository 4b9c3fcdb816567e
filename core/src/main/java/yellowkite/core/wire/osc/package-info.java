/** Open Sound Control: what controllers send. Source: OSC 1.0. */
@NullMarked
package yellowkite.core.wire.osc;

import org.jspecify.annotations.NullMarked;
