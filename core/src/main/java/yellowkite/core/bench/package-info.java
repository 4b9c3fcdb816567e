/**
 * Where a profile is proven against a fixture. {@link yellowkite.core.bench.Walk} makes the steps from a mode;
 * {@link yellowkite.core.bench.Instruments} says what a meter and a camera would see where a fixture obeys its profile, which is a
 * {@link yellowkite.core.bench.Seen} for each; {@link yellowkite.core.bench.Reading} is one thing in it that a step looks at.
 * {@link yellowkite.core.bench.Flaw} is one way in which a fixture differs, {@link yellowkite.core.bench.Obeying} a fixture that differs
 * so, and {@link yellowkite.core.bench.Causes} the fewest flaws that explain what was seen. {@link yellowkite.core.bench.Proof} goes
 * through a walk with a fixture at hand.
 */
@NullMarked
package yellowkite.core.bench;

import org.jspecify.annotations.NullMarked;
