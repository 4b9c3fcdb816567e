/** What instruments say, as JSON: a real camera or meter may speak it as the simulated fixture does. The interface: docs/telemetry.md. */
@NullMarked
package yellowkite.core.bench.telemetry;

import org.jspecify.annotations.NullMarked;
