/** What the core's work costs, beside a floor measured in the same run. {@link yellowkite.benchmarks.Measure} prints the ratios. */
@NullMarked
package yellowkite.benchmarks;

import org.jspecify.annotations.NullMarked;
