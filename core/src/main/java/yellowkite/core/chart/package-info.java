/**
 * What a maker's chart says: {@link yellowkite.core.chart.ChartWords} reads channels from its words,
 * {@link yellowkite.core.chart.RangeTable} reads named ranges from its rows.
 */
@NullMarked
package yellowkite.core.chart;

import org.jspecify.annotations.NullMarked;
