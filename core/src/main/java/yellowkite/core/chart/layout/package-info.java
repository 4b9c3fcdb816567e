/** How a chart is laid out: which column holds what, which rows belong to a channel, and which values each row is about. */
@NullMarked
package yellowkite.core.chart.layout;

import org.jspecify.annotations.NullMarked;
