/** What the words of a chart mean: attributes, functions, physical ends, wheels. Whatever is not sure says so. */
@NullMarked
package yellowkite.core.chart.meaning;

import org.jspecify.annotations.NullMarked;
