/**
 * The bench: what goes out, and profiles that are walked on a fixture. {@link yellowkite.server.bench.LiveOutput} starts and watches the
 * process that sends; {@link yellowkite.server.bench.Walks} keeps walks and what was answered.
 */
@NullMarked
package yellowkite.server.bench;

import org.jspecify.annotations.NullMarked;
