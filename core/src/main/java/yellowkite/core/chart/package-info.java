/**
 * What a maker's chart says: {@link yellowkite.core.chart.ChartWords} reads channels from its words,
 * {@link yellowkite.core.chart.ChartTable} from its rows, {@link yellowkite.core.chart.RangeTable} named ranges from theirs.
 */
@NullMarked
package yellowkite.core.chart;

import org.jspecify.annotations.NullMarked;
